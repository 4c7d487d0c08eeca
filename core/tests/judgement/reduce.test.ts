import { expect, it } from 'vitest'
import { reduceSteps } from '../../src/choosing'
import { ROLES } from '../../src/choosing/roles'
import type { Paint } from '../../src/documents/paint'
import { lastingOf } from '../../src/order'
import { indexPaintsOf } from '../../src/reach/indexPaints'
import { EVERYTHING } from '../../src/reach/lattice'
import { mixtureIndex } from '../../src/reach/mixtureIndex'
import { toTheEnd } from '../../src/steps'
import { ofCode } from './collections'

/** Twenty-four that many a studio palette has: common practice, no source. */
const CODES = 'PY3 PY154 PY65 PY42 PO62 PR254 PV19 PR122 PR179 PV23 PB29 PB28 PB15:3 PB27 PG7 PG18 PR101 PBk9 PW6 PR83'
const MIXED: readonly [name: string, pigments: string][] = [
  ['Sap green', 'PG7 PY150'],
  ["Hooker's green", 'PG7 PY110'],
  ["Payne's grey", 'PB29 PBk6'],
]
const PAINTS: readonly Paint[] = [
  ...CODES.split(' ').map(ofCode),
  { ...ofCode('PBr7'), id: 'burnt sienna', name: 'Burnt sienna', variants: { PBr7: 'burnt sienna' } },
  ...MIXED.map(([name, codes]) => ({ ...ofCode('PB29'), id: name, name, pigments: codes.split(' ') })),
]

it('from twenty-four to twelve an ochre and burnt sienna outlive sap, Hooker’s and Payne’s; what fades goes (common practice, no source)', () => {
  const { paints } = indexPaintsOf(PAINTS)
  const index = toTheEnd(mixtureIndex({ paints, table: EVERYTHING, near: 5 }))
  if (!index.ok) throw new Error(index.error.message)
  const weights = new Float64Array(index.value.count).fill(1)
  const steps = toTheEnd(
    reduceSteps({ paints: PAINTS, tables: [{ index: index.value, weights, share: 1 }], until: 12 }),
  )
  const gone = steps.map((s) => s.paintId)
  expect(PAINTS).toHaveLength(24)
  expect(gone).toEqual(expect.arrayContaining(MIXED.map(([name]) => name)))
  expect(gone).not.toContain('PY42')
  expect(gone).not.toContain('burnt sienna')
  expect(gone).toContain('PR83')
  const left = PAINTS.filter((p) => !gone.includes(p.id))
  // one of everything that hands and paper ask for is left, and nothing that fades
  for (const role of ROLES) expect(left.some(role.is), role.words).toBe(true)
  expect(left.every((p) => lastingOf(p).level > 0)).toBe(true)
})
