import { toScreen } from '../colour/srgb'
import { oneLine } from '../documents/fields'
import type { LabD65 } from '../units'
import { writeCsv } from './writeCsv'

/** A colour with its name; what was predicted, what was read, or both. */
export interface NamedColour {
  id: string
  name: string
  predicted?: LabD65
  read?: LabD65
}

const lab = (c: LabD65 | undefined) => (c ? [c.L, c.a, c.b].map((n) => n.toFixed(2)) : ['', '', ''])

/** Colours as CSV: box, name, L* a* b* (D65, 2 degree observer) predicted and read, screen colour. */
export function writeColoursCsv(colours: readonly NamedColour[]): string {
  const rows = colours.map((c) => {
    const shown = c.read ?? c.predicted
    return [c.id, c.name, ...lab(c.predicted), ...lab(c.read), shown ? toScreen(shown).hex : '']
  })
  const heading = [
    'box',
    'name',
    'predicted L*',
    'predicted a*',
    'predicted b*',
    'read L*',
    'read a*',
    'read b*',
    'sRGB',
  ]
  return writeCsv([heading, ...rows])
}

const inLine = (text: string) => oneLine(text).trim()

/** Colours as a GPL palette file: three bytes of sRGB and a name a line; colours outside sRGB are drawn to its edge. */
export function writeGpl(title: string, colours: readonly NamedColour[]): string {
  const lines = colours.flatMap((c) => {
    const shown = c.read ?? c.predicted
    if (!shown) return []
    const bytes = [1, 3, 5].map((i) => Number.parseInt(toScreen(shown).hex.slice(i, i + 2), 16))
    return `${bytes.map((b) => String(b).padStart(3)).join(' ')}\t${inLine(c.name)}`
  })
  return ['GIMP Palette', `Name: ${inLine(title)}`, 'Columns: 0', '#', ...lines, ''].join('\n')
}

/** Colours that were read as CGATS.17 text (ISO 28178): L* a* b* under D65, 2 degree observer. */
export function writeCgats(title: string, colours: readonly NamedColour[], day: string): string {
  const read = colours.filter((c) => c.read)
  const quoted = (text: string) => `"${inLine(text).replace(/"/g, "'")}"`
  return [
    'CGATS.17',
    `ORIGINATOR ${quoted('Juxtachrome')}`,
    `DESCRIPTOR ${quoted(title)}`,
    `CREATED ${quoted(day)}`,
    'KEYWORD "SAMPLE_LOC"',
    'NUMBER_OF_FIELDS 6',
    'BEGIN_DATA_FORMAT',
    'SAMPLE_ID SAMPLE_LOC SAMPLE_NAME LAB_L LAB_A LAB_B',
    'END_DATA_FORMAT',
    `NUMBER_OF_SETS ${read.length}`,
    'BEGIN_DATA',
    ...read.map((c, i) => [i + 1, quoted(c.id), quoted(c.name), ...lab(c.read)].join(' ')),
    'END_DATA',
    '',
  ].join('\n')
}
