/** One paint as a film: Kubelka-Munk, its fit from swatches. What is shared of it, by name. */
export { cachedOptics } from './cachedOptics'
export { colourAt, loadAt, masstoneOf, reflectanceAt, washOf } from './optics'
export { opticsOfPaint, type PaintOptics, SOURCE_SD } from './paintOptics'
export { referenceOf, unsureCodes } from './whichReference'
export { bodyOf, referenceFilm } from './referenceFilm'
export { labOfSwatch } from './swatch'
export { problemOfSwatchPair } from './swatchPair'
