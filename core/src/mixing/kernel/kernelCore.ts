/** The few things that a kernel does, over the memory that `layOut` describes. */
export interface KernelCore {
  memory: ArrayBufferLike
  /** Colours of four ratios of a set, left in the scratch memory: twelve loads of L*, a*, b*, four lanes each. */
  mix(i: number, j: number, k: number, count: number, group: number): void
  /** Numbers of the targets that a set serves newly, from `into` on; returns how many. */
  serve(i: number, j: number, k: number, count: number, first: number, groups: number, into: number): number
  /** With all bands: the colours of the mixtures by which a set came nearest to the listed targets, end to end from `into`. */
  exact(i: number, j: number, k: number, count: number, from: number, found: number, into: number): void
  /** Forgets how near the listed targets were. */
  forget(from: number, count: number): void
  /** All triples of j < k with each paint before j: a number for each at `counts`, the targets end to end from `into`, their colours from `met`. */
  serveRow(j: number, k: number, first: number, groups: number, counts: number, into: number, met: number): number
  /** How near each of those triples comes to a target, at so many loads by steps of two: squared differences at `into`. */
  nearRow(j: number, k: number, first: number, groups: number, target: number, octaves: number, into: number): void
}
