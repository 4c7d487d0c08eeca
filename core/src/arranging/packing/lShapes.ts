import type { Box } from '../geometry'
import type { BlockTable } from './blockTable'

/** A rectangle `width` x `height` without what is right of `foot` and above `arm`; all in tenths of mm. */
export interface LShape {
  width: number
  height: number
  /** Width of the upper part, height of the right part. */
  foot: number
  arm: number
}
/** How a piece lies against the way it is written: turned by half, mirrored left to right, or upside down. */
type Turn = 'half' | 'across' | 'upside down'
interface Piece {
  at: readonly [x: number, y: number]
  of: LShape
  turn?: Turn
}
export interface Divided {
  count: number
  /** The two pieces of the best division; none for a rectangle, which the table knows. */
  pieces?: readonly [Piece, Piece]
}

/** How deep L-shapes are divided into two others; below that only by straight cuts. */
const DEPTH = 1

const whole = (width: number, height: number): LShape => ({ width, height, foot: width, arm: height })

/**
 * Pans in L-shapes, and rectangles divided into two L-shapes: what five blocks cannot do (L. Lins, S. Lins and
 * R. Morabito, An L-approach for packing (l, w)-rectangles into rectangular and L-shaped pieces, J. Oper. Res. Soc. 54
 * (2003) 777-789). An L-shape is divided by straight cuts, and one level deep along a bent line from its inner corner.
 */
export class LShapes {
  readonly #known = new Map<number, Divided>()
  constructor(
    readonly table: BlockTable,
    /** L-shapes that are looked at before a search for something better is given up. */
    readonly most = 40_000,
  ) {}

  get isTired(): boolean {
    return this.#known.size > this.most
  }

  /** Each length brought down to the greatest sum of sides in it: nothing is lost. */
  #tidy({ width, height, foot, arm }: LShape): LShape {
    const { sums, floor } = this.table
    const down = (length: number) => (length <= 0 ? 0 : sums[floor[length]!]!)
    const [w, h, f, a] = [down(width), down(height), down(foot), down(arm)]
    if (f === 0) return whole(w, a)
    if (a === 0) return whole(f, h)
    return f >= w || a >= h ? whole(w, h) : { width: w, height: h, foot: f, arm: a }
  }

  #areaBound({ width, height, foot, arm }: LShape): number {
    return Math.floor((width * height - (width - foot) * (height - arm)) / (this.table.long * this.table.short))
  }

  /** The better of what is known and a division into two pieces; not worked out where its area cannot do. */
  #better(best: Divided, one: Piece, other: Piece, depth: number): Divided {
    const atMost = this.#areaBound(other.of)
    if (this.#areaBound(one.of) + atMost <= best.count) return best
    const first = this.solve(one.of, depth).count
    if (first + atMost <= best.count) return best
    const count = first + this.solve(other.of, depth).count
    return count > best.count ? { count, pieces: [one, other] } : best
  }

  solve(shape: LShape, depth = DEPTH): Divided {
    const l = this.#tidy(shape)
    const { width, height, foot, arm } = l
    if (foot === width) return { count: this.table.count(width, height) }
    const { floor, sums } = this.table
    const n = sums.length
    const at = [width, height, foot, arm].reduce((sum, length) => sum * n + floor[length]!, 0)
    const key = at * (DEPTH + 1) + depth
    const known = this.#known.get(key)
    if (known) return known
    const bound = this.#areaBound(l)
    let best: Divided = { count: 0 }
    for (const [one, other] of depth > 0 ? this.#divisions(l) : this.#straight(l)) {
      best = this.#better(best, one, other, Math.max(0, depth - 1))
      if (best.count >= bound) break
    }
    this.#known.set(key, best)
    return best
  }

  *#straight({ width, height, foot, arm }: LShape): Generator<[Piece, Piece]> {
    const { sums } = this.table
    for (let c = 1; c < sums.length && sums[c]! < width; c += 1) {
      const x = sums[c]!
      const right = { width: width - x, height, foot: foot - x, arm }
      yield x <= foot
        ? [
            { at: [0, 0], of: whole(x, height) },
            { at: [x, 0], of: right },
          ]
        : [
            { at: [0, 0], of: { width: x, height, foot, arm } },
            { at: [x, 0], of: whole(width - x, arm) },
          ]
    }
    for (let c = 1; c < sums.length && sums[c]! < height; c += 1) {
      const y = sums[c]!
      const above = { width, height: height - y, foot, arm: arm - y }
      yield y <= arm
        ? [
            { at: [0, 0], of: whole(width, y) },
            { at: [0, y], of: above },
          ]
        : [
            { at: [0, 0], of: { width, height: y, foot, arm } },
            { at: [0, y], of: whole(foot, height - y) },
          ]
    }
  }

  /** Straight cuts, then lines from the inner corner with one bend and with two. */
  *#divisions(l: LShape): Generator<[Piece, Piece]> {
    yield* this.#straight(l)
    const { width, height, foot, arm } = l
    const xs = [...this.table.sums].filter((x) => x > 0 && x < foot)
    const ys = [...this.table.sums].filter((y) => y > 0 && y < arm)
    for (const x of xs)
      yield [
        { at: [x, 0], of: whole(width - x, arm) },
        { at: [0, 0], of: { width: foot, height, foot: x, arm: height - arm }, turn: 'upside down' },
      ]
    for (const y of ys)
      yield [
        { at: [0, y], of: whole(foot, height - y) },
        { at: [0, 0], of: { width, height: arm, foot: width - foot, arm: y }, turn: 'across' },
      ]
    for (const x of xs)
      for (const y of ys) {
        yield [
          { at: [x, 0], of: { width: width - x, height: arm, foot: width - foot, arm: y }, turn: 'across' },
          { at: [0, 0], of: { width: foot, height, foot: x, arm: height - y }, turn: 'upside down' },
        ]
        yield [
          { at: [0, y], of: { width: foot, height: height - y, foot: x, arm: height - arm }, turn: 'upside down' },
          { at: [0, 0], of: { width, height: arm, foot: width - x, arm: y }, turn: 'across' },
        ]
      }
  }

  /** A rectangle in two L-shapes, where that holds more than the table knows of. Yields how far it is, 0..1. */
  *better(width: number, height: number): Generator<number, Divided> {
    let best: Divided = { count: this.table.count(width, height) }
    const bound = this.table.bound(width, height)
    if (best.count >= bound) return best
    const cuts = (length: number) => [...this.table.sums].filter((s) => s > 0 && s < length)
    const [xs, ys] = [cuts(width), cuts(height)]
    // up from an edge to a bend, aside to another, and on to the opposite edge
    const lines = [
      { first: xs, bends: ys, pieces: upright },
      { first: ys, bends: xs, pieces: lying },
    ]
    let done = 0
    for (const { first, bends, pieces } of lines)
      for (const to of first) {
        yield done++ / (xs.length + ys.length)
        for (const from of first)
          for (const bend of from < to ? bends : []) {
            const [one, other] = pieces(width, height, from, to, bend)
            best = this.#better(best, one, other, DEPTH)
            if (best.count >= bound || this.isTired) return best
          }
      }
    return best
  }

  /** Where they lie, mm, for what `better` found of a rectangle. */
  layBetter = (width: number, height: number, divided: Divided): Box[] =>
    this.#lay(whole(width, height), divided, DEPTH)

  /** Where they lie in a shape, mm. */
  lay = (shape: LShape): Box[] => this.#lay(shape, this.solve(shape), Math.max(0, DEPTH - 1))

  /** `depth`: to which the pieces were solved. */
  #lay(shape: LShape, divided: Divided, depth: number): Box[] {
    if (!divided.pieces) {
      const l = this.#tidy(shape)
      return this.table.lay(l.width, l.height)
    }
    return divided.pieces.flatMap(({ at, of, turn }) => {
      const [width, height] = [of.width / 10, of.height / 10]
      return this.#lay(of, this.solve(of, depth), Math.max(0, depth - 1)).map((b) => ({
        ...b,
        x: at[0] / 10 + (turn === 'half' || turn === 'across' ? width - b.x - b.width : b.x),
        y: at[1] / 10 + (turn === 'half' || turn === 'upside down' ? height - b.y - b.height : b.y),
      }))
    })
  }
}

const upright = (width: number, height: number, from: number, to: number, bend: number): [Piece, Piece] => [
  { at: [0, 0], of: { width: to, height, foot: from, arm: bend } },
  { at: [from, 0], of: { width: width - from, height, foot: width - to, arm: height - bend }, turn: 'half' },
]
const lying = (width: number, height: number, from: number, to: number, bend: number): [Piece, Piece] => [
  { at: [0, 0], of: { width, height: to, foot: bend, arm: from } },
  { at: [0, from], of: { width, height: height - from, foot: width - bend, arm: height - to }, turn: 'half' },
]
