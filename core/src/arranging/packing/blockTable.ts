import type { Box } from '../geometry'

/** Lengths are counted in tenths of a millimetre, so that every comparison is exact. */
const UNIT = 10
/** Room: what there is of it in whole tenths, never more. */
export const inTenths = (mm: number): number => Math.floor(mm * UNIT + 1e-6)
/** What takes room: in whole tenths that hold it, never less. */
export const tenthsFor = (mm: number): number => Math.ceil(mm * UNIT - 1e-6)
const inMm = (tenths: number): number => tenths / UNIT

/** About a second's worth (measured; machines differ). */
const LOOKS = 60_000_000

/** How a rectangle is divided: not, less a strip of waste, by one cut, or into five blocks round a middle one. */
const enum Cut {
  none,
  alone,
  narrower,
  lower,
  across,
  down,
  five,
}

/**
 * The most equal pans that fit into rectangles up to a size, each upright or lying: by guillotine cuts and by five
 * blocks about a middle one, recursively (R. Morabito and S. Morales, A simple and effective recursive procedure for the
 * manufacturer's pallet loading problem, J. Oper. Res. Soc. 49 (1998) 819-828). A cut is tried only where sums of sides
 * end; a rectangle that holds as many as its bound allows (F. W. Barnes, Packing the maximum number of m x n tiles in a
 * large p x q rectangle, Discrete Mathematics 26 (1979) 93-100) is not looked at further. No proof in general: the
 * method is not known to fail below some thousands of boxes. Five blocks are tried for the smaller rectangles first, up to
 * so many looks in all, since their number grows with the sixth power of the sides; beyond, cuts alone.
 */
export class BlockTable {
  /** Sums of sides, rising from 0; the only widths and heights worth looking at. */
  readonly sums: Int32Array
  /** Index of the greatest sum that is not above a length. */
  readonly floor: Int16Array
  readonly #count: Uint16Array
  readonly #cut: Uint8Array
  readonly #at: Int16Array
  readonly #n: number
  #looks = LOOKS
  readonly #cutsAt: (readonly number[] | undefined)[] = []

  /** `long` and `short` are a pan's sides, `width` and `height` the greatest rectangle asked for; all in tenths of mm. */
  constructor(
    readonly long: number,
    readonly short: number,
    width: number,
    height: number,
  ) {
    const most = Math.max(width, height)
    const isSum = new Uint8Array(most + 1)
    isSum[0] = 1
    for (let length = 1; length <= most; length += 1)
      isSum[length] = Number((length >= long && isSum[length - long]) || (length >= short && isSum[length - short]))
    this.sums = Int32Array.from([...isSum.keys()].filter((length) => isSum[length]))
    this.floor = new Int16Array(most + 1)
    let at = -1
    for (let length = 0; length <= most; length += 1) this.floor[length] = isSum[length] ? (at += 1) : at
    const n = (this.#n = this.sums.length)
    this.#count = new Uint16Array(n * n)
    this.#cut = new Uint8Array(n * n)
    this.#at = new Int16Array(n * n * 4)
    const lowest = Math.min(width, height)
    for (let i = 1; i < n; i += 1)
      for (let j = 1; j <= i && this.sums[j]! <= lowest; j += 1) this.#count[j * n + i] = this.#solve(i, j)
  }

  /** How many fit. */
  count(width: number, height: number): number {
    if (width <= 0 || height <= 0) return 0
    return this.#count[this.floor[width]! * this.#n + this.floor[height]!]!
  }

  /** No more than this can ever fit: by the area, less what rods of one unit's width must waste. */
  bound(width: number, height: number): number {
    const { long, short } = this
    const rods = (side: number) => {
      const [r, s] = [width % side, height % side]
      return Math.min(r * s, (side - r) * (side - s))
    }
    return Math.floor((width * height - Math.max(rods(long), rods(short))) / (long * short))
  }

  /** Where they lie, mm, the corner of the rectangle at `x`, `y` (tenths). */
  lay(width: number, height: number, x = 0, y = 0): Box[] {
    const pans: Box[] = []
    if (width > 0 && height > 0) this.#lay(this.floor[width]!, this.floor[height]!, x, y, false, pans)
    return pans
  }

  /** Where cuts are worth trying: what is left of a length beyond each sum, as a sum. */
  #cuts(i: number): readonly number[] {
    return (this.#cutsAt[i] ??= this.#cutsOf(i))
  }
  #cutsOf(i: number): number[] {
    const found = new Set<number>()
    for (let c = 1; c < i; c += 1) found.add(this.floor[this.sums[i]! - this.sums[c]!]!)
    return [...found].filter((at) => at > 0).sort((p, q) => p - q)
  }

  #solve(i: number, j: number): number {
    const n = this.#n
    const sums = this.sums
    const count = this.#count
    const cell = i * n + j
    const [width, height] = [sums[i]!, sums[j]!]
    let best = 0
    const take = (value: number, cut: Cut, a = 0, b = 0, c = 0, d = 0) => {
      if (value <= best) return
      best = value
      this.#cut[cell] = cut
      this.#at.set([a, b, c, d], cell * 4)
    }
    const { long, short } = this
    if ((width >= long && height >= short) || (width >= short && height >= long)) take(1, Cut.alone)
    take(count[(i - 1) * n + j]!, Cut.narrower)
    take(count[i * n + j - 1]!, Cut.lower)
    const bound = this.bound(width, height)
    const rest = (from: number, less: number) => this.floor[sums[from]! - sums[less]!]!
    for (let c = 1; c < i && best < bound && sums[c]! * 2 <= width; c += 1)
      take(count[c * n + j]! + count[rest(i, c) * n + j]!, Cut.across, c)
    for (let c = 1; c < j && best < bound && sums[c]! * 2 <= height; c += 1)
      take(count[i * n + c]! + count[i * n + rest(j, c)]!, Cut.down, c)
    if (best < bound) this.#five(i, j, bound, () => best, take)
    count[cell] = best
    return best
  }

  #five(
    i: number,
    j: number,
    bound: number,
    best: () => number,
    take: (value: number, cut: Cut, a: number, b: number, c: number, d: number) => void,
  ) {
    const n = this.#n
    const count = this.#count
    const [xs, ys] = [this.#cuts(i), this.#cuts(j)]
    const looks = (xs.length * (xs.length - 1) * ys.length * (ys.length - 1)) / 4
    if (looks > this.#looks) return
    this.#looks -= looks
    const sums = this.sums
    const left = (from: number, at: number) => this.floor[sums[from]! - sums[at]!]!
    for (let p = 0; p < xs.length; p += 1)
      for (let q = p + 1; q < xs.length; q += 1) {
        const [x1, x2] = [xs[p]!, xs[q]!]
        const [right1, right2, middle] = [left(i, x1), left(i, x2), left(x2, x1)]
        for (let r = 0; r < ys.length; r += 1)
          for (let s = r + 1; s < ys.length; s += 1) {
            const [y1, y2] = [ys[r]!, ys[s]!]
            const value =
              count[x2 * n + y1]! +
              count[right2 * n + y2]! +
              count[right1 * n + left(j, y2)]! +
              count[x1 * n + left(j, y1)]! +
              count[middle * n + left(y2, y1)]!
            if (value > best()) {
              take(value, Cut.five, x1, x2, y1, y2)
              if (value >= bound) return
            }
          }
      }
  }

  #lay(i: number, j: number, x: number, y: number, isTurned: boolean, into: Box[]): void {
    const n = this.#n
    if (i < j) return this.#lay(j, i, x, y, !isTurned, into)
    const cell = i * n + j
    if (this.#count[cell] === 0) return
    const sums = this.sums
    const [a, b, c, d] = this.#at.subarray(cell * 4, cell * 4 + 4) as unknown as [number, number, number, number]
    const left = (from: number, at: number) => this.floor[sums[from]! - sums[at]!]!
    /** A part of this rectangle, so far along its longer side and so far along its shorter one. */
    const part = (ii: number, jj: number, along: number, aside: number) =>
      this.#lay(ii, jj, x + (isTurned ? aside : along), y + (isTurned ? along : aside), isTurned, into)
    switch (this.#cut[cell] as Cut) {
      case Cut.alone: {
        const fits = sums[i]! >= this.long && sums[j]! >= this.short
        const [w, h] = fits ? [this.long, this.short] : [this.short, this.long]
        into.push({
          x: inMm(x),
          y: inMm(y),
          width: inMm(isTurned ? h : w),
          height: inMm(isTurned ? w : h),
        })
        return
      }
      case Cut.narrower:
        return part(i - 1, j, 0, 0)
      case Cut.lower:
        return part(i, j - 1, 0, 0)
      case Cut.across:
        part(a, j, 0, 0)
        return part(left(i, a), j, sums[a]!, 0)
      case Cut.down:
        part(i, a, 0, 0)
        return part(i, left(j, a), 0, sums[a]!)
      case Cut.five: {
        const [x1, x2, y1, y2] = [sums[a]!, sums[b]!, sums[c]!, sums[d]!]
        part(b, c, 0, 0)
        part(left(i, b), d, x2, 0)
        part(left(i, a), left(j, d), x1, y2)
        part(a, left(j, c), 0, y1)
        return part(left(b, a), left(d, c), x1, y1)
      }
    }
  }
}
