import fc from 'fast-check'
import { expect, it } from 'vitest'
import { HOLDERS } from '../arranging/holders'
import type { Palette } from '../documents/palette'
import { exchangesToPlan } from './carryOut'
import { Ledger } from '../ledger/ledger'

const ids = HOLDERS[0]!.places.map((p) => p.id)

it('after the exchanges every planned paint that lay in the tin lies in its place, for any plan', () => {
  const paints = fc.shuffledSubarray(['a', 'b', 'c', 'd', 'e', 'f'], { minLength: 1 })
  fc.assert(
    fc.property(
      paints,
      fc.shuffledSubarray(ids, { minLength: 6, maxLength: 6 }),
      fc.shuffledSubarray(ids, { minLength: 6, maxLength: 6 }),
      (present, from, to) => {
        const ledger = new Ledger(
          present.map((paintId, i) => ({
            id: `e${i}`,
            v: 2,
            recorded: `2026-05-01T08:00:0${i}.000Z`,
            type: 'event',
            event: {
              kind: 'fill',
              day: '2026-05-01',
              vessel: { paletteId: 'tin', placeId: from[i]! },
              itemId: 't',
              paintId,
              millilitres: 1,
              dryingDays: 1,
            },
          })),
        )
        const plan = Object.fromEntries(present.map((paintId, i) => [to[i]!, { paintId }]))
        const palette: Palette = { id: 'tin', v: 1, name: 'Tin', use: 'travel', purpose: '', holder: HOLDERS[0]!, plan }
        const events = exchangesToPlan(palette, ledger.places('tin'), '2026-05-02')
        events.forEach((event, i) =>
          ledger.add({ id: `x${i}`, v: 2, recorded: `2026-05-02T08:00:0${i}.000Z`, type: 'event', event }),
        )
        const state = ledger.places('tin')
        present.forEach((paintId, i) => expect(state.get(to[i]!)?.content?.layers[0]?.paintId).toBe(paintId))
        expect(events.length).toBeLessThanOrEqual(present.length)
        expect(exchangesToPlan(palette, state, '2026-05-03')).toEqual([])
      },
    ),
  )
})

it('leaves wells alone', () => {
  const palette: Palette = {
    id: 'w',
    v: 1,
    name: 'Tray',
    use: 'studio',
    purpose: '',
    holder: HOLDERS[3]!,
    plan: { A1: { paintId: 'a' } },
  }
  const content = {
    layers: [{ entryId: 'e', itemId: 't', paintId: 'a', day: '2026-05-01', millilitres: 1, dryingDays: 1 }],
    dryFrom: '2026-05-02',
  }
  expect(exchangesToPlan(palette, new Map([['A2', { content, stays: [] }]]), '2026-05-03')).toEqual([])
})
