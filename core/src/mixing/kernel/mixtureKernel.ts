import { ciede2000 } from '../../colour/ciede2000'
import type { Optics } from '../../film/optics'
import type { KernelCore } from './kernelCore'
import { layOut, type Layout } from './layout'
import { plainKernel } from './plainKernel'
import { pairRank } from './ranks'
import { ratioGroups } from './ratios'
import { squareOf, type TargetGrid } from './targetGrid'
import { wasmKernel } from './wasmKernel'

/** What a set serves that none of its parts does, and by which of the kernel's mixtures. */
export interface Served {
  targets: Uint16Array
  choice: Uint16Array
}

/**
 * Mixes sets of up to three of the given paints in all of the kernel's ratios and loads, and says which targets they
 * serve. It looks for them with twelve bands and the quadratic form of CIEDE2000, in single precision; whether a target
 * that it finds is near enough is decided with all 36 bands and the whole formula.
 */
export class MixtureKernel {
  readonly #core: KernelCore
  readonly #layout: Omit<Layout, 'memory'>
  readonly #grid: TargetGrid

  /** @param plain without WebAssembly, as where there is none; the answers are the same. */
  constructor(optics: readonly Optics[], grid: TargetGrid, plain = false) {
    const { fill, ...layout } = layOut(optics, grid)
    this.#layout = layout
    this.#grid = grid
    this.#core = (!plain && wasmKernel(layout, fill)) || plainKernel(layout, fill)
  }

  /** Lab of four ratios of one to three paints, at [load][channel][lane]. */
  mix(members: readonly number[], group: number): Float32Array {
    const [i = 0, j = i, k = i] = members
    this.#core.mix(i, j, k, members.length, group)
    const { scratchLabs } = this.#layout
    return new Float32Array(this.#core.memory.slice(scratchLabs, scratchLabs + LABS_BYTES))
  }

  /** What a set serves that its parts, as far as they were marked, do not. */
  serve(members: readonly number[]): Served {
    const size = members.length as 1 | 2 | 3
    const [i = 0, j = i, k = i] = members
    const { first, count } = ratioGroups()
    const { out, choice, met } = this.#layout
    const found = this.#core.serve(i, j, k, size, first[size], count[size], out)
    this.#core.exact(i, j, k, size, out, found, met)
    this.#core.forget(out, found)
    const near = new Uint16Array(this.#core.memory, out, found)
    const targets = near.slice(0, this.#keepNear(near, 0, found, 0))
    const choices = new Uint16Array(this.#core.memory, choice)
    return { targets, choice: Uint16Array.from(targets, (t) => choices[t]!) }
  }

  /**
   * Of the found targets, `count` from place `from` on, those that are near enough move up to place `into`; how many.
   * Most are so near that the quadratic form decides.
   */
  #keepNear(found: Uint16Array, from: number, count: number, into: number): number {
    const labs = new Float32Array(this.#core.memory, this.#layout.met + from * 12, count * 3)
    const { labs: sought, near, sure, forms } = this.#grid
    let kept = into
    for (let c = 0; c < count; c += 1) {
      const t = found[from + c]!
      const [L, a, b] = [labs[c * 3]!, labs[c * 3 + 1]!, labs[c * 3 + 2]!]
      const [L0, a0, b0] = [sought[t * 3]!, sought[t * 3 + 1]!, sought[t * 3 + 2]!]
      if (squareOf(forms, L - L0, a - a0, b - b0, t * 9 + 3) < sure[t]! || ciede2000(L, a, b, L0, a0, b0) <= near)
        found[kept++] = t
    }
    return kept - into
  }

  /** Remembers what a single paint or a pair serves, so that larger sets are asked only for more. */
  mark(members: readonly number[], targets: ArrayLike<number>): void {
    const { words, served1, served2 } = this.#layout
    const bits = new Uint32Array(this.#core.memory)
    const [i = 0, j] = members
    const at = j === undefined ? served1 / 4 + i * words : served2 / 4 + pairRank(i, j) * words
    if (j !== undefined)
      for (let w = 0; w < words; w += 1)
        bits[at + w] = bits[served1 / 4 + i * words + w]! | bits[served1 / 4 + j * words + w]!
    for (let t = 0; t < targets.length; t += 1) bits[at + (targets[t]! >> 5)]! |= 1 << (targets[t]! & 31)
  }

  /** What the triples (i, j, k) serve newly, for every i before j: how many each, and which, end to end. Views, valid until the next call. */
  row(j: number, k: number): { counts: Uint16Array; targets: Uint16Array } {
    const { first, count } = ratioGroups()
    const { counts, out, met } = this.#layout
    this.#core.serveRow(j, k, first[3], count[3], counts, out, met)
    const found = new Uint16Array(this.#core.memory, counts, j)
    const targets = new Uint16Array(this.#core.memory, out)
    // what is kept moves up to where it belongs, over what was looked at already
    let [from, kept] = [0, 0]
    for (let i = 0; i < j; i += 1) {
      const here = found[i]!
      found[i] = this.#keepNear(targets, from, here, kept)
      kept += found[i]!
      from += here
    }
    return { counts: found, targets: targets.subarray(0, kept) }
  }

  /**
   * How near the triples (i, j, k) come to a target of the grid, for every i before j: the least squared difference
   * over the kernel's ratios and the first loads by steps of two. A view, valid until the next call.
   */
  nearRow(j: number, k: number, target: number, octaves: number): Float32Array {
    const { first, count } = ratioGroups()
    const { out } = this.#layout
    this.#core.nearRow(j, k, first[3], count[3], target, octaves, out)
    return new Float32Array(this.#core.memory, out, j)
  }
}

const LABS_BYTES = 12 * 3 * 4 * 4
