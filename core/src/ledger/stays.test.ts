import { describe, expect, it } from 'vitest'
import type { Event } from '../documents/journal/event'
import type { JournalEntry } from '../documents/journal/journalEntry'
import { type Whereabouts, whereaboutsInWords } from '../documents/journal/whereabouts'
import { stamp } from './journal.arbitrary'
import { Ledger } from './ledger'
import { contentInWords, isMixed, mainPaintOf, portionsOf, topPaintOf, type Content } from './stays'

const layer = (paintId: string, day: string, millilitres = 1, dryingDays = 5) => ({
  entryId: `${paintId}-${day}`,
  itemId: `t-${paintId}`,
  paintId,
  day,
  millilitres,
  dryingDays,
})
const content = (...layers: ReturnType<typeof layer>[]): Content => ({ layers, dryFrom: '2026-07-01' })
const words = (c: Content) => contentInWords(c, (id) => id.toUpperCase())

describe('what lies in a vessel, in words', () => {
  it('is one paint however often it was topped up', () => {
    expect(words(content(layer('sienna', '2026-05-01'), layer('sienna', '2026-06-01')))).toBe('SIENNA')
  })
  it('is layers where the one below was dry, the top one first', () => {
    const c = content(layer('sienna', '2026-05-01', 2), layer('umber', '2026-05-06', 0.5))
    expect([words(c), isMixed(c)]).toEqual(['UMBER over SIENNA', false])
    expect([topPaintOf(c), mainPaintOf(c)]).toEqual(['umber', 'sienna'])
    expect(portionsOf(c)).toEqual([
      { paintId: 'sienna', millilitres: 2 },
      { paintId: 'umber', millilitres: 0.5 },
    ])
  })
  it('is a mixture where it was wet still, by a day', () => {
    const c = content(layer('sienna', '2026-05-01'), layer('umber', '2026-05-05'))
    expect([words(c), isMixed(c)]).toEqual(['SIENNA and UMBER, mixed', true])
  })
  it('names each of several once', () => {
    const c = content(layer('a', '2026-01-01'), layer('b', '2026-02-01'), layer('a', '2026-03-01'))
    expect(words(c)).toBe('A over B')
  })
})

describe('where a pan is', () => {
  const place = { paletteId: 'tin', placeId: 'A1' }
  const entry = (n: number, e: Event): JournalEntry => ({ ...stamp(n), v: 2, type: 'event', event: e })
  const fill: Event = {
    kind: 'fill',
    day: '2026-05-01',
    vessel: place,
    itemId: 't',
    paintId: 'sienna',
    millilitres: 1.5,
    dryingDays: 5,
  }
  const stowed = (n: number, day: string, where: Whereabouts) =>
    entry(n, { kind: 'stow', day, vessel: { vesselId: 'tin/A1' }, where })

  it('is said, with what it holds, until it lies in a palette again', () => {
    const ledger = new Ledger([entry(1, fill), stowed(2, '2026-06-01', { kind: 'master set' })])
    expect(ledger.places('tin').get('A1')).toMatchObject({ stays: [{ ended: 'moved', wentTo: 'loose' }] })
    expect(ledger.places('tin').get('A1')?.vesselId).toBeUndefined()
    expect(ledger.vessel('tin/A1')).toMatchObject({ whereabouts: { kind: 'master set', since: '2026-06-01' } })
    expect(mainPaintOf(ledger.vessel('tin/A1').content!)).toBe('sienna')
    expect(ledger.looseVessels()).toEqual(['tin/A1'])
    ledger.add(stowed(3, '2026-06-03', { kind: 'lent', words: 'Una' }))
    expect(ledger.vessel('tin/A1').whereabouts).toMatchObject({ kind: 'lent', words: 'Una' })
    const into = { paletteId: 'skiff', placeId: 'B2' }
    ledger.add(entry(4, { kind: 'put', day: '2026-06-04', vessel: { vesselId: 'tin/A1' }, place: into }))
    expect(ledger.vessel('tin/A1')).toMatchObject({ at: into })
    expect(ledger.vessel('tin/A1').whereabouts).toBeUndefined()
    expect(ledger.places('skiff').get('B2')?.content).toBeDefined()
  })

  it('what went with a pan that is gone lies nowhere, and what was drawn for it stays drawn', () => {
    const ledger = new Ledger([entry(1, fill), stowed(2, '2026-06-01', { kind: 'thrown away' })])
    expect(ledger.vessel('tin/A1').content).toBeUndefined()
    expect(ledger.vessel('tin/A1').stays).toMatchObject([{ ended: 'gone', until: '2026-06-01' }])
    expect(ledger.account('t').drawn).toBe(1.5)
  })

  it('in words', () => {
    const words = [
      whereaboutsInWords({ kind: 'master set' }),
      whereaboutsInWords({ kind: 'bag', words: 'leftovers' }),
      whereaboutsInWords({ kind: 'tin' }),
      whereaboutsInWords({ kind: 'lent', words: 'Una' }),
    ]
    expect(words).toEqual(['among the loose pans', 'into the bag “leftovers”', 'into a tin', 'out, lent to Una'])
  })

  it('what is found dry is known with how long it took, once a filling, also after a correction', () => {
    const dry = (n: number, day: string) => entry(n, { kind: 'dry', day, vessel: place })
    const ledger = new Ledger([entry(1, fill), dry(2, '2026-05-09'), dry(3, '2026-05-20')])
    expect(ledger.foundDry()).toEqual([{ paintId: 'sienna', given: 5, took: 8 }])
    ledger.add({ ...stamp(9), v: 2, type: 'correction', corrects: stamp(2).id, becomes: null })
    expect(ledger.foundDry()).toEqual([{ paintId: 'sienna', given: 5, took: 19 }])
  })
})
