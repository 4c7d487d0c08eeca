import { tube } from '../../src/documents/documents.fixture'
import type { Paint } from '../../src/documents/paint'
import { findStandIns, soughtOf, type StandIn } from '../../src/standins'
import { NINETY, ofCode } from './collections'

/**
 * What an experienced painter would take in place of a pigment when ninety others lie in the drawer, written down before it
 * was run: common practice, no source. `+` joins what is mixed; several codes before the bar are a mixture in the tube.
 */
export const STAND_INS: readonly { of: string; first: readonly string[] }[] = `
PR83 | PR264 PR177 PV19+PR179
NR9 | PV19 PR209
PB33 | PB15:3 PB36 PB35+PG50
PO49 | PY150+PR101 PY150+PO71
PG18 | PG7 PG7+PR101
PB28 | PB29+PB15:3 PB29 PB15:1
PR108 | PR255 PR254
PY35 | PY74 PY154 PY184 PY97+PW6
PO20 | PO62 PO73
PY40 | PY150 PY175 PY150+PY3
BV10 | PR122 PV19
NB1 | PB60+PBk9 PB15:3+PBk7+PV19
NBr8 | PBr7 PBr7+PBk9 PR101+PBk9
PB27 | PB15:3+PBk6 PB15:1+PBk9
PV14 | PV16 PV15 PV19+PB29
PG50 | PB16 PB15:3+PG7 PB15:3+PG7+PW4
PB60 | PB29+PBk11 PB29+PR101 PB15:1+PV23
PR179 | PR177+PR101 PV19+PBr7
PY129 | PY150+PG36 PY150+PG7 PY3+PG36+PR101
PBk31 | PG7+PV19 PG7+PR179 PG7+PBk9
PV23 | PB60+PV19 PB29+PV19 PV37
PY1 | PY154 PY97
PG8 | PG7+PY110 PG36+PBr7
PG18+PB29+PR177 | PB29+PG18+PR177
PG7+PY150 | PG7+PY150
`
  .trim()
  .split('\n')
  .map((line) => {
    const [of, first] = line.split(' | ')
    return { of: of!, first: first!.split(' ').map((one) => one.split('+').sort().join('+')) }
  })

/** What stands in for a pigment, or a mixture of some, with the ninety others in the drawer. */
export function standInsFor(of: string): StandIn[] {
  const wanted: Paint = { ...ofCode(of.split('+')[0]!), id: 'wanted', name: of, pigments: of.split('+') }
  const owned = NINETY.filter((p) => p.id !== of)
  const sought = soughtOf({ kind: 'paint', paintId: wanted.id }, () => wanted)
  if (!sought.ok) throw new Error(`${of}: ${sought.error.message}`)
  const itemsOf = (id: string) => (id === wanted.id ? [] : [tube(`${id} tube`, id)])
  const found = findStandIns({ sought: sought.value, context: { palette: [], owned, itemsOf }, most: 2 })
  if (!found.ok) throw new Error(found.error.message)
  return found.value
}
/** What a stand-in is, by its codes: `PV19`, `PR179+PV19`, `buy PV37`. */
export const named = ({ paintId, mixture, pigment }: StandIn) =>
  paintId ??
  mixture?.paints
    .map((p) => p.id)
    .sort()
    .join('+') ??
  `buy ${pigment}`
