import { arrangePalette, type ArrangeProgress } from '../arranging/arrangePalette'
import type { Arranged, ArrangeQuestion } from '../arranging/arrangeProblem'
import type { ArrangeContext, Blend } from '../arranging/arrangeWishes'
import type { Reading } from '../collection/reading'
import { derived, derivedOf } from '../collection/caches'
import { itemsIn, paintJudged, recipesIn } from '../collection/lists'
import { same } from '../documents/diff'
import type { Palette } from '../documents/palette'
import { plannedPaints } from '../documents/plan'
import { fail, type Result } from '../result'
import { job } from './job'

export interface ArrangeRequest {
  paletteId: string
  blend: Blend
  /** The brush is in the left hand. */
  leftHanded?: boolean
}

/** What is arranged of a palette: what it is called and what it is for is not. */
export const asArranged = derivedOf((reading, id): Palette | undefined => {
  const palette = reading.get('palettes', id)
  return palette && { ...palette, name: '', purpose: '', brief: undefined, guide: undefined, answered: undefined }
}, same)

/** What is used, by what was drawn from the tubes; what is mixed, by kept recipes. */
export const arrangeContextIn = derived(
  (reading): ArrangeContext => {
    const drawn = new Map<string, number>()
    for (const item of itemsIn(reading)) {
      const ml = reading.ledger.account(item.id).drawn
      if (ml > 0) drawn.set(item.paintId, (drawn.get(item.paintId) ?? 0) + ml)
    }
    const most = Math.max(1e-9, ...drawn.values())
    const pairs = new Set<string>()
    for (const { paints } of recipesIn(reading))
      for (const p of paints)
        for (const q of paints) if (p.paintId !== q.paintId) pairs.add(`${p.paintId} ${q.paintId}`)
    return {
      key: `${[...drawn].map(([id, ml]) => `${id} ${ml}`).join()};${[...pairs].sort().join()}`,
      use: (id) => (drawn.get(id) ?? 0) / most,
      areMixed: (one, other) => pairs.has(`${one} ${other}`),
    }
  },
  (before, after) => before.key === after.key,
)

export function arrangeQuestionOf(
  palette: Palette,
  { blend, leftHanded }: Omit<ArrangeRequest, 'paletteId'>,
  reading: Reading,
): ArrangeQuestion {
  const paints = [...plannedPaints(palette)].flatMap((id) => paintJudged(reading, id) ?? [])
  const known = arrangeContextIn(reading)
  const context = leftHanded ? { ...known, leftHanded, key: `left;${known.key}` } : known
  return { palette, paints, blend, context, ...(palette.apart ? { forbidden: palette.apart } : {}) }
}

/** The best arrangement of a palette for a blend of wishes. Errors: `no-such-palette` and those of `arrangePalette`. */
export const arrangePaletteJob = job<ArrangeRequest, ArrangeProgress, Arranged>({
  lane: 'live',
  *run({ paletteId, ...request }, reading): Generator<ArrangeProgress, Result<Arranged>> {
    const palette = asArranged(reading, paletteId)
    if (!palette) return fail('no-such-palette', 'This palette is no longer here.', paletteId)
    return yield* arrangePalette(arrangeQuestionOf(palette, request, reading))
  },
  news: ({ best }) => best,
  keeps: () => true,
})
