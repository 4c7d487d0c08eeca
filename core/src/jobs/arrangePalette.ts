import { arrangePalette, type ArrangeProgress } from '../arranging/arrangePalette'
import type { Arranged, ArrangeQuestion } from '../arranging/arrangeProblem'
import type { ArrangeContext, Blend } from '../arranging/arrangeWishes'
import type { Reading } from '../collection/reading'
import { derivedOf } from '../collection/caches'
import { paintJudged, recipesIn } from '../collection/lists'
import { same } from '../documents/diff'
import type { Palette } from '../documents/palette'
import { plannedPaints } from '../documents/plan'
import { fail, type Result } from '../result'
import { drawnShares } from './drawn'
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

/** What of some paints is used, by what was drawn from their tubes; what of them is mixed, by kept recipes. */
function contextOf(reading: Reading, planned: ReadonlySet<string>): ArrangeContext {
  const use = drawnShares(reading, planned)
  const pairs = new Set<string>()
  for (const { paints } of recipesIn(reading)) {
    const here = paints.filter((p) => planned.has(p.paintId))
    for (const p of here) for (const q of here) if (p.paintId !== q.paintId) pairs.add(`${p.paintId} ${q.paintId}`)
  }
  return {
    key: `${[...use].map(([id, share]) => `${id} ${share}`).join()};${[...pairs].sort().join()}`,
    use: (id) => use.get(id) ?? 0,
    areMixed: (one, other) => pairs.has(`${one} ${other}`),
  }
}

const known = derivedOf(
  (reading, asked): ArrangeContext => {
    const [paletteId, adding] = JSON.parse(asked) as [string, string?]
    const palette = asArranged(reading, paletteId)
    const planned = palette ? plannedPaints(palette) : new Set<string>()
    return contextOf(reading, adding ? planned.add(adding) : planned)
  },
  (before, after) => before.key === after.key,
)
/** The same of a palette's paints, and of one that is to come in; kept for as long as it says the same. */
export const arrangeContextOf = (reading: Reading, paletteId: string, adding?: string): ArrangeContext =>
  known(reading, JSON.stringify([paletteId, adding]))

export function arrangeQuestionOf(
  palette: Palette,
  { blend, leftHanded }: Omit<ArrangeRequest, 'paletteId'>,
  reading: Reading,
  /** A paint that is to come in. */
  adding?: string,
): ArrangeQuestion {
  const paints = [...plannedPaints(palette)].flatMap((id) => paintJudged(reading, id) ?? [])
  const used = arrangeContextOf(reading, palette.id, adding)
  const context = leftHanded ? { ...used, leftHanded, key: `left;${used.key}` } : used
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
