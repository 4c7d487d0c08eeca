/** Holders, places, orders. What is shared of it, by name. */
export { arrangePalette, type Arranged, type WishScore } from './arrangePalette'
export { ARRANGE_PRESETS, ARRANGE_WISHES, type Blend } from './arrangeWishes'
export { type ArrangementExplained, explainArrangement, type PlaceReason } from './explainArrangement'
export { type Move, planMoves } from './planMoves'
export { boxOf, placeToward } from './geometry'
export { HOLDER_GROUPS, HOLDERS } from './holders'
export { clearPlan, freePlaces, lockPlace, movePlan, placePaint, reservePlace } from './moves'
