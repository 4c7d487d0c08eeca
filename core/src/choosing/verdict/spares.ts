import type { Paint } from '../../documents/paint'
import { findRecipes } from '../../mixing/recipes/findRecipes'
import type { FoundRecipe } from '../../mixing/recipes/question'
import { unlikeTarget } from '../../mixing/unlike'
import { viewOfPaint } from '../../paints/view'
import { servedBy, type MixtureIndex } from '../../reach/mixtureIndex'
import type { Target, TargetTable } from '../../reach/targetTable'
import type { Spare } from './assessment'
import { indexFor } from './indexes'
import type { Usable } from './planned'

/** Sets of the rest that are worked out in full for one paint. */
const MOST_SETS = 6

/**
 * Paints of a palette that the rest of it mixes near enough, masstone and wash, with what the mixture would not do.
 * Which sets come into question is read from an index of the palette's own swatches; those are then worked out in
 * full. Yields a share of the work, 0..1, or what was found.
 */
export function* sparesOf(
  asked: readonly string[],
  usable: readonly Usable[],
  { near, most }: { near: number; most: 1 | 2 | 3 },
): Generator<number | Spare, void> {
  const swatched = usable.flatMap((u) => {
    const { masstone, wash } = viewOfPaint(u.paint)
    return masstone && wash ? [{ u, masstone, wash }] : []
  })
  const targets = swatched.flatMap(({ masstone, wash }): Target[] => [
    { lab: masstone, weight: 1 },
    { lab: wash, weight: 1 },
  ])
  if (targets.length === 0) return
  const table: TargetTable = { name: 'the palette itself', targets }
  const index = yield* indexFor(
    usable.map(({ id, optics }) => ({ id, optics })),
    table,
    near,
  )
  if (!index) return
  const serving = setsByTarget(index)
  for (const id of asked) {
    const at = swatched.findIndex(({ u }) => u.id === id)
    if (at < 0) continue
    const { u, masstone, wash } = swatched[at]!
    const own = usable.indexOf(u)
    const [ofMasstone, ofWash] = [2 * at, 2 * at + 1].map((t) => serving[t]!.filter((set) => !set.includes(own)))
    let best: FoundRecipe | undefined
    for (const members of jointSets(ofMasstone!, ofWash!, most)) {
      // a mixture of fewer paints that is near enough is not given up for one of more
      if (best && best.difference <= near && best.paints.length < members.length) break
      const paints = members.map((m) => ({ id: usable[m]!.id, optics: usable[m]!.optics }))
      const recipes = findRecipes({ target: { kind: 'paint', masstone, wash }, paints, most, count: 1 })
      const [found] = recipes.ok ? recipes.value.best : []
      if (found && (!best || found.difference < best.difference)) best = found
      yield 0
    }
    yield best && best.difference <= near ? spareFrom(u, best, usable) : 0
  }
}

/** Sets of up to so many paints, of which both targets are served by the set or a part of it; small ones first. */
function jointSets(ofMasstone: readonly number[][], ofWash: readonly number[][], most: number): number[][] {
  const found = new Map<string, number[]>()
  for (const one of ofMasstone)
    for (const other of ofWash) {
      const more = other.filter((m) => !one.includes(m))
      if (one.length + more.length > most) continue
      const both = [...one, ...more].sort((p, q) => p - q)
      found.set(both.join(), both)
    }
  return [...found.values()].sort((p, q) => p.length - q.length).slice(0, MOST_SETS)
}

/** The sets of an index that serve each of its targets. */
function setsByTarget(index: MixtureIndex): number[][][] {
  const n = index.paints.length
  const sets = Array.from({ length: index.count }, (): number[][] => [])
  const note = (members: number[]) => {
    for (const target of servedBy(index, members)) sets[target]!.push(members)
  }
  for (let i = 0; i < n; i += 1) {
    note([i])
    for (let j = i + 1; j < n; j += 1) {
      note([i, j])
      for (let k = j + 1; k < n; k += 1) note([i, j, k])
    }
  }
  return sets
}

function spareFrom(own: Usable, best: FoundRecipe, usable: readonly Usable[]): Spare {
  const total = best.paints.reduce((sum, p) => sum + p.parts, 0)
  const parts = best.paints.flatMap(({ id, parts: n }): { paint: Paint; share: number }[] => {
    const used = usable.find((u) => u.id === id)
    return used ? [{ paint: used.paint, share: n / total }] : []
  })
  return {
    paintId: own.id,
    placeId: own.placeId,
    recipe: { paints: best.paints, water: best.water },
    difference: best.difference,
    unlike: unlikeTarget(parts, own.paint),
  }
}
