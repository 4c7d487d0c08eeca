import { ciede2000, localMetric } from '../../colour/ciede2000'
import type { LabD65 } from '../../units'

/** Targets as the kernel finds them: by the cell of CIELAB in which a mixture lies. */
export interface TargetGrid {
  count: number
  /** CIEDE2000 up to which a mixture is near enough. */
  near: number
  /** Squared difference by the quadratic form below which it is looked at exactly. */
  limit: number
  /** Squared difference by the quadratic form below which the whole formula says near enough, for every target. */
  sure: Float64Array
  /** L*, a*, b* of every target, end to end. */
  labs: Float64Array
  /** Edge of a cell, in units of L*, a*, b*; a* and b* begin at -128. */
  cell: number
  /** Cells along each axis. */
  across: number
  /** Where each cell's list begins; one more than there are cells. */
  starts: Int32Array
  /** The targets that a colour in a cell may be near, cell by cell. */
  listed: Uint16Array
  /** Nine numbers a target: L*, a*, b*, and the six of `localMetric`. */
  forms: Float32Array
}

/** a* and b* from -128 to 128, and L* as far. */
const SPAN = 256
/**
 * How much wider is looked than near enough: twelve bands and the quadratic form say too much as often as too little,
 * the more the farther away (measured: within 5 it overlooks some 1 %, within 20 some 5 %).
 */
const wider = (near: number) => near + near ** 2 / 30
/** Many targets are sorted finely, a few coarsely: laying out empty cells would take longer than what they save. */
const [FINE, COARSE] = [4, 16]
const FEW = 64

/**
 * Sorts targets into cells, so that what a mixture is near is found without going through all of them. A target
 * is listed in every cell that reaches into its ellipsoid of colours near enough.
 *
 * @param near CIEDE2000 up to which a colour counts as near enough, above 0; differences by `localMetric`.
 */
export function targetGrid(targets: readonly LabD65[], near: number): TargetGrid {
  const wide = wider(near)
  const forms = new Float32Array(targets.length * 9)
  const cell = targets.length > FEW ? FINE : COARSE
  const across = SPAN / cell
  const cells = new Gathered()
  const ends = targets.map(({ L, a, b }, t) => {
    const q = localMetric(L, a, b)
    forms.set([L, a, b, ...q], t * 9)
    gatherNear([L, a, b], q, { near: wide, cell, across }, cells)
    return cells.length
  })
  // sorted by cell, in one pass that counts and one that lays out; within a cell by target
  const starts = new Int32Array(across ** 3 + 1)
  for (let i = 0; i < cells.length; i += 1) starts[cells.list[i]! + 1]! += 1
  for (let i = 0; i < across ** 3; i += 1) starts[i + 1]! += starts[i]!
  const listed = new Uint16Array(cells.length)
  const next = starts.slice()
  for (let t = 0, i = 0; t < ends.length; t += 1) for (; i < ends[t]!; i += 1) listed[next[cells.list[i]!]!++] = t
  const sure = Float64Array.from(targets, ({ L, a, b }, t) => sureWithin([L, a, b], forms.subarray(t * 9 + 3), near))
  const labs = Float64Array.from(targets.flatMap(({ L, a, b }) => [L, a, b]))
  return { count: targets.length, near, limit: wide * wide, sure, labs, cell, across, starts, listed, forms }
}

/** A list of numbers that grows. */
class Gathered {
  list = new Int32Array(4096)
  length = 0
  push(value: number): void {
    if (this.length === this.list.length) {
      const wider = new Int32Array(this.list.length * 2)
      wider.set(this.list)
      this.list = wider
    }
    this.list[this.length++] = value
  }
}

type Triple = readonly [number, number, number]
/** The quadratic form whose six numbers begin at place `i`, for a difference. */
export const squareOf = (q: ArrayLike<number>, L: number, a: number, b: number, i = 0) =>
  q[i]! * L * L + q[i + 1]! * a * a + q[i + 2]! * b * b + q[i + 3]! * a * b + q[i + 4]! * L * a + q[i + 5]! * L * b
const normOf = (q: ArrayLike<number>, L: number, a: number, b: number) => Math.sqrt(Math.max(0, squareOf(q, L, a, b)))

interface Sorting {
  near: number
  cell: number
  across: number
}

/** Gathers the cells that may hold a colour nearer than `near`: by the triangle inequality from the cell's middle. */
function gatherNear(lab: Triple, q: Float64Array, { near, cell, across }: Sorting, into: Gathered): void {
  const half = cell / 2
  const corner = Math.max(...[-half, half].flatMap((a) => [-half, half].map((b) => normOf(q, half, a, b))))
  const limit = (near + corner + 1e-3) ** 2
  /** The cells along an axis within reach of the target, which lies so far from the axis's beginning. */
  const range = (axis: number, at: number) => {
    const reach = extent(q, axis) * (near + corner) + cell
    return [
      Math.max(0, Math.floor((at - reach) / cell)),
      Math.min(across - 1, Math.floor((at + reach) / cell)),
    ] as const
  }
  const [l0, l1] = range(0, lab[0])
  const [a0, a1] = range(1, lab[1] + 128)
  const [b0, b1] = range(2, lab[2] + 128)
  for (let z = l0; z <= l1; z += 1)
    for (let y = b0; y <= b1; y += 1)
      for (let x = a0; x <= a1; x += 1) {
        const L = z * cell + half - lab[0]
        const a = x * cell + half - 128 - lab[1]
        const b = y * cell + half - 128 - lab[2]
        if (squareOf(q, L, a, b) <= limit) into.push((z * across + y) * across + x)
      }
}

const STEPS = [-1, -0.5, 0, 0.5, 1]
const DIRECTIONS = [0, 1].flatMap((L) => STEPS.flatMap((a) => STEPS.map((b) => [L, a, b] as const)))
/** Shares of near enough at which the quadratic form is tried, widest first, and what room is left for what lies between. */
const [TRIED, ROOM] = [[0.7, 0.5, 0.3] as const, 0.9]

/** Squared difference by the quadratic form within which the whole formula stays below `near`, tried in fifty directions. */
function sureWithin([L, a, b]: Triple, q: ArrayLike<number>, near: number): number {
  const [eL, ea, eb] = [0, 1, 2].map((axis) => extent(q, axis)) as [number, number, number]
  const stays = (share: number) =>
    DIRECTIONS.every(([l, x, y]) => {
      const [dL, da, db] = [l * eL, x * ea, y * eb]
      const norm = normOf(q, dL, da, db)
      const s = norm ? (share * near) / norm : 0
      return ciede2000(L + dL * s, a + da * s, b + db * s, L, a, b) <= near * ROOM
    })
  return ((TRIED.find(stays) ?? 0) * near) ** 2
}

/** How far a unit ellipsoid of the form reaches along an axis: the root of the inverse's diagonal. */
function extent(q: ArrayLike<number>, axis: number): number {
  const [ll, aa, bb, ab, la, lb] = [q[0]!, q[1]!, q[2]!, q[3]! / 2, q[4]! / 2, q[5]! / 2]
  const det = ll * (aa * bb - ab * ab) - la * (la * bb - ab * lb) + lb * (la * ab - aa * lb)
  const minor = [aa * bb - ab * ab, ll * bb - lb * lb, ll * aa - la * la][axis]!
  return Math.sqrt(Math.max(0, minor / det))
}
