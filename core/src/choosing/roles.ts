import type { Paint } from '../documents/paint'
import { isDark } from '../order'
import { viewOfPaint } from '../paints/view'
import { CLOSES, granulationOf } from './verdict/closes'

/** Something that a palette should have one of, whatever its colours reach (common practice, no source). */
export interface Role {
  /** `a yellow earth`. */
  words: string
  is(paint: Paint): boolean
}

const fine =
  (...families: string[]) =>
  (paint: Paint) =>
    families.includes(viewOfPaint(paint).fine ?? '')

/** What hands and paper ask of a palette beside its colours. */
export const ROLES: readonly Role[] = [
  { words: 'a yellow earth', is: fine('yellow earth') },
  { words: 'a red or brown earth', is: fine('red earth', 'brown') },
  { words: 'a granulating blue', is: (p) => CLOSES.blue(p) && granulationOf(p) >= 2 },
  { words: 'a smooth blue', is: (p) => CLOSES.blue(p) && granulationOf(p) === 0 },
  { words: 'a dark', is: (p) => isDark(viewOfPaint(p)) },
  { words: 'something that lifts', is: CLOSES['something that lifts'] },
]
