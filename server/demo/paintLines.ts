import type { Paint } from '@juxtachrome/core/documents'
import { DEMO_MAKERS } from './paints'

const SCALES = {
  transparency: { t: 'transparent', st: 'semi-transparent', so: 'semi-opaque', o: 'opaque' },
  staining: { c: 'lifts clean', w: 'lifts well', a: 'stains a little', s: 'stains strongly' },
  granulation: { s: 'smooth', l: 'slightly granulating', g: 'granulating', sg: 'strongly granulating' },
  lightfastness: { ex: 'excellent', vg: 'very good', fa: 'fair', po: 'poor', fu: 'fugitive' },
} as const

export const slug = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')

/** A swatch from memory: L a b. */
export function swatch(text: string): Paint['masstone'] {
  const [L, a, b] = text.split(' ').map(Number) as [number, number, number]
  return { L, a, b, source: 'memory' }
}

/** A line of DEMO_PAINTS, with the key by which it is named elsewhere. */
export function paintOf(cells: string[]): [key: string, Paint] {
  const [maker, name, formula, codes, masstone, wash, t, s, g, l, series, more] = cells as [
    string,
    string,
    string,
    string,
    string,
    string,
    string,
    string,
    string,
    string,
    string,
    string,
  ]
  const effect = more === 'fluorescent' || more === 'pearlescent' ? more : undefined
  const paint: Paint = {
    id: `demo-${slug(`${maker} ${name} ${formula}`)}`,
    v: 2,
    maker: DEMO_MAKERS[maker]!,
    name,
    pigments: codes ? codes.split(' ') : [],
    masstone: swatch(masstone),
    wash: swatch(wash),
    transparency: SCALES.transparency[t as 't'],
    staining: SCALES.staining[s as 's'],
    granulation: SCALES.granulation[g as 'g'],
    lightfastness: SCALES.lightfastness[l as 'ex'],
    grade: series === 'h' ? 'handmade' : 'artist',
  }
  if (formula) paint.formula = formula
  if (series && series !== 'h') paint.series = series
  if (effect) paint.effect = effect
  if (more && !effect) paint.note = more
  return [[maker, name, formula].filter(Boolean).join(':'), paint]
}
