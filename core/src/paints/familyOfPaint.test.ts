import { describe, expect, it } from 'vitest'
import { coarseFamily, PAINT_FAMILIES } from '../colour/wheel'
import type { Paint } from '../documents/paint'
import { FAMILY_ROWS, NAMED_FAMILIES } from '../pigments/families.generated'
import { REFERENCE_PIGMENTS } from '../pigments/reference'
import { familyInWords } from './inWords'
import { passesFilter } from './filter'
import { viewOfPaint } from './view'

const paint = (name: string, codes: string, more: Partial<Paint> = {}): Paint => ({
  id: name,
  v: 2,
  maker: '',
  name,
  pigments: codes.split(' ').filter(Boolean),
  ...more,
})

/** Where a painter files a tube, written before it was run. Common practice, from memory. */
const FILED: readonly (readonly [name: string, codes: string, family: string])[] = [
  ['Lemon yellow', 'PY3', 'yellow'],
  ['Nickel azo yellow', 'PY150', 'yellow'],
  ['Green gold', 'PY129', 'green'],
  ['Aureolin', 'PY40', 'yellow'],
  ['Yellow ochre', 'PY43', 'yellow earth'],
  ['Raw sienna', 'PBr7', 'yellow earth'],
  ['Raw sienna', 'PY43', 'yellow earth'],
  ['Burnt sienna', 'PBr7', 'red earth'],
  ['Burnt sienna', 'PR101', 'red earth'],
  ['Indian red', 'PR101', 'red earth'],
  ['Light red', 'PR102', 'red earth'],
  ['Raw umber', 'PBr7', 'brown'],
  ['Burnt umber', 'PBr7', 'brown'],
  ['Harbour brown', 'PBr7', 'brown'],
  ['Quinacridone burnt orange', 'PO48', 'red earth'],
  ['Quinacridone gold', 'PO49', 'yellow earth'],
  ['Transparent orange', 'PO71', 'orange'],
  ['Cadmium orange', 'PO20', 'orange'],
  ['Pyrrole scarlet', 'PR255', 'red'],
  ['Permanent rose', 'PV19', 'red'],
  ['Quinacridone violet', 'PV19', 'violet'],
  ['Quinacridone magenta', 'PR122', 'red'],
  ['Perylene maroon', 'PR179', 'red'],
  ["Potter's pink", 'PR233', 'red'],
  ['Dioxazine violet', 'PV23', 'violet'],
  ['French ultramarine', 'PB29', 'blue'],
  ['Cobalt blue', 'PB28', 'blue'],
  ['Cobalt turquoise', 'PB28', 'blue-green'],
  ['Cobalt teal', 'PG50', 'blue-green'],
  ['Cobalt green', 'PG50', 'green'],
  ['Prussian blue', 'PB27', 'blue'],
  ['Indanthrone blue', 'PB60', 'blue'],
  ['Viridian', 'PG18', 'green'],
  ['Green earth', 'PG23', 'green earth'],
  ['Perylene green', 'PBk31', 'green'],
  ['Ivory black', 'PBk9', 'black'],
  ['Slate grey', 'PBk19', 'grey'],
  ['Titanium white', 'PW6', 'white'],
  ['Buff titanium', 'PW6:1', 'white'],
  // mixtures, whatever is in them
  ['Sap green', 'PG7 PY150', 'green'],
  ['Olive green', 'PO49 PG7', 'green'],
  ["Hooker's green", 'PG36 PO49', 'green'],
  ["Payne's grey", 'PB29 PBk9', 'grey'],
  ['Neutral tint', 'PBk6 PB15 PV19', 'grey'],
  ['Indigo', 'PB60 PBk6', 'blue'],
  ['Indian yellow', 'PY150 PR209', 'yellow'],
  ['Sepia', 'PBr7 PBk6', 'brown'],
  ['Mauve', 'PV19 PB29', 'violet'],
  ['Blue black', 'PB29 PBk9', 'black'],
  ['Turquoise', 'PB15:3 PG7', 'blue-green'],
  ['Naples yellow', 'PW6 PY42 PR101', 'yellow'],
]

describe('the family of a paint', () => {
  it.each(FILED)('%s (%s): %s', (name, codes, family) => expect(viewOfPaint(paint(name, codes)).fine).toBe(family))

  it('is what the artist says first', () =>
    expect(viewOfPaint(paint('Viridian', 'PG18', { family: 'blue-green' }))).toMatchObject({
      fine: 'blue-green',
      familyFrom: 'artist',
    }))
  it('goes by the swatch where the code covers several colours, or nothing is known', () => {
    const brown = { L: 29, a: 10, b: 13, source: 'reader' } as const
    expect(viewOfPaint(paint('Cliff', 'PBr7', { masstone: brown })).fine).toBe('brown')
    expect(viewOfPaint(paint('Cliff', '', { masstone: brown }))).toMatchObject({ fine: 'brown', familyFrom: 'swatch' })
    expect(viewOfPaint(paint('Cliff', 'PBr7', { masstone: { L: 56, a: 16, b: 43, source: 'reader' } })).fine).toBe(
      'yellow earth',
    )
  })
  it('of a mixture without a telling name is that of its colour', () => {
    const green = { L: 40, a: -30, b: 10, source: 'reader' } as const
    expect(viewOfPaint(paint('Skerry', 'PB29 PY3', { masstone: green }))).toMatchObject({
      fine: 'green',
      familyFrom: 'swatch',
    })
  })
  it('is said in words, with where it leans', () => {
    expect(familyInWords(viewOfPaint(paint('Magenta', 'PR122')))).toBe('red, leans violet (cool)')
    expect(familyInWords(viewOfPaint(paint('Indian red', 'PR101')))).toMatch(/^red earth/)
    expect(familyInWords(viewOfPaint(paint('Ivory black', 'PBk9')))).toBe('black')
  })
  it('is asked for by its own name or by that of the wheel', () => {
    const ochre = paint('Yellow ochre', 'PY43')
    const asked = (family: string) => passesFilter(ochre, [], { words: { family: [family] } })
    expect(['yellow earth', 'earth', 'yellow', 'brown'].map(asked)).toEqual([true, true, false, false])
  })
})

describe('the tables of families', () => {
  it('name families that there are, and pigments of the reference', () => {
    const fine = new Set<string>(PAINT_FAMILIES)
    for (const [id, [family]] of Object.entries(FAMILY_ROWS)) {
      expect(fine.has(family), id).toBe(true)
      if (!id.endsWith('?'))
        expect(
          REFERENCE_PIGMENTS.some((p) => p.id === id),
          id,
        ).toBe(true)
    }
    for (const [words, family] of NAMED_FAMILIES) expect(fine.has(family), words).toBe(true)
  })
  it('lie in the family of the wheel that the reference gives, but for those that are argued with', () => {
    const others = REFERENCE_PIGMENTS.filter(({ id, family, masstone }) => {
      const row = FAMILY_ROWS[id]
      const hue = ((Math.atan2(masstone.b, masstone.a) * 180) / Math.PI + 360) % 360
      return row && coarseFamily(row[0] as 'red', hue) !== family
    }).map((p) => `${p.id}: ${p.family}, filed as ${FAMILY_ROWS[p.id]![0]}`)
    expect(others).toMatchInlineSnapshot(`
      [
        "PY129: yellow, filed as green",
        "PO48: orange, filed as red earth",
        "PO49: yellow, filed as yellow earth",
        "PR122: violet, filed as red",
        "PR202: violet, filed as red",
        "PR206: red, filed as red earth",
        "PG23: green, filed as green earth",
      ]
    `)
  })
})
