import { expect, it } from 'vitest'
import { balanceOf } from './items'
import { Ledger } from './ledger'
import { stamp } from './journal.arbitrary'

it('what was measured counts before what was said by eye, that before the label; empty is empty', () => {
  const measured = new Ledger([
    { ...stamp(1), v: 2, type: 'event', event: { kind: 'measure', day: '2026-05-01', itemId: 't', millilitres: 8 } },
  ])
  const nearly = { millilitres: 15, supply: 'open' as const, remarks: ['nearly empty' as const] }
  expect(balanceOf(nearly, measured.account('t'))).toEqual({ left: 8, from: 'measured' })
  expect(balanceOf(nearly, measured.account('none'))).toEqual({ left: 1.5, from: 'by eye' })
  expect(balanceOf({ millilitres: 15 }, measured.account('none'))).toEqual({ left: 15, from: 'label' })
  expect(balanceOf({ millilitres: 15, supply: 'empty' }, measured.account('t')).left).toBe(0)
})
