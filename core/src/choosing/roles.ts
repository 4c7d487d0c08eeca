import type { Brief } from '../documents/brief'
import type { Paint } from '../documents/paint'
import { isDark } from '../order'
import { viewOfPaint } from '../paints/view'
import { CLOSES, granulationOf } from './verdict/closes'
import type { GapKind } from './verdict/gapKind'

/** C* from which a red earth is a red rather than a brown (judgement: burnt siennas lie below 40, red oxides at 50). */
const BROWN_BELOW = 43

/** Something that a palette should have one of, whatever its colours reach (common practice, no source). */
export interface Role {
  /** `a yellow earth`. */
  words: string
  /** The gap of a palette without it: who does without that, does without this. */
  gap: GapKind
  /** Asked for because of its hue: no paint handles better for it. */
  isHue?: true
  is(paint: Paint): boolean
}

const fine =
  (...families: string[]) =>
  (paint: Paint) =>
    families.includes(viewOfPaint(paint).fine ?? '')

/** A burnt sienna or an umber, duller than red oxides: the usual partner of ultramarine. */
function isBrownEarth(paint: Paint): boolean {
  const { fine: family, masstone } = viewOfPaint(paint)
  if (family === 'brown') return true
  return family === 'red earth' && masstone !== undefined && Math.hypot(masstone.a, masstone.b) < BROWN_BELOW
}

/**
 * What hands and paper ask of a palette beside its colours, and the three from which one mixes whatever comes, also what
 * its subject does not hold.
 */
export const ROLES: readonly Role[] = [
  { words: 'a yellow', gap: 'yellow', isHue: true, is: CLOSES.yellow },
  { words: 'a red', gap: 'red', isHue: true, is: CLOSES.red },
  { words: 'a blue', gap: 'blue', isHue: true, is: CLOSES.blue },
  { words: 'a yellow earth', gap: 'earth', is: fine('yellow earth') },
  { words: 'a red or brown earth', gap: 'earth', is: fine('red earth', 'brown') },
  { words: 'a brown earth that greys blue', gap: 'earth', is: isBrownEarth },
  {
    words: 'a granulating blue',
    gap: 'something that granulates',
    is: (p) => CLOSES.blue(p) && granulationOf(p) >= 2,
  },
  { words: 'a smooth blue', gap: 'something smooth', is: (p) => CLOSES.blue(p) && granulationOf(p) === 0 },
  { words: 'a dark', gap: 'deep dark', is: (p) => isDark(viewOfPaint(p)) },
  { words: 'something that lifts', gap: 'something that lifts', is: CLOSES['something that lifts'] },
]

/** Wishes that say of a role that it is not wanted. */
const UNWANTED: readonly (readonly [wish: string, value: string, gap: GapKind])[] = [
  ['granulation', 'disliked', 'something that granulates'],
  ['granulation', 'liked', 'something smooth'],
  ['staining', 'stains', 'something that lifts'],
]

/** The roles that count for a palette: all, but for what its artist does without or wishes otherwise. */
export function rolesFor(brief: Pick<Brief, 'without' | 'wishes'> | undefined): readonly Role[] {
  const isUnwanted = ({ gap }: Role) =>
    brief?.without?.includes(gap) ||
    UNWANTED.some((u) => u[2] === gap && brief?.wishes?.some((w) => w.wish === u[0] && w.value === u[1]))
  return ROLES.filter((role) => !isUnwanted(role))
}

/** What the last paint of a role counts beside the colours, a share of worth (judgement): a missing hue. */
export const ROLE_WORTH = 0.04

/** The roles that none of these paints plays, in words. */
export const rolesLacking = (roles: readonly Role[], paints: readonly Paint[]): string[] =>
  roles.filter((role) => !paints.some(role.is)).map((role) => role.words)

/** What each of these paints is that no other of them is; paints that are the only one of nothing are not in it. */
export function onlyRolesOf(paints: readonly Paint[]): Map<string, string[]> {
  const only = new Map<string, string[]>()
  for (const role of ROLES) {
    const [one, ...others] = paints.filter(role.is)
    if (one && !others.length) only.set(one.id, [...(only.get(one.id) ?? []), role.words])
  }
  return only
}
