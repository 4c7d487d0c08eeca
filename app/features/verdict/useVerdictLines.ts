import { type Assessment, countInWords, type Finding, type Remedy } from '@juxtachrome/core/choosing'
import type { Palette } from '@juxtachrome/core/documents'
import { counted } from '@juxtachrome/core/units'
import { computed, type Component } from 'vue'
import { usePaletteCommands } from '~/features/palettes'
import { paintToken } from '~/shared/said/paintTokens'
import { usePreferences } from '~/stores/preferences'
import BringsList from './BringsList.vue'
import GreysList from './GreysList.vue'
import HandlingTable from './HandlingTable.vue'
import LeftList from './LeftList.vue'
import MisfitsList from './MisfitsList.vue'
import ValueScale from './ValueScale.vue'
import * as say from './words'

export interface LineAct {
  label: string
  /** What a reader hears where the label alone would not tell it apart. */
  heard?: string
  isMain?: boolean
  run: () => unknown
}
/** One finding: a sentence with paints as tokens, what can be done, what stands behind it. */
export interface VerdictLineSaid {
  key: string
  text: string
  weighty?: boolean
  acts?: LineAct[]
  figures?: string
  /** What opens below it, and under which words. */
  behind?: { is: Component; given: Record<string, unknown>; words: string }
}

interface Given {
  palette: Palette
  findings: Finding[]
  verdict?: Assessment
  room: boolean
}
interface Acts {
  act: (remedy: Remedy) => void
  put: (paintIds: string[]) => void
  byBrings: () => void
}

/** The findings of a verdict as lines, in the order in which a painter asks: what contradicts, what is missing, what could go, how it mixes and handles. */
export function useVerdictLines(given: Readonly<Given>, { act, put, byBrings }: Acts) {
  const commands = usePaletteCommands()
  const preferences = usePreferences()
  const v = computed(() => given.verdict)
  const placeOf = (paintId: string) => v.value?.brings?.find((b) => b.paintId === paintId)?.placeId
  const show = (placeId: string | undefined) =>
    placeId && act({ kind: 'show-place', placeId, words: `Show ${placeId}` })
  const setWithout = (without: string[], words: string) =>
    commands.setBrief(given.palette.id, { ...given.palette.brief, without }, words)
  const withouts = computed(() => given.palette.brief?.without ?? [])

  const found = (findings: Finding[]): VerdictLineSaid[] =>
    findings.map((f) => ({
      key: f.code + f.message,
      text: f.message,
      weighty: f.weight === 'in the way',
      ...(f.remedy ? { acts: [{ label: f.remedy.words, run: () => act(f.remedy!) }] } : {}),
    }))
  const conflicts = (a: Assessment): VerdictLineSaid[] =>
    a.conflicts.map((c) => ({
      key: c.message,
      text: c.message,
      weighty: true,
      acts: c.relax.map((r) => ({
        label: r.words,
        run: () => commands.setBrief(given.palette.id, r.brief, r.words.toLowerCase()),
      })),
    }))
  const miscounted = (a: Assessment): VerdictLineSaid[] =>
    a.counts.map((missed) => ({
      key: countInWords(missed.count),
      text: say.countMissedInWords(missed, paintToken),
    }))
  const gaps = (a: Assessment): VerdictLineSaid[] =>
    (a.gaps ?? [])
      .filter((g) => !g.quiet)
      .map((gap) => {
        const closing = gap.remedy ? [gap.remedy.paintId, ...(gap.also ? [gap.also] : [])] : []
        return {
          key: `gap ${gap.kind}`,
          text: say.gapInWords(gap, paintToken),
          figures: say.gapInFigures(gap),
          acts: [
            ...(closing.length && given.room ? [{ label: 'Try it', isMain: true, run: () => put(closing) }] : []),
            {
              label: 'I do without',
              heard: `I do without: ${gap.kind}`,
              run: () => setWithout([...withouts.value, gap.kind], `does without: ${gap.kind}`),
            },
          ],
        }
      })
  const quietGaps = (a: Assessment): VerdictLineSaid[] =>
    say.quietGapsInWords(a.gaps ?? []).map(({ why, kinds, words }) => ({
      key: why,
      text: words,
      acts:
        why === 'without'
          ? kinds.map((kind) => ({
              label: `Miss ${kind} again`,
              run: () =>
                setWithout(
                  withouts.value.filter((k) => k !== kind),
                  `misses again: ${kind}`,
                ),
            }))
          : [],
    }))
  const tooMuch = (a: Assessment): VerdictLineSaid[] => [
    ...(a.twins ?? []).map((t) => ({
      key: t.placeIds.join(),
      text: say.twinsInWords(t, paintToken),
      figures: say.twinsInFigures(t),
      acts: [{ label: `Show ${t.placeIds[1]}`, run: () => show(t.placeIds[1]) }],
    })),
    ...(a.crowds ?? []).map((c) => ({
      key: `crowd ${c.family}`,
      text: say.crowdInWords(c, a.planned, paintToken),
      acts: c.out.flatMap((id) => {
        const placeId = placeOf(id)
        return placeId ? [{ label: `Show ${placeId}`, run: () => show(placeId) }] : []
      }),
    })),
  ]
  /** Of what the others mix one is named at once. */
  const spares = (a: Assessment): VerdictLineSaid[] =>
    (a.spares ?? []).map((s) => ({
      key: `spare ${s.placeId}`,
      text: say.spareInWords(s, paintToken),
      figures: say.spareInFigures(s),
      acts: [{ label: `Show ${s.placeId}`, run: () => show(s.placeId) }],
    }))
  const worth = (a: Assessment): VerdictLineSaid[] =>
    a.brings?.length
      ? [
          {
            key: 'brings',
            text: say.bringsInWords(a, paintToken),
            behind: { is: BringsList, given: { brings: a.brings, show }, words: 'what each place brings' },
            ...(a.gains ? { acts: [{ label: 'Order the drawer by what each would bring', run: byBrings }] } : {}),
          },
        ]
      : []
  const mixing = (a: Assessment): VerdictLineSaid[] => [
    ...(a.neutrals && a.planned > 1
      ? [
          {
            key: 'greys',
            text: say.neutralsInWords(a, paintToken),
            behind: { is: GreysList, given: { neutrals: a.neutrals }, words: 'all greys' },
          },
        ]
      : []),
    ...(a.values?.alone
      ? [
          {
            key: 'values',
            text: say.valuesInWords(a, paintToken),
            figures: say.valuesInFigures(a),
            behind: { is: ValueScale, given: { values: a.values }, words: 'the values of its paints' },
          },
        ]
      : []),
  ]
  const rest = (a: Assessment): VerdictLineSaid[] => {
    const misfits = a.misfits.filter((m) => m.fit.word !== 'not sure')
    return [
      ...(misfits.length
        ? [
            {
              key: 'misfits',
              text: `${counted(misfits.length, 'paint')} against what you wish for.`,
              behind: { is: MisfitsList, given: { misfits, show }, words: 'which, and why' },
            },
          ]
        : []),
      ...(a.handling && a.planned
        ? [
            {
              key: 'handling',
              text: 'How it handles and keeps.',
              behind: {
                is: HandlingTable,
                given: { palette: given.palette, handling: a.handling },
                words: 'light, lifting, grain, caution, cost',
              },
            },
          ]
        : []),
      ...(a.planned ? [{ key: 'sure', text: say.surenessInWords(a) }] : []),
      ...(a.left.length
        ? [
            {
              key: 'left',
              text: `${counted(a.left.length, 'paint')} left out of what is predicted.`,
              behind: { is: LeftList, given: { left: a.left }, words: 'which, and why' },
            },
          ]
        : []),
    ]
  }

  return computed((): VerdictLineSaid[] => {
    const a = v.value
    const pressing = found(given.findings.filter((f) => f.weight !== 'note'))
    const notes = found(given.findings.filter((f) => f.weight === 'note'))
    const lines = a
      ? [
          ...conflicts(a),
          ...pressing,
          ...miscounted(a),
          ...gaps(a),
          ...tooMuch(a),
          ...spares(a).slice(0, 1),
          ...mixing(a),
          ...spares(a).slice(1),
          ...worth(a),
          ...rest(a),
          ...quietGaps(a),
        ]
      : pressing
    return [...lines, ...notes].map((line) => ({ ...line, figures: preferences.figures ? line.figures : undefined }))
  })
}
