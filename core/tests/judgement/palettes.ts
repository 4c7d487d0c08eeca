import { assessPalette } from '../../src'
import type { Assessment, GapKind } from '../../src/choosing'
import { tin } from '../../src/documents/documents.fixture'
import type { Paint } from '../../src/documents/paint'
import { commonnessOf } from '../../src/pigments'
import { toTheEnd } from '../../src/steps'
import { NINETY, ofCode } from './collections'

/** A palette that is built badly, and what a teacher would say of it first: common practice, no source; written before it was run. */
export interface BadPalette {
  says: string
  codes: string
  /** The gap that must come first, or, where no gap is the point, the family of which there is too much. */
  first?: GapKind
  crowd?: string
  twins?: [string, string]
  /** Codes one of which must be named as its remedy; codes that must not be. */
  remedy?: string
  never?: string
}
export const BAD_PALETTES: readonly BadPalette[] = [
  {
    says: 'no dark',
    codes: 'PY3 PY110 PO62 PR255 PR209 PB35 PG50 PY42',
    first: 'deep dark',
    remedy: 'PBk6 PBk7 PBk9 PBk11 PBk31 PB60 PV23 PB15:3 PG7 PB27 PV29 PG36',
    never: 'PR83 NBr8 PB66 NB1',
  },
  {
    says: 'no cool red',
    codes: 'PY3 PY110 PR254 PR255 PB29 PB15:3 PY42 PBr7 PBk6',
    first: 'cool red',
    remedy: 'PV19 PR122 PR264 PR177 PR202 PR176',
    never: 'PR83 NR9 PV23 BV10',
  },
  {
    says: 'no warm yellow',
    codes: 'PY3 PY175 PR254 PV19 PB29 PB15:3 PY42 PBr7 PBk6',
    first: 'warm yellow',
    remedy: 'PY65 PY110 PY83 PY139 PY37',
    never: 'PY1 PY40 PY153',
  },
  {
    says: 'no cool yellow',
    codes: 'PY65 PY110 PR254 PV19 PB29 PB15:3 PY42 PBr7 PBk6',
    first: 'cool yellow',
    remedy: 'PY3 PY175 PY184 PY138 PY151',
    never: 'PY1 PY40 PY129',
  },
  {
    says: 'no blue at all',
    codes: 'PY3 PY65 PR254 PV19 PG7 PY42 PBr7 PBk6 PO62',
    first: 'blue',
    remedy: 'PB29 PB15:3 PB28 PB15',
    never: 'PB66 PB33',
  },
  {
    says: 'no violet-leaning blue',
    codes: 'PY3 PY65 PR254 PV19 PB15:3 PB35 PY42 PBr7 PBk6',
    first: 'blue that leans violet',
    remedy: 'PB29 PB60 PB74',
  },
  {
    says: 'no earth',
    codes: 'PY3 PY65 PR254 PV19 PB29 PB15:3 PG18 PBk6',
    first: 'earth',
    remedy: 'PY42 PBr7 PR101 PR102 PY43',
  },
  {
    says: 'nothing that lifts',
    codes: 'PY3 PY110 PR254 PV19 PB60 PB15:3 PR101 PBk6 PV23',
    first: 'something that lifts',
    never: 'PR83',
  },
  { says: 'seven greens', codes: 'PG7 PG36 PG18 PG17 PG50 PBk31 PY129 PV19 PY65 PB29', crowd: 'green' },
  {
    says: 'all earth',
    codes: 'PY42 PY43 PBr7 PR101 PR102 PBr6 PBr24 PBr25',
    first: 'yellow',
    remedy: 'PY3 PY154 PY65 PY110 PY150 PY97 PY74 PY175 PY151 PY184',
    crowd: 'earth',
  },
  {
    says: 'twins under two names',
    codes: 'PB29 PB29~ PY3 PY65 PR254 PV19 PB15:3 PY42 PBr7 PBk6',
    twins: ['PB29', 'PB29~'],
  },
  {
    says: 'no red at all',
    codes: 'PY3 PY65 PO71 PV23 PB29 PB15:3 PG7 PY42 PBk6',
    first: 'red',
    remedy: 'PR254 PV19 PR255 PR264 PR209 PR108',
    never: 'PR83 PR112 PR170 NR9',
  },
]

/** What is owned: what most makers have, and some that fade, to see that they are not named. */
const OWNED: readonly Paint[] = [
  ...NINETY.filter((p) => commonnessOf(p.pigments[0]!)!.common >= 4),
  ...['PV14', 'PR177', 'PO71', 'PY65', 'PY110', 'PG50', 'NR9', 'PB66', 'PR112'].map(ofCode),
].filter((p, i, all) => all.findIndex((q) => q.id === p.id) === i)

/** The verdict of a palette of these codes; `~` marks a second paint of a code. */
export function judged(codes: string): Assessment {
  const ids = codes.split(' ')
  const own = ids.map((id): Paint => ({ ...ofCode(id.replace('~', '')), id, name: id }))
  const [place] = tin.holder.places
  const holder = { ...tin.holder, places: ids.map((_, i) => ({ ...place!, id: `P${i}` })) }
  const plan = Object.fromEntries(ids.map((id, i) => [`P${i}`, { paintId: id }]))
  const paints = [...OWNED.filter((p) => !ids.includes(p.id)), ...own]
  const answer = toTheEnd(assessPalette({ palette: { ...tin, holder, plan }, paints, complete: true }))
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}
