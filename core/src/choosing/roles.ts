import type { Paint } from '../documents/paint'
import { isDark } from '../order'
import { propertiesOf } from '../paints/properties'
import { viewOfPaint } from '../paints/view'
import { GRANULATIONS, levelOn, STAININGS } from '../pigments/scales'

/** Something that a palette should have one of, whatever its colours reach (common practice, no source). */
export interface Role {
  /** `a yellow earth`. */
  words: string
  is(paint: Paint): boolean
}

const isOf = (family: string) => (paint: Paint) => viewOfPaint(paint).family === family
const fine =
  (...families: string[]) =>
  (paint: Paint) =>
    families.includes(viewOfPaint(paint).fine ?? '')
const grain = (paint: Paint) => levelOn(GRANULATIONS, propertiesOf(paint).granulation?.value)

/** What hands and paper ask of a palette beside its colours. */
export const ROLES: readonly Role[] = [
  { words: 'a yellow earth', is: fine('yellow earth') },
  { words: 'a red or brown earth', is: fine('red earth', 'brown') },
  { words: 'a granulating blue', is: (p) => isOf('blue')(p) && grain(p) >= 2 },
  { words: 'a smooth blue', is: (p) => isOf('blue')(p) && grain(p) === 0 },
  { words: 'a dark', is: (p) => isDark(viewOfPaint(p)) },
  {
    words: 'something that lifts',
    is: (p) => {
      const level = levelOn(STAININGS, propertiesOf(p).staining?.value)
      return level === 0 || level === 1
    },
  },
]

/** Roles that only this one of some paints has. */
export const rolesOnlyOf = (paint: Paint, all: readonly Paint[]): Role[] =>
  ROLES.filter((role) => role.is(paint) && !all.some((other) => other.id !== paint.id && role.is(other)))
