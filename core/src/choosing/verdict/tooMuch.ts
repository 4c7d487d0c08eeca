import { colourDifference } from '../../colour/difference'
import { familyOf } from '../../colour/family'
import { apartWith } from '../../mixing/apart'
import { isSameCodes } from '../../paints/collect'
import { viewOfPaint, type PaintView } from '../../paints/view'
import type { TargetTable } from '../../reach/targetTable'
import type { Crowd, Twins } from './assessment'
import type { Usable } from './planned'

/** Two paints closer than this at masstone and at wash do the same work alone (judgement). */
export const TWINS_BELOW = 5
/** The larger of the differences at masstone and at wash; undefined without common swatches. */
export function twinDifference(one: PaintView, other: PaintView): number | undefined {
  const differences = (['masstone', 'wash'] as const).flatMap((s) =>
    one[s] && other[s] ? [colourDifference(one[s], other[s])] : [],
  )
  return differences.length ? Math.max(...differences) : undefined
}

/** Pairs that are near twins alone, and how far apart their mixtures with the others lie at most. */
export function twinsOf(usable: readonly Usable[]): Twins[] {
  return usable.flatMap((one, i) =>
    usable.slice(i + 1).flatMap((other): Twins[] => {
      const alone = twinDifference(viewOfPaint(one.paint), viewOfPaint(other.paint))
      if (alone === undefined || alone >= TWINS_BELOW) return []
      let [mixed, mixedWith] = [0, undefined as string | undefined]
      for (const third of usable) {
        if (third === one || third === other) continue
        const apart = apartWith(one.optics, other.optics, third.optics)
        if (apart !== undefined && apart > mixed) [mixed, mixedWith] = [apart, third.id]
      }
      const twins: Twins = { paintIds: [one.id, other.id], placeIds: [one.placeId, other.placeId], alone, mixed }
      const pigments = isSameCodes(one.paint.pigments, other.paint.pigments) ? { pigments: one.paint.pigments } : {}
      return [{ ...twins, ...pigments, ...(mixedWith ? { mixedWith } : {}) }]
    }),
  )
}

/** Fewer paints than these are no crowd. */
const CROWD = 3
/** So many are named to be taken out. */
const MOST_OUT = 3
/** A family is out of proportion when it holds this much more of the palette than of what is to be mixed (judgement). */
const TOO_LARGE = 0.2
/** ... and where nothing in particular is to be mixed, when it holds more than this. */
const LARGE_ANYWAY = 0.4

/** Families that hold more of the palette than its targets ask for. */
export function crowdsOf(
  usable: readonly Usable[],
  subject: TargetTable | undefined,
  brings: readonly { paintId: string }[] = [],
  mustIn: readonly string[] = [],
): Crowd[] {
  if (usable.length < 6) return []
  const wanted = subject && familyShares(subject)
  const byFamily = new Map<string, string[]>()
  for (const { paint } of usable) {
    const family = viewOfPaint(paint).family
    if (family) byFamily.set(family, [...(byFamily.get(family) ?? []), paint.id])
  }
  return [...byFamily].flatMap(([family, own]): Crowd[] => {
    const count = own.length
    const share = count / usable.length
    const asked = wanted?.get(family) ?? 0
    const isCrowd = count > CROWD && (wanted ? share > asked + TOO_LARGE : share > LARGE_ANYWAY)
    // least missed first, as `brings` is in order
    const least = brings.filter((b) => own.includes(b.paintId) && !mustIn.includes(b.paintId)).map((b) => b.paintId)
    const out = [...new Set(least)].slice(0, Math.max(1, Math.min(MOST_OUT, count - CROWD)))
    return isCrowd ? [{ family, out, count, share, ...(wanted ? { wanted: asked } : {}) }] : []
  })
}

function familyShares({ targets }: TargetTable): Map<string, number> {
  const total = targets.reduce((sum, t) => sum + t.weight, 0)
  const shares = new Map<string, number>()
  for (const { lab, weight } of targets) {
    const family = familyOf({ masstone: lab })
    if (family) shares.set(family, (shares.get(family) ?? 0) + weight / total)
  }
  return shares
}
