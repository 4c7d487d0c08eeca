/** Water to one part of paint at which a wash is painted out, by drops. */
export const WASH_WATER = 6
/** How much a part of water thins a paint, from the load of its wash. */
export const thinningOf = (washLoad: number) => (1 / washLoad - 1) / WASH_WATER

/** Load of a wash of so many parts of water, 0 upward: 1 without water, `washLoad` at 6. */
export const loadOfWash = (washLoad: number, water: number): number =>
  1 / (1 + Math.max(0, water) * thinningOf(washLoad))
