/** Properties and search of paints; what is read of them. What is shared of it, by name. */
export {
  alikeAmong,
  collectRows,
  keyOfCodes,
  makersOf,
  OWNED_MEANS,
  ownedAmong,
  type OwnedMeans,
  samePaint,
  USUAL_MILLILITRES,
} from './collect'
export { meanReading, type Reading, simulatedReader } from './colourReader'
export { behaviourInWords, codesInWords, familyInWords, paintInWords } from './inWords'
export { type Left, millilitresLeft, readLeft } from './reading/left'
export { type DayOrder, isOpenDay, readDay } from './reading/day'
export { type PaintRow, rowOfLine, type RowQuestion } from './paintRow'
export { parseLine, type ReadLine } from './reading/parseLine'
export { type ListedLine, parseLines, type SkippedLine } from './reading/parseLines'
export {
  CURRENCY_CODES,
  decimalsOf,
  type MoneyHabits,
  pricePerMillilitre,
  pricePerMlInWords,
  readMoney,
  readPrice,
  type Sums,
  sumsOf,
  writePrice,
} from './reading/price'
export { type Properties, lightfastnessAtBest, propertiesOf } from './properties'
export { type Corners, gridToImage } from './sheet/perspective'
export { type FoundGrid } from './sheet/findGrid'
export { findMarks } from './sheet/findMarks'
export { type Pixels } from './sheet/readPatch'
export { readSwatchSheet, readSwatchSheetInSteps, type SheetReading } from './sheet/readSwatchSheet'
export { type SheetConditions } from './sheet/simulatePhoto'
export { simulateSheet } from './sheet/simulateSheet'
export { byWheel, type PaintView, viewOfPaint } from './view'
export { filterInWords, type FilterWords, itemsSay, NONE_AT_HAND, type PaintFilter, passesFilter } from './filter'
export { type Double, DOUBLES, doublesOf } from './doubles'
export { readSearch, type SearchAsk, WISHED } from './readSearch'
export { type PaintIndex } from './search'
export { changeMany, type ManyChange, withMark } from './changeMany'
export { againstChild } from './forChild'
export { traitsOfMedium } from './media'
export { toldApart } from './toldApart'
