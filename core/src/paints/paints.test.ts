import { describe, expect, it } from 'vitest'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { LIGHTFASTNESSES, TRANSPARENCIES } from '../pigments/scales'
import { filterInWords, itemsSay, NONE_AT_HAND, passesFilter } from './filter'
import { lightfastnessAtBest, propertiesOf } from './properties'
import { createPaintIndex } from './search'
import { byLightness, byWheel, viewOfPaint } from './view'

const paint = (id: string, name: string, swatch?: [number, number, number], more: Partial<Paint> = {}): Paint => ({
  id,
  v: 2,
  maker: 'Skerry Colours',
  name,
  pigments: [],
  ...(swatch ? { masstone: { L: swatch[0], a: swatch[1], b: swatch[2], source: 'typed' as const } } : {}),
  ...more,
})
const COLLECTION = [
  paint('white', 'Titanium white', [96, 0, 2], { pigments: ['PW6'] }),
  paint('blank', 'Mystery'),
  paint('black', 'Ivory black', [18, 0, 0], { pigments: ['PBk9'] }),
  paint('umber', 'Burnt umber', [29, 10, 13], { pigments: ['PBr7'] }),
  paint('blue', 'Phthalo blue', [27, -5, -45], { pigments: ['PB15:3'], maker: 'Halvard & Roe' }),
  paint('red', 'Pyrrole red', [44, 62, 40], { pigments: ['PR254'] }),
  paint('green', 'Thalo green', [35, -50, 5], { pigments: ['PG7'], note: 'for kelp' }),
  paint('lemon', 'Lemon yellow', [88, -8, 82], { pigments: ['PY3'] }),
  paint('code', 'Naples', undefined, { pigments: ['PY41'] }),
]

describe('order', () => {
  const ids = (order: typeof byWheel) =>
    COLLECTION.map(viewOfPaint)
      .sort(order)
      .map((v) => v.paint.id)
  it('unrolls the wheel: yellow, red, blue, green, then earths, neutrals, whites, paints without colour', () => {
    expect(ids(byWheel)).toEqual(['lemon', 'code', 'red', 'blue', 'green', 'umber', 'black', 'white', 'blank'])
  })
  it('light to dark takes the code’s typical colour where no swatch is recorded, and puts paints with neither last', () => {
    expect(ids(byLightness).slice(0, 2)).toEqual(['white', 'lemon'])
    expect(ids(byLightness).at(-1)).toBe('blank')
    expect(viewOfPaint(COLLECTION.find((p) => p.id === 'code')!).assumed).toBe(true)
    expect(viewOfPaint(COLLECTION.find((p) => p.id === 'lemon')!).assumed).toBeUndefined()
  })
  it('says how it knows a family, and lets the artist decide', () => {
    expect(viewOfPaint(COLLECTION[8]!)).toMatchObject({ family: 'yellow', familyFrom: 'trade' })
    expect(viewOfPaint({ ...COLLECTION[5]!, family: 'brown' })).toMatchObject({
      family: 'earth',
      fine: 'brown',
      familyFrom: 'artist',
    })
  })
})

describe('search', () => {
  const index = createPaintIndex()
  COLLECTION.forEach((p) => index.put(p))
  it.each([
    ['lemon', ['lemon']],
    ['PB 15.3', ['blue']],
    ['pb15:3', ['blue']],
    ['halvard', ['blue']],
    ['phtalo', ['blue', 'green']],
    ['diketopyrrolopyrrole', ['red']],
    ['bone', ['black']],
    ['kelp', ['green']],
    ['PG7', ['green']],
    ['nothing such', []],
    ['skerry pyrrole', ['red']],
  ])('%s', (text, expected) => expect(index.find(text)).toEqual(expected))

  it('asks for nothing when the text is empty, and follows changes', () => {
    expect(index.find('  ')).toBeUndefined()
    index.put({ ...COLLECTION[1]!, name: 'Storm petrel' })
    expect(index.find('petrel')).toEqual(['blank'])
    expect(index.find('mystery')).toEqual([])
    index.remove('blank')
    index.remove('blank')
    expect(index.find('petrel')).toEqual([])
  })
})

describe('filters', () => {
  const tube: Item = {
    id: 'i',
    v: 2,
    paintId: 'blue',
    kind: 'tube',
    millilitres: 15,
    supply: 'open',
    remarks: ['stiff'],
  }
  it('by family, maker, single pigment and state', () => {
    const blue = COLLECTION[4]!
    expect(
      passesFilter(blue, [tube], {
        words: { family: ['red', 'blue'], maker: ['Halvard & Roe'], state: ['stiff'] },
        singlePigment: true,
      }),
    ).toBe(true)
    expect(passesFilter(blue, [tube], { words: { state: ['sealed'] } })).toBe(false)
    expect(passesFilter(blue, [], { words: { state: [NONE_AT_HAND] } })).toBe(true)
    expect(passesFilter(blue, [tube], { words: { transparency: ['opaque'] } })).toBe(false)
    expect(passesFilter(COLLECTION[1]!, [], { singlePigment: true })).toBe(false)
  })

  it('takes what is assumed for what is not recorded, watercolour where no medium is, and several words as either', () => {
    const plain = { ...COLLECTION[4]!, transparency: undefined, medium: undefined }
    expect(passesFilter(plain, [], { words: { transparency: ['transparent', 'semi-transparent'] } })).toBe(true)
    expect(passesFilter(plain, [], { words: { medium: ['gouache'] } })).toBe(false)
    expect(
      passesFilter(plain, [], { words: { medium: ['watercolour', 'gouache'], discontinued: ['still made'] } }),
    ).toBe(true)
    expect(passesFilter(plain, [], { words: { transparency: [], family: [] } })).toBe(true)
  })

  it('finds by what is said of the tubes', () => {
    const said: Item = { ...tube, note: 'From the Auk fair', remarks: ['nearly empty'] }
    expect(['nearly', 'auk fair', 'tube open', 'sealed', '  '].map((t) => itemsSay([said], t))).toEqual([
      true,
      true,
      true,
      false,
      false,
    ])
  })

  it('says in words what is asked', () => {
    const light = { key: 'lightfastness', scale: LIGHTFASTNESSES }
    const clear = { key: 'transparency', scale: TRANSPARENCIES }
    expect(filterInWords(light, ['very good', 'excellent'])).toBe('at least very good')
    expect(filterInWords(light, ['excellent', 'fair'])).toBe('excellent or fair')
    expect(filterInWords(clear, ['semi-transparent', 'transparent'])).toBe('transparent or semi-transparent')
    expect(filterInWords(clear, ['transparent', 'semi-transparent', 'semi-opaque'])).toBe('not opaque')
    expect(filterInWords({ key: 'maker' }, ['A', 'B', 'C', 'D'])).toBe('A, B or 2 more')
  })
})

describe('lightfastness of several pigments', () => {
  const of = (...pigments: string[]) => ({ id: 'x', v: 2, maker: '', name: 'X', pigments }) as const
  const light = (...codes: string[]) => propertiesOf({ ...of(...codes), pigments: codes }).lightfastness?.value
  const best = (...codes: string[]) => lightfastnessAtBest({ ...of(...codes), pigments: codes })

  it('is that of the least lightfast, where all are known', () => {
    expect([light('PB29'), light('PB29', 'PR83')]).toEqual(['excellent', 'poor'])
    expect(best('PB29', 'PR83')).toBeUndefined()
  })
  it('is unknown with a pigment of which nothing is known: at best that of the others', () => {
    expect([light('PB29', 'PY999'), best('PB29', 'PY999')]).toEqual([undefined, 'excellent'])
    expect([light('PY999'), best('PY999')]).toEqual([undefined, undefined])
  })
  it('takes what is expected where the standard gives no category, and the artist’s word before all', () => {
    expect(light('NR24')).toBe('fugitive')
    const own = { ...of('PY999'), pigments: ['PB29', 'PY999'], lightfastness: 'fair' as const }
    expect([propertiesOf(own).lightfastness?.value, lightfastnessAtBest(own)]).toEqual(['fair', undefined])
  })
})
