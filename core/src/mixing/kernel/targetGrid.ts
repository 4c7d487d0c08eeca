import { localMetric } from '../../colour/ciede2000'
import type { LabD65 } from '../../units'

/** Targets as the kernel finds them: by the cell of CIELAB in which a mixture lies. */
export interface TargetGrid {
  count: number
  /** Squared CIEDE2000 below which a mixture is near enough. */
  limit: number
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
  const forms = new Float32Array(targets.length * 9)
  const cell = targets.length > FEW ? FINE : COARSE
  const across = SPAN / cell
  const cells = new Gathered()
  const ends = targets.map(({ L, a, b }, t) => {
    const q = localMetric(L, a, b)
    forms.set([L, a, b, ...q], t * 9)
    gatherNear([L, a, b], q, { near, cell, across }, cells)
    return cells.length
  })
  // sorted by cell, in one pass that counts and one that lays out; within a cell by target
  const starts = new Int32Array(across ** 3 + 1)
  for (let i = 0; i < cells.length; i += 1) starts[cells.list[i]! + 1]! += 1
  for (let i = 0; i < across ** 3; i += 1) starts[i + 1]! += starts[i]!
  const listed = new Uint16Array(cells.length)
  const next = starts.slice()
  for (let t = 0, i = 0; t < ends.length; t += 1) for (; i < ends[t]!; i += 1) listed[next[cells.list[i]!]!++] = t
  return { count: targets.length, limit: near * near, cell, across, starts, listed, forms }
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
const squareOf = (q: Float64Array, L: number, a: number, b: number) =>
  q[0]! * L * L + q[1]! * a * a + q[2]! * b * b + q[3]! * a * b + q[4]! * L * a + q[5]! * L * b
const normOf = (q: Float64Array, L: number, a: number, b: number) => Math.sqrt(Math.max(0, squareOf(q, L, a, b)))

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

/** How far a unit ellipsoid of the form reaches along an axis: the root of the inverse's diagonal. */
function extent(q: Float64Array, axis: number): number {
  const [ll, aa, bb, ab, la, lb] = [q[0]!, q[1]!, q[2]!, q[3]! / 2, q[4]! / 2, q[5]! / 2]
  const det = ll * (aa * bb - ab * ab) - la * (la * bb - ab * lb) + lb * (la * ab - aa * lb)
  const minor = [aa * bb - ab * ab, ll * bb - lb * lb, ll * aa - la * la][axis]!
  return Math.sqrt(Math.max(0, minor / det))
}
