import 'fake-indexeddb/auto'
import { afterEach, describe, expect, it } from 'vitest'
import { runs } from '../../tests/setup/runs'
import { closeWindows, dayAt, numbers, windowOn, Year } from './yearPlay.fixture'

afterEach(closeWindows)

describe('a year of filling, moving, painting, ordering, sending back, correcting', () => {
  it.each([1, 2])('plan, pans, ledger, balances, orders and money agree after every act (%i)', async (seed) => {
    const year = new Year(numbers(seed * 7919), await windowOn(`year-${seed}-${Math.random()}`, true))
    for (let i = 0; i < runs(500); i += 1) year.holds(await year.act())
    const kinds = (kind: string) => year.book.deeds.filter((d) => d.deed.do === kind).length
    for (const kind of ['fill', 'clean', 'swap', 'take out', 'put in', 'lay', 'paint'])
      expect(kinds(kind), kind).toBeGreaterThan(8)
    expect(year.book.orders.length).toBeGreaterThan(10)
  })

  it('the same in two windows, each acting in turn', async () => {
    const name = `year-two-${Math.random()}`
    const one = await windowOn(name, true)
    await one.keeper.flush()
    const windows = [one, await windowOn(name, false)] as const
    const year = new Year(numbers(4242), one)
    for (let i = 0; i < runs(120); i += 1) {
      year.hands = windows[i % 2]!
      const did = await year.act()
      await year.hands.keeper.flush()
      year.holds(did)
      year.hands = windows[(i + 1) % 2]!
      await year.hands.keeper.look()
      year.holds(`${did}, seen by the other window`)
    }
  })

  it('what is undone is as if it had not been', async () => {
    const hands = await windowOn(`year-undo-${Math.random()}`, true)
    const year = new Year(numbers(99), hands)
    for (let i = 0; i < 60; i += 1) year.holds(await year.act())
    const { filling, undo, collection } = hands
    const before = collection.core.ledger.places('north')
    const vessel = { paletteId: 'north', placeId: 'A1' }
    const fill = { kind: 'fill', itemId: 'tube-rose', paintId: 'rose', millilitres: 0.7, dryingDays: 3 } as const
    expect(filling.record({ ...fill, day: dayAt(year.day), vessel })).toBeUndefined()
    undo.undo()
    year.holds('a filling undone')
    expect(collection.core.ledger.places('north')).toEqual(before)
  })
})
