import { describe, expect, it } from 'vitest'
import { firstThings } from './firstThings'

const nothing = { look: [], back: [], toFill: [], out: [], paintToken: (id: string) => id }
const tin = { paletteId: 'tin', palette: 'Landing tin' }

describe('what is to be done first', () => {
  it('nothing, where nothing is', () => expect(firstThings(nothing)).toEqual([]))

  it('at most two things, what dries before what is empty before what ran out', () => {
    const all = {
      ...nothing,
      look: [{ ...tin, placeId: 'A4' }],
      back: [{ ...tin, placeId: 'A3', words: 'Pyrrole orange' }],
      toFill: [{ ...tin, places: ['B6'] }],
      out: ['PB29'],
    }
    expect(firstThings(all).map((t) => t.key)).toEqual(['look', 'back'])
    expect(firstThings({ ...all, look: [] }).map((t) => t.key)).toEqual(['back', 'fill'])
    expect(firstThings({ ...all, look: [], back: [] }).map((t) => t.key)).toEqual(['fill', 'out'])
  })

  it('each in a whole sentence with its way', () => {
    const fill = (...places: string[]) => firstThings({ ...nothing, toFill: [{ ...tin, places }] })[0]!
    expect(fill('B6').text).toBe('B6 of Landing tin waits to be filled.')
    expect(fill('B5', 'B6').text).toBe('B5 and B6 of Landing tin wait to be filled.')
    expect(fill('A1', 'A2', 'A3', 'A4', 'A5').text).toBe('Landing tin is planned and waits to be filled.')
    expect(fill('B6').to).toBe('/palettes/tin/fill')
    expect(firstThings({ ...nothing, out: ['ultramarine', 'ochre'] })[0]!.text).toBe(
      'None of ultramarine and ochre is left.',
    )
  })
})
