import { opticsOfPaint, predictMixture, toLch, type Result } from '../../src'
import type { Lch } from '../../src/colour/lch'

/** Two reference pigments mixed, as the trade's facts and the page of accuracy look at them. */
export const RATIOS: [number, number][] = [
  [24, 1],
  [16, 1],
  [12, 1],
  [8, 1],
  [6, 1],
  [4, 1],
  [3, 1],
  [2, 1],
  [3, 2],
  [5, 4],
  [1, 1],
  [4, 5],
  [3, 4],
  [2, 3],
  [4, 7],
  [1, 2],
  [1, 3],
  [1, 4],
  [1, 6],
  [1, 8],
  [1, 12],
  [1, 16],
  [1, 24],
]
export interface Row {
  parts: [number, number]
  masstone: Lch
  wash: Lch
}

function must<T>(result: Result<T>): T {
  if (!result.ok) throw new Error(result.error.message)
  return result.value
}

/** The film of a reference pigment, its variant behind the code: `PBr7 burnt sienna`. */
export function paint(what: string) {
  const [code, ...variant] = what.split(' ') as [string, ...string[]]
  const variants = variant.length ? { variants: { [code]: variant.join(' ') } } : {}
  return must(opticsOfPaint({ pigments: [code], ...variants }))
}

/** What lies between two reference pigments, from 24:1 to 1:24 parts: a touch of the strongest goes that far. */
export function row(one: string, other: string): Row[] {
  const [a, b] = [paint(one), paint(other)]
  return RATIOS.map((parts) => {
    const mixed = must(
      predictMixture([
        { optics: a, parts: parts[0] },
        { optics: b, parts: parts[1] },
      ]),
    )
    return { parts, masstone: toLch(mixed.masstone), wash: toLch(mixed.wash) }
  })
}

/** The mixture of the least chroma. */
export const least = (rows: Row[], which: 'masstone' | 'wash') =>
  rows.reduce((p, q) => (q[which].C < p[which].C ? q : p))
