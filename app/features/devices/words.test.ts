import { added, removed, updated, type JournalEntry } from '@juxtachrome/core/documents'
import { describe, expect, it } from 'vitest'
import { paint, tin } from '../../../core/src/documents/documents.fixture'
import { colourOf, comesInWords, partInWords, removalInWords, valueInWords } from './words'

const entry = (id: string, event: object): JournalEntry =>
  ({ id, v: 2, recorded: '2026-05-01T10:00:00.000Z', type: 'event', event }) as never
const nameOf = (id: string) => ({ p: 'Viridian' })[id] ?? 'a paint that is gone'

describe('what comes in', () => {
  it('is said by its kinds, each in the right number', () => {
    const clean = { kind: 'clean', day: '2026-05-01', vessel: { paletteId: 'tin', placeId: 'A1' } }
    const fill = { ...clean, kind: 'fill' }
    const journal = [entry('1', fill), entry('2', fill), entry('3', clean)]
    const strike = { id: '4', v: 2, recorded: '', type: 'correction', corrects: '1', becomes: null } as never
    const diff = [
      added('paints', paint('a')),
      added('paints', paint('b')),
      updated('palettes', tin, { ...tin, name: 'New' }),
      removed('paints', paint('c')),
    ]
    expect(comesInWords({ diff, journal: [...journal, strike] })).toBe(
      '2 fillings, 1 cleaning, 1 correction, 2 new paints, 1 removed paint and 1 changed palette',
    )
    expect(comesInWords({ diff: [], journal: [] })).toBe('')
  })
})

describe('a part that both changed', () => {
  it('is called as the forms call it', () => {
    expect(partInWords('palettes', '/plan/A3')).toBe('Place A3')
    expect(partInWords('palettes', '/forChild')).toBe('For a child')
    expect(partInWords('paints', '/series')).toBe('Series')
    expect(partInWords('settings', '/pans/half pan')).toBe('Pans, half pan')
    expect(partInWords('paints', '/fromTheFuture')).toBe('From the future')
  })

  it('shows what each has, whatever it is', () => {
    const said = (value: unknown) => valueInWords(value, nameOf)
    expect(said(undefined)).toBe('nothing')
    expect(said(true)).toBe('yes')
    expect(said(3)).toBe('3')
    expect(said({ paintId: 'p' })).toBe('Viridian')
    expect(said({ reserved: '' })).toBe('kept free: no reason given')
    expect(said(['PB29', 'PR101'])).toBe('PB29 and PR101')
    expect(said([1, 2, 3, 4, 5, 6, 7])).toBe('7 entries')
    expect(said([])).toBe('nothing')
    expect(said({ minor: 900, currency: 'EUR' })).toBe('minor 900 and currency EUR')
    expect(said({ L: 50, a: 0, b: 0 })).toBe('a swatch')
    expect(colourOf({ L: 0, a: 0, b: 0 })).toBe('#000000')
    expect(colourOf({ L: 50 })).toBeUndefined()
  })

  it('says who removed what the other changed', () => {
    expect(removalInWords({ fate: 'removed here', kind: 'paints' }, 'Viridian', 'the phone')).toBe(
      'The paint Viridian was removed here, and changed on the phone.',
    )
    expect(removalInWords({ fate: 'removed there', kind: 'paints' }, 'Viridian', 'the phone')).toBe(
      'The paint Viridian was removed on the phone, and changed here.',
    )
  })
})
