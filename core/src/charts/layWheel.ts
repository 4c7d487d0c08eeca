import type { Paint } from '../documents/paint'
import { fail, ok, type Result } from '../result'
import { addBox, type Drawer } from './boxes'
import { heightOf, lettered, stacked } from './lettering'
import type { Filling, Laid } from './marks'

export interface ThreePaints extends Drawer {
  paints: readonly Paint[]
  /** Across, mm. */
  size: number
  water: number
}

export const WHEEL_STEPS = [12, 18, 24] as const
export type WheelSteps = (typeof WHEEL_STEPS)[number]
/** Thin washes of the inner ring, parts of water to one of paint. */
const THIN = 8

const partsInWords = (parts: readonly number[], names: readonly string[]) => {
  const own = parts.map((p, i) => ({ p, name: names[i]! })).filter(({ p }) => p > 0)
  return own.length === 1
    ? own[0]!.name
    : `${own.map(({ p }) => p).join(' : ')} ${own.map(({ name }) => name).join(' and ')}`
}

/** Parts reduced to the smallest whole numbers. */
function reduced(parts: readonly number[]): number[] {
  const divisor = (a: number, b: number): number => (b === 0 ? a : divisor(b, a % b))
  const by = parts.reduce((d, p) => divisor(d, p), 0) || 1
  return parts.map((p) => p / by)
}

/** What is mixed for each step of a wheel: the three paints a third apart, between two of them parts in even steps. */
export function wheelParts(steps: WheelSteps): number[][] {
  const each = steps / 3
  return Array.from({ length: steps }, (_, i) => {
    const [from, k] = [Math.floor(i / each), i % each]
    const parts = [0, 0, 0]
    parts[from] = each - k
    parts[(from + 1) % 3] = k
    return reduced(parts)
  })
}

const filled = (paints: readonly Paint[], parts: readonly number[], water: number): Filling => ({
  parts: paints.flatMap((p, i) => (parts[i]! > 0 ? [{ paintId: p.id, parts: parts[i]! }] : [])),
  water,
})

function problemOf({ paints, size }: ThreePaints): ReturnType<typeof fail> | undefined {
  if (new Set(paints.map((p) => p.id)).size !== 3 || paints.length !== 3)
    return fail('three-paints', 'Choose three different paints.')
  if (!(size >= 80 && size <= 400)) return fail('bad-size', 'It is between 80 and 400 mm across.')
  return undefined
}

/**
 * A colour wheel mixed from three paints, with the parts beside each step; the inner ring is the same, thin.
 *
 * Errors: `three-paints`, `bad-size` (80 to 400 mm).
 */
export function layWheel(question: ThreePaints & { steps: WheelSteps }): Result<Laid> {
  const problem = problemOf(question)
  if (problem) return problem
  const { paints, steps, size, water, measure } = question
  const names = paints.map((p) => p.name)
  const middle = size / 2
  const radius = size * 0.31
  const round = Math.min(size * 0.08, (Math.PI * radius) / steps - 0.8)
  const laid: Laid = { width: size, height: size, marks: [], boxes: [], said: [] }
  const add = (id: string, label: string, filling: Filling, x: number, y: number, r: number) => {
    const box = { x: x - r, y: y - r, width: 2 * r, height: 2 * r }
    addBox(laid, { id, label, filling, box, round: true }, question)
  }
  const all = wheelParts(steps)
  const at = (i: number, r: number) => {
    const angle = (2 * Math.PI * i) / steps - Math.PI / 2
    return [middle + r * Math.cos(angle), middle + r * Math.sin(angle)] as const
  }
  all.forEach((parts, i) => {
    add(`step ${i + 1}`, partsInWords(parts, names), filled(paints, parts, water), ...at(i, radius), round)
    const [x, y] = at(i, radius + round + size * 0.03)
    const own = parts.filter((p) => p > 0)
    const text = own.length === 1 ? names[parts.findIndex((p) => p > 0)]! : `${own[0]} : ${own[1]}`
    const isName = own.length === 1
    // a name stands outside of its circle, from there to the edge
    const aside = Math.abs(x - middle) < size * 0.1 ? 0 : Math.sign(x - middle)
    const width = !isName ? 8 : aside === 0 ? size * 0.4 : Math.min(x, size - x) - 1
    const lines = lettered(text, width, { size: isName ? 2.4 : 2, bold: isName, lines: 3 }, measure)
    const tall = heightOf(lines)
    const left = !isName || aside === 0 ? x - width / 2 : aside > 0 ? x : x - width
    const room = { x: left, y: aside === 0 && isName ? y - tall : y - tall / 2, width, height: tall }
    laid.marks.push(...stacked(lines, room, !isName || aside === 0 ? 'middle' : 'left', measure))
  })
  const inner = radius - 2 * round - 2.5
  const small = Math.min(round * 0.8, (Math.PI * inner) / steps - 0.6)
  all.forEach((parts, i) =>
    add(`thin ${i + 1}`, `${partsInWords(parts, names)}, thin`, filled(paints, parts, THIN), ...at(i, inner), small),
  )
  return ok(laid)
}

/** Every mixture of three paints in so many parts altogether, row by row from the first paint down. */
export const triangleParts = (parts: number): number[][] =>
  Array.from({ length: parts + 1 }, (_, row) =>
    Array.from({ length: row + 1 }, (_, k) => [parts - row, row - k, k]),
  ).flat()

/** Parts that the mixtures of a triangle add up to. */
export const TRIANGLE_PARTS = 6

/**
 * A triangle of three paints: each corner one of them, every point their mixture in as many parts of six as it lies near.
 *
 * Errors: `three-paints`, `bad-size`.
 */
export function layTriangle(question: ThreePaints): Result<Laid> {
  const problem = problemOf(question)
  if (problem) return problem
  const { paints, size, water, measure } = question
  const names = paints.map((p) => p.name)
  const step = (size - 14) / (TRIANGLE_PARTS + 1)
  const radius = step * 0.42
  const down = (step * Math.sqrt(3)) / 2
  const laid: Laid = { width: size, height: 2 * radius + down * TRIANGLE_PARTS + 16, marks: [], boxes: [], said: [] }
  for (const parts of triangleParts(TRIANGLE_PARTS)) {
    const row = TRIANGLE_PARTS - parts[0]!
    const x = size / 2 + (parts[2]! - row / 2) * step
    const y = 7 + radius + row * down
    const filling = filled(paints, reduced(parts), water)
    const box = { x: x - radius, y: y - radius, width: 2 * radius, height: 2 * radius }
    addBox(
      laid,
      { id: parts.join('-'), label: partsInWords(reduced(parts), names), filling, box, round: true },
      question,
    )
  }
  const name = (i: number, x: number, y: number) =>
    stacked(
      lettered(names[i]!, size / 3, { size: 2.6, bold: true, lines: 2 }, measure),
      { x, y, width: size / 3, height: 7 },
      'middle',
      measure,
    )
  const foot = laid.height - 8
  laid.marks.push(...name(0, size / 3, 0), ...name(1, 0, foot), ...name(2, (2 * size) / 3, foot))
  return ok(laid)
}
