import type { Pixels } from '../paints/sheet/readPatch'
import type { Solve } from '../restocking/linearModel'

/** What a worker may have that core has not: a solver in WebAssembly, a picture's pixels. */
export interface Tools {
  solve?: Solve
  /** The pixels of a decoded picture; nothing where the browser does not give them. */
  pixelsOf?: (picture: unknown) => Pixels | undefined
}
