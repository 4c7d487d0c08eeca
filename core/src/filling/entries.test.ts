import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../arranging/holders'
import type { FillEvent } from '../documents/journal/event'
import type { Item } from '../documents/item'
import type { Palette } from '../documents/palette'
import { Ledger } from '../ledger/ledger'
import { doubtFilling } from './doubts'
import { correctEvent, recordEvent } from './entries'

const A1 = { paletteId: 'tin', placeId: 'A1' }
const filling: FillEvent = {
  kind: 'fill',
  day: '2026-05-01',
  vessel: A1,
  itemId: 't1',
  paintId: 'other',
  millilitres: 14.5,
  dryingDays: 6,
}
const stamp = (id: string, recorded = '2026-06-01T08:00:00.000Z') => ({ id, recorded })
const ledger = () => new Ledger([{ ...stamp('e1'), v: 2, type: 'event', event: filling }])
const item: Item = {
  id: 't1',
  v: 2,
  paintId: 'p',
  kind: 'tube',
  millilitres: 15,
  supply: 'open',
  remarks: [],
  bought: '2026-05-10',
}
const palette: Palette = { id: 'tin', v: 1, name: 'Tin', use: 'travel', purpose: '', holder: HOLDERS[0]!, plan: {} }
const today = '2026-05-01'

describe('entries of the journal', () => {
  it('refuse what is no event, naming the field', () => {
    const bad = recordEvent({ kind: 'clean', day: '2026-13-01', vessel: A1 }, stamp('e9'))
    expect(bad).toMatchObject({ error: { code: 'invalid-entry', where: 'day' } })
    expect(recordEvent({ kind: 'measure', day: today, itemId: 't', millilitres: Number.NaN }, stamp('e9')).ok).toBe(
      false,
    )
    expect(correctEvent(ledger(), 'nothing', null, stamp('e9'))).toMatchObject({ error: { code: 'no-such-entry' } })
    expect(correctEvent(ledger(), 'e1', { ...filling, millilitres: 0 }, stamp('e9')).ok).toBe(false)
  })

  it('a correction holds even when the clock was set back since the one before', () => {
    const book = ledger()
    const fast = correctEvent(book, 'e1', { ...filling, millilitres: 2 }, stamp('c1', '2026-06-01T10:00:00.000Z'))
    if (fast.ok) book.add(fast.value)
    const right = correctEvent(book, 'e1', { ...filling, millilitres: 3 }, stamp('c0', '2026-06-01T09:00:00.000Z'))
    expect(right).toMatchObject({ ok: true, value: { recorded: '2026-06-01T10:00:00.001Z' } })
    if (right.ok) book.add(right.value)
    expect(book.account('t1').drawn).toBe(3)
  })
})

describe('doubts about a filling', () => {
  it('are said, never refused', () => {
    const odd = doubtFilling({ palette, placeId: 'A1', item, millilitres: 5, day: '2026-05-02' }, ledger())
    expect(odd.map((d) => d.code)).toEqual(['more-than-left', 'over-the-brim', 'other-paint', 'before-bought'])
    expect(doubtFilling({ palette, placeId: 'A2', item, millilitres: 0.5, day: '2026-05-12' }, ledger())).toEqual([])
  })

  it('a correction is doubted as a filling is, with what the entry drew free again', () => {
    const correction = { palette, placeId: 'A1', item, day: '2026-05-12', instead: filling }
    expect(doubtFilling({ ...correction, millilitres: 1.2 }, ledger())).toEqual([])
    expect(doubtFilling({ ...correction, millilitres: 483.2 }, ledger()).map((d) => d.code)).toEqual([
      'more-than-left',
      'over-the-brim',
    ])
  })

  it('the brim counts what is wet in full, of what is dry the last pour at half', () => {
    const poured = (day: string, millilitres: number) => ({ ...filling, day, millilitres, paintId: 'p' })
    const book = (...fills: FillEvent[]) =>
      new Ledger(fills.map((event, i) => ({ ...stamp(`f${i}`), v: 2, type: 'event', event })))
    const over = (l: Ledger, day: string, millilitres: number) =>
      doubtFilling({ palette, placeId: 'A1', item, millilitres, day }, l).find((d) => d.code === 'over-the-brim')
    // a half pan holds about 1.8 ml
    const wet = book(poured('2026-06-01', 1))
    expect(over(wet, '2026-06-02', 1.2)?.message).toContain('about 1.0 lie in it already')
    expect(over(wet, '2026-07-01', 1.2)).toBeUndefined()
    expect(over(wet, '2026-07-01', 1.8)?.message).toContain('about 0.5 lie in it already')
    const often = book(...['2026-01-01', '2026-02-01', '2026-03-01', '2026-04-01'].map((d) => poured(d, 1)))
    expect(over(often, '2026-07-01', 1.2)).toBeUndefined()
  })
})
