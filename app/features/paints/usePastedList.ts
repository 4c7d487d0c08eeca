import { variantAsked } from '@juxtachrome/core/pigments'
import type { Paint } from '@juxtachrome/core/documents'
import { alikeAmong, ownedAmong, type OwnedMeans, type PaintRow } from '@juxtachrome/core/paints'
import type { ListPaints } from '@juxtachrome/core/formats'
import { watchDebounced } from '@vueuse/core'
import { counted } from '@juxtachrome/core/units'
import { computed, reactive, ref, shallowRef, watch } from 'vue'
import { usePaintCommands } from './commands'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useSettings } from '~/stores/settings'
import { useUnsaved } from '~/stores/unsaved'
import { asSentence } from '~/shared/words/asSentence'
import { correctedRow, questionsOf, textOf, withVariant } from './correctedRow'
import { inTradeSpelling } from './words'
import { useCore } from '~/shared/questions/useCore'

/** What of a row can be corrected where it stands. */
export const LIST_FIELDS = ['name', 'maker', 'codes', 'millilitres', 'count'] as const
export type ListField = (typeof LIST_FIELDS)[number]

/** A pasted list on its way in: taken apart in a worker, corrected row by row, taken in as one step. */
export function usePastedList(start: string) {
  const core = useCore()
  const collection = useCollection()
  const commands = usePaintCommands()
  const settings = useSettings()
  const text = ref(start)
  const found = shallowRef<ListPaints>({ paints: [], skipped: [] })
  const busy = ref('')
  const trouble = ref('')
  /** Corrections by line, and what is left out. */
  const corrections = reactive(new Map<number, Partial<Record<ListField, string>>>())
  const leftOut = reactive(new Set<number>())
  /** Which colour of its code a line's paint has, where that was asked and answered. */
  const variants = reactive(new Map<number, string>())
  /** Names that were said to be makers. */
  const saidMakers = reactive(new Set<string>())
  const means = ref<OwnedMeans>('another')
  useUnsaved().watchOver('the list', () => text.value.trim() !== '')

  async function read() {
    trouble.value = ''
    if (!text.value.trim()) {
      found.value = { paints: [], skipped: [] }
      return
    }
    busy.value = 'Taking it apart …'
    const asked = core.ask(
      'readList',
      { text: text.value, makers: [...collection.makers, ...saidMakers], money: settings.money },
      { topic: 'list', progress: ({ done, of }) => (busy.value = `Taking it apart: ${done} of ${of}`) },
    )
    const result = await asked.result
    if (!result.ok && result.error.code === 'replaced') return
    busy.value = ''
    if (result.ok) found.value = result.value
    else trouble.value = result.error.message
  }
  watchDebounced(text, read, { debounce: 150, immediate: true })
  watch(text, () => {
    corrections.clear()
    leftOut.clear()
    variants.clear()
  })
  watch(saidMakers, () => void read())

  const rows = computed(() =>
    found.value.paints.map((p) => {
      const own = corrections.get(p.line)
      const shown = Object.fromEntries(LIST_FIELDS.map((f) => [f, textOf(p.row, f, own)])) as Record<ListField, string>
      const { row, problem } = correctedRow(p.row, own ?? {}, settings.money)
      const ask = variantAsked(row)
      const answer = ask && variants.get(p.line)
      const spelling = own?.name === undefined ? (p.spelling ?? []) : []
      return {
        line: p.line,
        shown,
        row: withVariant(row, answer),
        doubts: doubtsOf(p, row),
        problem,
        ask,
        answer,
        spelling,
        better: spelling.length ? inTradeSpelling(row.name, spelling) : '',
      }
    }),
  )
  function doubtsOf(p: ListPaints['paints'][number], row: PaintRow): string[] {
    const questions = questionsOf(row)
    const left = p.unread.length ? [`Left over, kept in its note: ${p.unread.join('; ')}.`] : []
    return [...new Set([...questions, ...p.doubts, ...left])]
  }

  const owned = computed(() =>
    ownedAmong(
      rows.value.map((r) => r.row),
      collection.paints,
    ),
  )
  /** A paint that is owned and may be the one of a row, under another writing: asked in the row. */
  const among = computed(() => alikeAmong(collection.paints))
  const alike = computed(() => rows.value.map(({ row }, i) => (owned.value[i] ? undefined : among.value(row))))
  function takeAlike(line: number, { name, maker }: Paint) {
    correct(line, 'name', name)
    correct(line, 'maker', maker)
  }
  /** Another formula, or another paint, may hide behind a name that is owned: its codes, where they differ. */
  const otherCodes = computed(() =>
    rows.value.map(({ row }, i) => {
      const own = owned.value[i]?.pigments.join(' ') ?? ''
      return own && row.pigments.length && own !== row.pigments.join(' ') ? own : ''
    }),
  )
  /** Names that may be makers, with how many lines hold them; said ones stay, so that they can be taken back. */
  const makers = computed(() => {
    const counts = new Map<string, number>([...saidMakers].map((m) => [m, 0]))
    for (const { maybeMaker, row } of found.value.paints) {
      if (maybeMaker) counts.set(maybeMaker, (counts.get(maybeMaker) ?? 0) + 1)
      else if (saidMakers.has(row.maker)) counts.set(row.maker, (counts.get(row.maker) ?? 0) + 1)
    }
    return [...counts].map(([name, lines]) => ({ name, lines })).sort((p, q) => q.lines - p.lines)
  })
  const wanted = computed(() => rows.value.filter((r) => !leftOut.has(r.line) && !r.problem))
  const refused = computed(() => rows.value.filter((r) => r.problem && !leftOut.has(r.line)).length)

  function correct(line: number, field: ListField, value: string) {
    corrections.set(line, { ...corrections.get(line), [field]: value })
  }

  /** Takes the trade's spelling for every name of which a word was read for another. */
  function correctSpellings() {
    for (const { line, better } of rows.value) if (better) correct(line, 'name', better)
  }

  async function take(): Promise<boolean> {
    const list = wanted.value
    busy.value = 'Taking them in …'
    const label = `added ${counted(list.length, 'paint')} from a list`
    const done = await commands.addManyRows(
      list.map((r) => r.row),
      label,
      [],
      { progress: (at, of) => (busy.value = `Taking them in: ${at} of ${of}`) },
      () => means.value,
    )
    busy.value = ''
    if (!done.ok) trouble.value = done.error.message
    else useNotices().say(`${asSentence(label)} Undo takes them out again.`)
    return done.ok
  }

  return {
    text,
    found,
    rows,
    owned,
    alike,
    takeAlike,
    otherCodes,
    makers,
    saidMakers,
    means,
    leftOut,
    wanted,
    refused,
    busy,
    trouble,
    correct,
    correctSpellings,
    variants,
    take,
  }
}
