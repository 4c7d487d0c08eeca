/** Holders, places, orders. What is shared of it, by name. */
export { boxOf, placeToward } from './geometry'
export { HOLDERS } from './holders'
export { clearPlan, freePlaces, lockPlace, movePlan, placePaint, reservePlace } from './moves'
export { arrangeInOrder, type Arrangement, type Order, ORDERS } from './order'
