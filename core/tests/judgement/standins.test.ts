import { describe, expect, it } from 'vitest'
import { tube } from '../../src/documents/documents.fixture'
import type { Paint } from '../../src/documents/paint'
import { isMade, lastingOf } from '../../src/order'
import { findStandIns, soughtOf, type StandIn } from '../../src/standins'
import { NINETY, ofCode } from './collections'
import { STAND_INS } from './standins'

function standInsFor(of: string): StandIn[] {
  const wanted: Paint = { ...ofCode(of.split('+')[0]!), id: 'wanted', name: of, pigments: of.split('+') }
  const owned = NINETY.filter((p) => p.id !== of)
  const sought = soughtOf({ kind: 'paint', paintId: wanted.id }, () => wanted)
  if (!sought.ok) throw new Error(`${of}: ${sought.error.message}`)
  const itemsOf = (id: string) => (id === wanted.id ? [] : [tube(`${id} tube`, id)])
  const found = findStandIns({ sought: sought.value, context: { palette: [], owned, itemsOf }, most: 2 })
  if (!found.ok) throw new Error(found.error.message)
  return found.value
}
const named = ({ paintId, mixture, pigment }: StandIn) =>
  paintId ??
  mixture?.paints
    .map((p) => p.id)
    .sort()
    .join('+') ??
  `buy ${pigment}`

describe('what stands in first, out of ninety codes (common practice, no source; docs/judgement.md)', () => {
  it.each(STAND_INS)('$of', ({ of, first }) => {
    const found = standInsFor(of)
    expect(first).toContain(named(found[0]!))
    // what fades comes after whatever lasts, and nothing that is gone is offered to buy
    const fading = found.findIndex((s) => s.fades)
    if (fading >= 0) expect(found.slice(fading).every((s) => s.fades)).toBe(true)
    for (const { paintId, pigment } of found) {
      if (paintId === found[0]!.paintId && paintId) expect(lastingOf(ofCode(paintId)).level).toBeGreaterThan(0)
      if (pigment) expect(isMade({ pigments: [pigment.split(' ')[0]!] }), pigment).toBe(true)
    }
  })
})
