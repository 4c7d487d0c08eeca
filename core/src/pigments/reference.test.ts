import { describe, expect, it } from 'vitest'
import { leanOf } from '../colour/lean'
import { basisOf, type ReferenceFigure } from './basis'
import { cautionsInWords, cautionsOfCodes } from './cautions'
import { parsePigmentCode } from './grammar'
import { materialByName, pigmentByCode, pigmentVariants, REFERENCE_PIGMENTS, shapeSpectrum } from './reference'
import { searchPigments } from './searchPigments'

describe('the reference of pigments', () => {
  it('holds at least 150 codes in the form of the Index, each row once, with sound figures', () => {
    expect(new Set(REFERENCE_PIGMENTS.map((p) => p.code)).size).toBeGreaterThanOrEqual(150)
    expect(new Set(REFERENCE_PIGMENTS.map((p) => p.id)).size).toBe(REFERENCE_PIGMENTS.length)
    for (const p of REFERENCE_PIGMENTS) {
      const parsed = parsePigmentCode(p.code)
      expect(parsed.ok && parsed.value.code, p.id).toBe(p.code)
      expect(p.masstone.L, p.id).toBeLessThanOrEqual(p.wash.L + 1)
      expect(
        [...shapeSpectrum(p.shape)].every((k) => k > 0 && Number.isFinite(k)),
        p.id,
      ).toBe(true)
      expect(p.transparency && p.staining && p.granulation && p.strength && p.chemistry, p.id).toBeTruthy()
    }
  })

  it('holds historic, fugitive and toxic pigments, natural and basic dyes, effect pigments', () => {
    for (const code of ['PY39', 'PG21', 'PW1', 'PR106', 'PR83', 'NR4', 'NR9', 'NB1', 'BV10', 'PW20', 'PM2'])
      expect(pigmentByCode(code), code).toBeDefined()
    expect(pigmentByCode('PR83')?.astm).toBe('IV')
    expect(cautionsInWords(pigmentByCode('PR106')!.cautions)[0]).toContain('Mercury')
    expect(cautionsInWords([]).at(-1)).toContain('safety data sheet')
  })

  it('finds any writing of a code, its variants, and the parent of an unknown sub-type', () => {
    expect(pigmentByCode('p.b. 15.3')?.code).toBe('PB15:3')
    expect(pigmentByCode('PV19', 'violet')?.variant).toBe('violet')
    expect(pigmentByCode('PV19', 'no such')?.variant).toBe('rose')
    expect(pigmentByCode('PB15:5')?.code).toBe('PB15')
    expect(pigmentByCode('PX1')).toBeUndefined()
    expect(pigmentVariants('PBr7').map((p) => p.variant)).toEqual([
      'raw sienna',
      'burnt sienna',
      'raw umber',
      'burnt umber',
    ])
    // the usual colour of a code keeps the code as its id; paints are told apart by their names
    expect(pigmentByCode('PB29')).toMatchObject({ id: 'PB29', variant: 'usual' })
    expect(pigmentVariants('PR108').map((p) => p.variant)).toEqual(['light', 'deep', 'medium', 'scarlet', 'maroon'])
    expect(pigmentVariants('PB28').map((p) => p.hides)[0]).toContain('turquoise')
  })

  it('knows minerals that are sold by name, without a code', () => {
    expect(materialByName('Serpentine genuine, half pan')?.id).toBe('serpentine')
    expect(materialByName('Sea jadeite')?.names[0]).toBe('jade')
    expect(materialByName('Serpentines in the garden')).toBeUndefined()
    expect(cautionsOfCodes([], [materialByName('Lead-tin yellow')!])).toMatchObject({ forChildren: 'no' })
  })

  it('is searched by code, words and properties', () => {
    expect(searchPigments({ text: 'PB15' }).map((p) => p.code)).toEqual([
      'PB15',
      'PB15:1',
      'PB15:2',
      'PB15:3',
      'PB15:4',
      'PB15:6',
    ])
    expect(searchPigments({ text: 'quinacridone magenta' }).map((p) => p.code)).toContain('PR122')
    expect(searchPigments({ text: '77007' }).map((p) => p.code)).toContain('PB29')
    expect(
      searchPigments({ family: 'blue', granulating: true, cautioned: true }).every(
        (p) => p.family === 'blue' && p.cautions.length > 0,
      ),
    ).toBe(true)
    expect(searchPigments({ text: 'no such pigment' })).toEqual([])
  })

  it('says of every figure what stands behind it', () => {
    const figures: ReferenceFigure[] = [
      'code',
      'constitution',
      'chemistry',
      'names',
      'family',
      'masstone',
      'wash',
      'shape',
      'transparency',
      'staining',
      'granulation',
      'astm',
      'strength',
      'inPan',
      'cautions',
    ]
    for (const figure of figures) expect(basisOf(figure).source.length).toBeGreaterThan(10)
    expect(basisOf('masstone').kind).toBe('from memory')
  })

  it('leans as painters say: lemon to green, phthalo blue to green, ultramarine to violet', () => {
    const lean = (code: string) => {
      const p = pigmentByCode(code)!
      return leanOf(p, p.family)?.toward
    }
    expect([lean('PY3'), lean('PB15:3'), lean('PB29'), lean('PR254'), lean('PV19')]).toEqual([
      'green',
      'green',
      'violet',
      'orange',
      'violet',
    ])
  })
})

describe('cautions of a paint', () => {
  const keys = (...codes: string[]) => cautionsOfCodes(codes).lines.map((l) => l.text.split(/[ :]/)[0])

  it('are those of all its codes, each said once with what it is about', () => {
    expect(keys('PR108', 'PO20', 'PB28')).toEqual(['Cadmium', 'Cobalt'])
    expect(cautionsOfCodes(['PR108', 'PO20']).lines[0]!.codes).toEqual(['PR108', 'PO20'])
  })

  it.each(['PR104', 'PR103', 'PO21', 'PG15', 'PR113', 'PO23', 'PG14', 'PR107', 'PW10'])(
    'a harmful pigment that the reference holds no colour of is not passed in silence: %s',
    (code) => {
      expect(keys(code).length).toBeGreaterThan(0)
      expect(cautionsOfCodes([code]).unknown).toEqual([])
    },
  )

  it('says of a code it does not know that it knows nothing', () => {
    expect(cautionsOfCodes(['PB29', 'PY999'])).toMatchObject({ lines: [], unknown: ['PY999'] })
  })

  it('raises no false alarm: barium sulphate and phthalocyanines are not listed beside lead white', () => {
    for (const code of ['PW21', 'PB15:3', 'PG7', 'PG36']) expect(keys(code), code).toEqual([])
    expect(keys('PW1')).toEqual(['Lead'])
  })

  it('rules out for children what usual cautions rule out, and of the rest lets the label say', () => {
    for (const code of ['PW1', 'PR108', 'PY34', 'PR106', 'PG21', 'PY40', 'PV14', 'PB33', 'NY24', 'PR104'])
      expect(cautionsOfCodes([code]).forChildren, code).toBe('no')
    for (const code of ['PB29', 'PY42', 'PY999'])
      expect(cautionsOfCodes([code]).forChildren, code).toBe('only where the label says so')
  })
})

describe('lightfastness', () => {
  it('a category of the standard is given only where it gives one; what is expected stands apart', () => {
    for (const code of ['NY3', 'NR3', 'PB31', 'PBk29']) {
      const p = pigmentByCode(code)!
      expect([p.astm, p.expected !== undefined], code).toEqual([undefined, true])
    }
    expect(REFERENCE_PIGMENTS.filter((p) => p.astm && p.expected)).toEqual([])
  })
  it('what a pan does is left out where it is not known', () => {
    expect(REFERENCE_PIGMENTS.filter((p) => p.inPan).length).toBeLessThan(60)
    expect(pigmentByCode('PB33')!.inPan).toContain('patience')
  })
})

it('a sienna is not warned of for the manganese of an umber', () => {
  const [sienna, umber] = [pigmentByCode('PBr7', 'burnt sienna')!, pigmentByCode('PBr7', 'burnt umber')!]
  expect(cautionsOfCodes(['PBr7'], [sienna]).lines).toEqual([])
  expect(cautionsOfCodes(['PBr7'], [umber]).lines).toHaveLength(1)
  expect([cautionsOfCodes(['PBr7'], [umber]).isMild, cautionsOfCodes(['PR108']).isMild]).toEqual([true, false])
})
