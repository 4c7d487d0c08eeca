import { COARSE_TRIPLES, ratiosUpTo } from '../recipes/grids'

/** Six more than the search for recipes looks at first: one paint rules, one of the others tells. */
const ONE_RULES = [
  [8, 2, 1],
  [8, 1, 2],
  [2, 8, 1],
  [1, 8, 2],
  [2, 1, 8],
  [1, 2, 8],
] as const

/** The ratios in which the kernel mixes one, two and three paints, parts 1..8: 1, 43 and 28 of them. */
export const KERNEL_RATIOS: Record<1 | 2 | 3, readonly (readonly number[])[]> = {
  1: [[1]],
  2: ratiosUpTo(2, 8),
  3: [...COARSE_TRIPLES, ...ONE_RULES, [1, 1, 1]],
}

export interface RatioGroups {
  /** Four ratios beside each other, three numbers each: the first parts, the second, the third. */
  lanes: Float32Array
  /** Where the groups of one, two and three paints begin, and how many there are. */
  first: Record<1 | 2 | 3, number>
  count: Record<1 | 2 | 3, number>
}

let known: RatioGroups | undefined
/** The ratios in groups of four, the last ratio repeated where a group is not full. */
export function ratioGroups(): RatioGroups {
  if (known) return known
  const lanes: number[] = []
  const first = { 1: 0, 2: 0, 3: 0 }
  const count = { 1: 0, 2: 0, 3: 0 }
  for (const size of [1, 2, 3] as const) {
    const ratios = KERNEL_RATIOS[size]
    first[size] = lanes.length / 12
    count[size] = Math.ceil(ratios.length / 4)
    for (let g = 0; g < count[size]; g += 1) {
      const four = [0, 1, 2, 3].map((lane) => ratios[Math.min(ratios.length - 1, g * 4 + lane)]!)
      for (let part = 0; part < 3; part += 1) lanes.push(...four.map((r) => r[part] ?? 0))
    }
  }
  known = { lanes: Float32Array.from(lanes), first, count }
  return known
}

/** The ratio and load that the kernel's number for a mixture stands for. */
export function mixtureOf(choice: number, size: 1 | 2 | 3): { ratio: readonly number[]; load: number } {
  const ratios = KERNEL_RATIOS[size]
  const lane = Math.floor(choice / 12) - ratioGroups().first[size] * 4
  return { ratio: ratios[Math.min(ratios.length - 1, lane)]!, load: choice % 12 }
}
