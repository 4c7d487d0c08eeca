import {
  type TargetChoice,
  added,
  type Guide,
  type GuideCall,
  type GuideState,
  type Palette,
  planAt,
  removed,
} from '@juxtachrome/core/documents'
import { freePlaces, placePaint, reservePlace } from '@juxtachrome/core/arranging'
import { leavingOpen, passing, taking, unpassing } from '@juxtachrome/core/choosing'
import { nanoid } from 'nanoid'
import { counted } from '@juxtachrome/core/units'
import { useChangePalette } from '~/shared/tray/changePalette'
import { copied } from '~/shared/words/copied'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useUndo } from '~/stores/undo'

/** What a person does with a way of choosing. What is taken is placed and noted in one entry of the undo list. */
export function useGuideCommands() {
  const collection = useCollection()
  const undo = useUndo()
  const notices = useNotices()
  const nameOf = (id: string) => collection.paint(id)?.name ?? 'a paint'

  const { change } = useChangePalette()
  const within = (paletteId: string, label: string, how: (guide: GuideState) => GuideState) =>
    change(paletteId, label, (p) => p.guide && { ...p, guide: how(p.guide) })

  /** Puts things into the next free places, one each; those for which there is none are left. */
  function intoFree(palette: Palette, things: readonly string[], put: typeof placePaint): Palette {
    return things.reduce((now, thing) => {
      const [next] = freePlaces(now)
      const after = next === undefined ? undefined : put(now, next, thing)
      return after?.ok ? after.value : now
    }, palette)
  }
  /** Without some paints; locked places stay. */
  function without(palette: Palette, paintIds: readonly string[]): Palette {
    const going = new Set(paintIds)
    const plan = Object.fromEntries(
      Object.entries(palette.plan).filter(([id]) => {
        const own = planAt(palette, id)
        return own?.locked || !going.has(own?.paintId ?? '')
      }),
    )
    return { ...palette, plan }
  }

  return {
    /** A guide that is made for a subject reckons with it, unless the palette says what is to be mixed. */
    start: (paletteId: string, guide: GuideState, subject?: string) =>
      change(paletteId, `began to choose by ${guide.name}`, (p) => {
        const targets: TargetChoice[] = subject ? [{ kind: 'subject', subject, weight: 1 }] : []
        return { ...p, guide, ...(targets.length && !p.brief?.targets ? { brief: { ...p.brief, targets } } : {}) }
      }),
    leave: (palette: Palette) =>
      change(
        palette.id,
        `left the method ${palette.guide?.name ?? ''}`,
        ({ guide: _left, ...rest }) => rest as Palette,
      ),
    setCalls: (paletteId: string, calls: GuideCall[]) =>
      within(paletteId, 'changed the calls of the method', (g) => ({ ...g, calls })),
    take(paletteId: string, callId: string, paintId: string) {
      const palette = collection.palette(paletteId)
      if (!palette || freePlaces(palette).length === 0)
        return notices.trouble('No place is left. Take something out first.')
      change(paletteId, `took ${nameOf(paintId)}`, (p) => {
        const placed = intoFree(p, [paintId], placePaint)
        return p.guide && { ...placed, guide: taking(p.guide, callId, paintId) }
      })
    },
    pass: (paletteId: string, callId: string, paintId: string) =>
      within(paletteId, `passed ${nameOf(paintId)}`, (g) => passing(g, callId, paintId)),
    unpass: (paletteId: string, callId: string, paintId: string) =>
      within(paletteId, `took up ${nameOf(paintId)} again`, (g) => unpassing(g, callId, paintId)),
    leaveOpen: (paletteId: string, callId: string, words: string, left: boolean) =>
      within(paletteId, `${left ? 'left open' : 'took up again'}: ${words}`, (g) => leavingOpen(g, callId, left)),
    /** Keeps a place for what is not owned yet. */
    reserve(paletteId: string, callId: string, words: string) {
      const palette = collection.palette(paletteId)
      const [next] = palette ? freePlaces(palette) : []
      if (!palette || next === undefined)
        return notices.trouble('No place is left to be kept. Take something out first.')
      change(paletteId, `kept ${next} for ${words}`, (p) => {
        const kept = reservePlace(p, next, words.slice(0, 200))
        return kept.ok && p.guide ? { ...kept.value, guide: leavingOpen(p.guide, callId, true) } : undefined
      })
    },
    /** Keeps a place for each of what is not owned, as far as there are places. */
    reserveAll: (paletteId: string, names: readonly string[], words: string) =>
      change(paletteId, words, (p) =>
        intoFree(
          p,
          names.map((n) => n.slice(0, 200)),
          reservePlace,
        ),
      ),
    /** How a palette would lie with more paints in its free places. */
    asFilled: (palette: Palette, paintIds: readonly string[]) => intoFree(palette, paintIds, placePaint),
    /** Puts several paints in at once, as far as there are places. */
    takeAll: (paletteId: string, paintIds: readonly string[], words: string) =>
      change(paletteId, words, (p) => intoFree(p, paintIds, placePaint)),
    /** Takes several out at once; locked places stay. */
    takeOut: (paletteId: string, paintIds: readonly string[], words: string) =>
      change(paletteId, words, (p) => without(p, paintIds)),
    /** Takes some out and puts others in, as one step. */
    exchange: (paletteId: string, out: readonly string[], come: readonly string[], words: string) =>
      change(paletteId, words, (p) => intoFree(without(p, out), come, placePaint)),
    save(name: string, calls: readonly GuideCall[]): Guide {
      const guide: Guide = { id: nanoid(12), v: 1, name, calls: copied(calls) as GuideCall[] }
      undo.commit(`kept the method ${name}`, [added('guides', guide)])
      return guide
    },
    add(guides: readonly Guide[]) {
      const own = guides.map((g) => ({ ...g, id: nanoid(12) }))
      return undo.commit(
        `took in ${counted(own.length, 'guide')}`,
        own.map((g) => added('guides', g)),
      )
    },
    remove: (guide: Guide) => undo.commit(`removed the method ${guide.name}`, [removed('guides', guide)]),
  }
}
