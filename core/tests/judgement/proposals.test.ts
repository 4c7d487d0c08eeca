import { describe, expect, it } from 'vitest'
import { proposePalettes, type PaletteProposal } from '../../src/choosing'
import { countsMissed } from '../../src/choosing/brief/counts'
import { ROLES } from '../../src/choosing/roles'
import type { Brief } from '../../src/documents/brief'
import { lastingOf, usualOf } from '../../src/order'
import { viewOfPaint } from '../../src/paints'
import { indexPaintsOf } from '../../src/reach/indexPaints'
import { EVERYTHING } from '../../src/reach/lattice'
import { mixtureIndex } from '../../src/reach/mixtureIndex'
import { toTheEnd } from '../../src/steps'
import { ofCode } from './collections'

/** Thirty that many a painter owns, some that fade, some that are seldom met: common practice, no source. */
const CODES =
  'PY3 PY154 PY65 PY110 PY150 PY42 PO62 PO20 PR254 PR255 PV19 PR122 PR83 NR9 PR101 PR179 PV23 PV14 PB29 PB28 PB15:3 PB27 PB60 PB36 PG7 PG18 PG50 PG23 PBk6 PBr7 PY43'
const PAINTS = CODES.split(' ').map(ofCode)
const { paints: films } = indexPaintsOf(PAINTS)
const found = toTheEnd(mixtureIndex({ paints: films, table: EVERYTHING, near: 5 }))
if (!found.ok) throw new Error(found.error.message)
const index = found.value
const tables = [{ index, weights: new Float64Array(index.count).fill(1), share: 1 }]

function propose(more: Partial<Parameters<typeof proposePalettes>[0]> = {}) {
  const answer = toTheEnd(proposePalettes({ paints: PAINTS, planned: [], free: 12, tables, ...more }))
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}
const of = (proposals: readonly PaletteProposal[], kind: string) => proposals.find((p) => p.kind === kind)!
const byId = new Map(PAINTS.map((p) => [p.id, p]))

describe('three palettes for one purpose (what must and must not be in them: common practice, no source)', () => {
  it('each is whole, best at what it says, and none holds what fades where something else does', () => {
    const proposals = propose()
    expect(proposals.map((p) => p.kind)).toEqual(['widest', 'handling', 'use'])
    for (const { paintIds, short } of proposals) {
      expect(new Set(paintIds).size).toBe(12)
      expect(short).toBe(0)
      expect(paintIds.filter((id) => lastingOf(byId.get(id)!).level === 0)).toEqual([])
      // every painter's twelve holds a yellow, a red or a rose, and a blue
      const families = paintIds.map((id) => viewOfPaint(byId.get(id)!).family)
      for (const family of ['yellow', 'red', 'blue']) expect(families, paintIds.join()).toContain(family)
    }
    const [widest, handling, use] = proposals as [PaletteProposal, PaletteProposal, PaletteProposal]
    expect(widest.reach).toBeGreaterThanOrEqual(Math.max(handling.reach, use.reach) - 1e-9)
    expect(handling.lacks).toEqual([])
    for (const role of ROLES)
      expect(
        handling.paintIds.some((id) => role.is(byId.get(id)!)),
        role.words,
      ).toBe(true)
    const usual = ({ paintIds }: PaletteProposal) => paintIds.reduce((sum, id) => sum + usualOf(byId.get(id)!), 0)
    expect(usual(use)).toBeGreaterThanOrEqual(usual(widest))
    // two of a dozen reds, an earth and ultramarine: what one would find in most tins
    expect(use.paintIds).toEqual(expect.arrayContaining(['PB29', 'PY42']))
  })

  it('what was used most is in the third; what is a must holds for all, and what stays stays', () => {
    const loved = ['PG23', 'PV14', 'PB36']
    const proposals = propose({ used: (id) => (loved.includes(id) ? 1 : 0), planned: ['PO20'], free: 11 })
    expect(of(proposals, 'use').paintIds).toEqual(expect.arrayContaining([...loved, 'PO20']))
    for (const { paintIds } of proposals) expect(paintIds).toContain('PO20')
    const brief: Brief = { stayOut: ['PB29', 'PB15:3'], mustIn: ['PBk6'] }
    for (const { paintIds } of propose({ brief })) {
      expect(paintIds).toContain('PBk6')
      expect(paintIds).not.toContain('PB29')
      expect(paintIds).not.toContain('PB15:3')
      expect(paintIds).toHaveLength(12)
    }
  })

  it('how many of a kind there must be holds for all three, whatever else they are best at', () => {
    const counts: NonNullable<Brief['counts']> = [
      { bound: 'least', count: 3, trait: 'granulating', family: 'blue', hard: true },
      { bound: 'least', count: 'half', trait: 'granulating', hard: true },
      { bound: 'most', count: 0, trait: 'opaque', hard: true },
      { bound: 'most', count: 1, family: 'violet', hard: true },
    ]
    for (const count of counts) {
      const proposals = propose({ brief: { counts: [count] } })
      expect(proposals.length, JSON.stringify(count)).toBeGreaterThan(1)
      for (const { kind, paintIds } of proposals) {
        const own = paintIds.map((id) => byId.get(id)!)
        expect(countsMissed([count], own), `${kind} of ${JSON.stringify(count)}: ${paintIds.join(' ')}`).toEqual([])
        expect(own).toHaveLength(12)
      }
    }
    // as a wish only, it rules nothing out
    expect(propose({ brief: { counts: [{ bound: 'most', count: 0, family: 'blue', hard: false }] } })).toHaveLength(3)
  })

  it('a collection smaller than the box leaves places free and says so; nothing to choose is refused', () => {
    const few = propose({ paints: PAINTS.slice(0, 5), free: 12 })
    expect(few).toHaveLength(1)
    expect([few[0]!.paintIds.length, few[0]!.short]).toEqual([5, 7])
    const none = toTheEnd(proposePalettes({ paints: PAINTS, planned: [], free: 0, tables }))
    expect(none.ok ? '' : none.error.code).toBe('no-place')
    const nobody = toTheEnd(proposePalettes({ paints: PAINTS, planned: [], free: 3, tables, isAtHand: () => false }))
    expect(nobody.ok ? '' : nobody.error.code).toBe('nobody-may')
  })

  it('paints that only one proposes are told, and the same question has the same answer', () => {
    const proposals = propose()
    for (const { kind, only, paintIds } of proposals)
      for (const id of paintIds)
        expect(only.includes(id), `${kind} ${id}`).toBe(
          proposals.every((other) => other.kind === kind || !other.paintIds.includes(id)),
        )
    expect(propose()).toEqual(proposals)
  })
})
