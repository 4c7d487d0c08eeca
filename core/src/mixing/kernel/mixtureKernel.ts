import type { Optics } from '../../film/optics'
import type { KernelCore } from './kernelCore'
import { layOut, type Layout } from './layout'
import { plainKernel } from './plainKernel'
import { pairRank } from './ranks'
import { ratioGroups } from './ratios'
import type { TargetGrid } from './targetGrid'
import { wasmKernel } from './wasmKernel'

/** What a set serves that none of its parts does, and by which of the kernel's mixtures it comes nearest. */
export interface Served {
  targets: Uint16Array
  squared: Float32Array
  choice: Uint16Array
}

/**
 * Mixes sets of up to three of the given paints in all of the kernel's ratios and loads, and says which targets they
 * serve. Twelve bands, single precision; whatever is shown is worked out with all 36 by `predictMixture`.
 */
export class MixtureKernel {
  readonly #core: KernelCore
  readonly #layout: Omit<Layout, 'memory'>

  /** @param plain without WebAssembly, as where there is none; the answers are the same. */
  constructor(optics: readonly Optics[], grid: TargetGrid, plain = false) {
    const { fill, ...layout } = layOut(optics, grid)
    this.#layout = layout
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
    const { out, best, choice } = this.#layout
    const found = this.#core.serve(i, j, k, size, first[size], count[size], out)
    const targets = new Uint16Array(this.#core.memory, out, found).slice()
    const nearness = new Float32Array(this.#core.memory, best)
    const choices = new Uint16Array(this.#core.memory, choice)
    const served = {
      targets,
      squared: Float32Array.from(targets, (t) => nearness[t]!),
      choice: Uint16Array.from(targets, (t) => choices[t]!),
    }
    this.#core.forget(out, found)
    return served
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
    const { counts, out } = this.#layout
    const all = this.#core.serveRow(j, k, first[3], count[3], counts, out)
    return {
      counts: new Uint16Array(this.#core.memory, counts, j),
      targets: new Uint16Array(this.#core.memory, out, all),
    }
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
