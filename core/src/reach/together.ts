import { familyOf } from '../colour/family'
import type { HueFamily } from '../colour/wheel'
import { labOfCell, LATTICE, WHEELS } from './lattice'

/** Maps of several palettes laid over one another, cell by cell of the lattice. */
export interface Together {
  /** The fewest paints, 1 to 3, from which one of them reaches the cell; 0 where none of them does. */
  reached: number[]
  /** For each palette the cells that it alone reaches, rising. */
  alone: number[][]
}

const isReached = (state: number | undefined) => state !== undefined && state > 0 && state < 4

/** What each of several palettes reaches that no other of them does; `maps` as a verdict gives them, equally long. */
export function mapsTogether(maps: readonly (readonly number[])[]): Together {
  const together: Together = { reached: [], alone: maps.map(() => []) }
  const length = Math.max(0, ...maps.map((map) => map.length))
  for (let cell = 0; cell < length; cell += 1) {
    const who = maps.flatMap((map, i) => (isReached(map[cell]) ? [i] : []))
    together.reached.push(who.length ? Math.min(...who.map((i) => maps[i]![cell]!)) : 0)
    if (who.length === 1 && maps.length > 1) together.alone[who[0]!]!.push(cell)
  }
  return together
}

/** L* from which a cell is called light, and below which dark. */
const [LIGHT, DARK] = [65, 40]

/** What a family is called where colours are meant, not paints. */
const COMMON: Partial<Record<HueFamily, string>> = { earth: 'brown', neutral: 'grey' }

/** What some cells are, in words, those met most first, at most `most`: `light greens`, `dark violets`. */
export function cellsInWords(cells: readonly number[], most = 3): string[] {
  const counts = new Map<string, number>()
  for (const number of cells) {
    const cell = LATTICE[number]
    if (!cell) continue
    const L = WHEELS[cell.wheel]!
    const family = familyOf({ masstone: labOfCell(cell) }) ?? 'neutral'
    const name = `${L >= LIGHT ? 'light ' : L < DARK ? 'dark ' : ''}${COMMON[family] ?? family}s`
    counts.set(name, (counts.get(name) ?? 0) + 1)
  }
  return [...counts]
    .sort((p, q) => q[1] - p[1] || (p[0] < q[0] ? -1 : 1))
    .slice(0, most)
    .map(([name]) => name)
}
