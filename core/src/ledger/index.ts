/** What the journal says of items, vessels and places. What is shared of it, by name. */
export type { Effective } from './effectiveJournal'
export { balanceOf, fillsLeft, leftInAll } from './items'
export { fillsFrom, Ledger } from './ledger'
export {
  type Content,
  contentInWords,
  type FoundDry,
  isMixed,
  isWet,
  leftIn,
  mainPaintOf,
  type PaletteState,
  portionsOf,
  pouredInto,
  type SeenUse,
  type Stay,
  topPaintOf,
  type VesselState,
} from './stays'
export type { Sitting } from './sittings'
