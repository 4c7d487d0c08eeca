/** Keys, in millimetres. What is shared of it, by name. */
export { type KeyCell, type KeyDrawing, keyOf, type Measure } from './key'
export { MARGIN, type SheetName, type SheetPlan, SHEETS, spreadOver, type Tile } from './sheets'
