import Color from 'colorjs.io'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { labD65 } from '../units'
import { colourDifference, differenceInWords } from './difference'
import { hueStep, toLch } from './lch'
import { parseColour } from './parseColour'
import { fromHex, toScreen } from './srgb'

const hexColour = fc.integer({ min: 0, max: 0xffffff }).map((n) => `#${n.toString(16).padStart(6, '0')}`)
const lab = fc.record({
  L: fc.float({ min: 0, max: 100, noNaN: true }),
  a: fc.float({ min: -110, max: 110, noNaN: true }),
  b: fc.float({ min: -110, max: 110, noNaN: true }),
})

describe('CIELAB under D65 and the screen', () => {
  it('#ff0000 is 53.237 80.090 67.203 (culori and colorjs.io agree)', () => {
    const red = fromHex('#ff0000')
    if (!red.ok) throw new Error(red.error.message)
    expect(red.value.L).toBeCloseTo(53.237, 2)
    expect(red.value.a).toBeCloseTo(80.09, 2)
    expect(red.value.b).toBeCloseTo(67.203, 2)
  })

  it('agrees with colorjs.io, an independent library, within 0.05 for any sRGB colour', () => {
    fc.assert(
      fc.property(hexColour, (hex) => {
        const ours = fromHex(hex)
        const theirs = new Color(hex).to('lab-d65').coords as [number, number, number]
        if (!ours.ok) throw new Error(ours.error.message)
        expect(Math.hypot(ours.value.L - theirs[0], ours.value.a - theirs[1], ours.value.b - theirs[2])).toBeLessThan(
          0.05,
        )
      }),
    )
  })

  it('shows every sRGB colour as itself, and says when sRGB cannot', () => {
    fc.assert(
      fc.property(hexColour, (hex) => {
        const read = fromHex(hex)
        expect(read.ok && toScreen(read.value)).toEqual({ hex, shown: true })
      }),
    )
    expect(toScreen(labD65(60, -90, -20)).shown).toBe(false)
    expect(toScreen(labD65(60, -90, -20)).hex).toMatch(/^#[0-9a-f]{6}$/)
  })
})

describe('colour difference', () => {
  // Sharma, Wu, Dalal 2005, Color Res. Appl. 30, table 1: pairs 1, 7, 13, 25 (from memory, to 4 decimals)
  it.each([
    [[50, 2.6772, -79.7751], [50, 0, -82.7485], 2.0425],
    [[50, 0, 0], [50, -1, 2], 2.3669],
    [[50, 2.49, -0.001], [50, -2.49, 0.0011], 7.2195],
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387], 1.2644],
  ])('%j %j', (one, other, expected) => {
    const difference = colourDifference(
      labD65(...(one as [number, number, number])),
      labD65(...(other as [number, number, number])),
    )
    expect(difference).toBeCloseTo(expected, 4)
  })

  it('is symmetric, zero only to itself, and has words', () => {
    fc.assert(
      fc.property(lab, lab, (p, q) => {
        const [one, other] = [labD65(p.L, p.a, p.b), labD65(q.L, q.a, q.b)]
        expect(colourDifference(one, other)).toBeCloseTo(colourDifference(other, one), 6)
        expect(colourDifference(one, one)).toBe(0)
      }),
    )
    expect(differenceInWords(1.8)).toBe('just visible')
  })
})

describe('hue', () => {
  it('steps the short way round', () => {
    expect(hueStep(350, 10)).toBe(20)
    expect(hueStep(10, 350)).toBe(-20)
    expect(toLch(labD65(50, 0, -10)).h).toBe(270)
    expect(toLch(labD65(50, 0, 0))).toEqual({ L: 50, C: 0, h: 0 })
  })
})

describe('typed colours', () => {
  it.each([
    ['32 12 -40', [32, 12, -40]],
    ['L 32 a 12 b −40', [32, 12, -40]],
    ['lab(32, 12, -40)', [32, 12, -40]],
    ['L*=32,5; a*=1,5; b*=-2', [32.5, 1.5, -2]],
  ])('%s', (text, [L, a, b]) => expect(parseColour(text)).toEqual({ ok: true, value: { white: 'D65', L, a, b } }))

  it.each([
    ['', 'not-a-colour'],
    ['blue', 'not-a-colour'],
    ['1 2', 'not-a-colour'],
    ['1 2 3 4', 'not-a-colour'],
    ['101 0 0', 'colour-out-of-range'],
    ['50 0 200', 'colour-out-of-range'],
    ['#12345', 'not-a-colour'],
    ['=1 2 3+cmd', 'not-a-colour'],
  ])('%j is refused', (text, code) => {
    const read = parseColour(text)
    expect(read.ok ? '' : read.error.code).toBe(code)
  })

  it('never lets a NaN through', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        const read = parseColour(text)
        if (read.ok) expect([read.value.L, read.value.a, read.value.b].every(Number.isFinite)).toBe(true)
      }),
    )
    expect(() => labD65(Number.NaN, 0, 0)).toThrow(/L\*/)
  })
})
