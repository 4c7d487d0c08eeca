import { describe, expect, it } from 'vitest'
import { colourDifference } from '../colour/difference'
import { labD65 } from '../units'
import { readColourList } from './readColourList'
import { writeCgats, writeColoursCsv, writeGpl, type NamedColour } from './writeColours'

const colours: NamedColour[] = [
  { id: '1.2', name: 'Viridian and\nBurnt "sienna"', predicted: labD65(40, 2, 5), read: labD65(42, 3, 6) },
  { id: '1.3', name: 'Ochre', predicted: labD65(60, 12, 50) },
  { id: '1.4', name: 'gone' },
]

describe('colours as a file', () => {
  it('are read back from a GPL palette by its reader', () => {
    const back = readColourList(writeGpl('Chart: hut', colours))
    if (!back.ok) throw new Error(back.error.message)
    expect(back.value.name).toBe('Chart: hut')
    expect(back.value.colours.map((c) => c.name)).toEqual(['Viridian and Burnt "sienna"', 'Ochre'])
    expect(colourDifference(back.value.colours[0]!.lab, colours[0]!.read!)).toBeLessThan(0.5)
  })
  it('are written as CSV, predicted beside read', () => {
    const [heading, first, , last] = writeColoursCsv(colours)
      .trim()
      .split(/\r?\n(?=1\.)/)
    expect(heading).toContain('predicted L*')
    expect(first).toContain('40.00')
    expect(first).toContain('42.00')
    expect(last).toMatch(/gone,,,,,,,/)
  })
  it('are written as CGATS, only what was read, as many sets as it says', () => {
    const text = writeCgats('Chart', colours, '2026-05-14')
    const data = text.split('BEGIN_DATA\n')[1]!.split('\nEND_DATA')[0]!.split('\n')
    expect(data).toEqual([`1 "1.2" "Viridian and Burnt 'sienna'" 42.00 3.00 6.00`])
    expect(text).toContain(`NUMBER_OF_SETS ${data.length}`)
    const fields = /BEGIN_DATA_FORMAT\n(.*)\n/.exec(text)![1]!.split(' ')
    expect(text).toContain(`NUMBER_OF_FIELDS ${fields.length}`)
  })
})
