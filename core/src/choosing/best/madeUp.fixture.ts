import { randomFrom } from '../../random'
import type { MixtureIndex } from '../../reach/mixtureIndex'
import { coverOf, setsOf, type Cover } from './cover'

/** An index in which made-up sets serve made-up targets. */
export function madeUpIndex(n: number, targets: number, seed: number): MixtureIndex {
  const random = randomFrom(seed)
  const sized = (size: 1 | 2 | 3, chance: number) => {
    const starts = [0]
    const list: number[] = []
    for (let set = 0; set < setsOf(n, size); set += 1) {
      for (let t = 0; t < targets; t += 1) if (random() < chance) list.push(t)
      starts.push(list.length)
    }
    return { starts: Uint32Array.from(starts), targets: Uint16Array.from(list) }
  }
  return {
    paints: Array.from({ length: n }, (_, i) => `p${i}`),
    prints: [],
    table: 'made up',
    count: targets,
    near: 5,
    sets: { 1: sized(1, 0.04), 2: sized(2, 0.03), 3: sized(3, 0.012) },
  }
}
/** The same with made-up weights and, where asked for, wishes. */
export function madeUp(n: number, targets: number, seed: number, own = 0): Cover {
  const random = randomFrom(seed + 1)
  const weights = Float64Array.from({ length: targets }, () => random())
  const index = madeUpIndex(n, targets, seed)
  const paints = index.paints.map((id) => ({ id, own: own * (random() - 0.5) }))
  return coverOf({ tables: [{ index, weights, share: 1 }], paints, most: 3 })
}
