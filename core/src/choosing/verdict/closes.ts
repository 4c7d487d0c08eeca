import type { Paint } from '../../documents/paint'
import { propertiesOf } from '../../paints/properties'
import { viewOfPaint } from '../../paints/view'
import { GRANULATIONS, levelOn, STAININGS, TRANSPARENCIES } from '../../pigments/scales'
import { DARK } from '../brief/wishes'
import type { GapKind } from './gapKind'

const view = (paint: Paint) => viewOfPaint(paint)
const ofFamily = (family: string) => (paint: Paint) => view(paint).family === family
const ofTemperature = (family: string, temperature: string) => (paint: Paint) =>
  view(paint).family === family && view(paint).lean?.temperature === temperature
export const granulationOf = (paint: Paint): number => levelOn(GRANULATIONS, propertiesOf(paint).granulation?.value)

const isLifting = (paint: Paint) => {
  const level = levelOn(STAININGS, propertiesOf(paint).staining?.value)
  return level === 0 || level === 1
}

/** What a paint must be to close each gap, as painters tell it. */
export const CLOSES: Readonly<Record<GapKind, (paint: Paint) => boolean>> = {
  yellow: ofFamily('yellow'),
  red: ofFamily('red'),
  blue: ofFamily('blue'),
  'cool yellow': ofTemperature('yellow', 'cool'),
  'warm yellow': ofTemperature('yellow', 'warm'),
  'warm red': ofTemperature('red', 'warm'),
  'cool red': ofTemperature('red', 'cool'),
  'blue that leans violet': (p) => view(p).family === 'blue' && view(p).lean?.toward === 'violet',
  'blue that leans green': (p) => view(p).family === 'blue' && view(p).lean?.toward === 'green',
  'clean green': ofFamily('green'),
  'clean orange': ofFamily('orange'),
  'clean violet': ofFamily('violet'),
  'deep dark': (p) => (view(p).masstone?.L ?? 100) < DARK,
  earth: ofFamily('earth'),
  'something that lifts': isLifting,
  'opaque light': (p) =>
    levelOn(TRANSPARENCIES, propertiesOf(p).transparency?.value) >= 2 && (view(p).masstone?.L ?? 0) > 85,
  'something that granulates': (p) => granulationOf(p) >= 1,
  'something smooth': (p) => granulationOf(p) === 0,
}
