/** Keys, charts and cards, in millimetres. What is shared of it, by name. */
export { USUAL_KEY, type KeyForm, type KeyLook } from './keyCells'
export { fadeProgress } from './fadeLooks'
export { layBook } from './layBook'
export { layCards } from './layCards'
export { layChart } from './layChart'
export { codeMarks, codeSide, layCode, withCode } from './codeOnPaper'
export { layKey } from './layKey'
export { layList, type ListEntry } from './layList'
export { layBoxLabels, layUndersides } from './layLabels'
export { type CardBox, layNext, nextInWords } from './layNext'
export { layPartners } from './layPartners'
export { layPoster } from './layPoster'
export { FADE_LOOKS, layDilutions, layFadeTest, layValues } from './layScales'
export { layTriangle, layWheel, WHEEL_STEPS, type WheelSteps } from './layWheel'
export {
  type Colouring,
  type Filling,
  HAIR,
  type Ink,
  type Laid,
  type Mark,
  type Measure,
  type PaintedBox,
  type Tones,
} from './marks'
export { threeToBegin } from './threeToBegin'
export { onPaper, type Page, type PrintChoice, type Printed, type Room } from './onPaper'
export { PAPERS, type PaperChoice, type PaperName } from './paper'
export { paintingSteps, type PaintingStep } from './painting'
export { type Remarkable, remarkableOn } from './remarkable'
export { DASHES, PRINT_TYPEFACE, svgOf, writeSvg } from './svg'
export { becomes, type BoxMixture, type BoxSwatch, type BoxWash } from './photo/becomes'
export type { CheckedBox, PhotoChecked } from './photo/checkPhoto'
export { partOf } from './photo/knownBoxes'
