import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HUE_LETTERS, parsePigmentCode, parsePigmentCodes, USAGE_CLASSES } from './grammar'

const code = (text: string) => {
  const parsed = parsePigmentCode(text)
  return parsed.ok ? parsed.value.code : parsed.error.code
}

describe('one Colour Index generic name', () => {
  it.each([
    ['PY150', 'PY150'],
    ['py150', 'PY150'],
    ['PB15:3', 'PB15:3'],
    ['PB 15.3', 'PB15:3'],
    ['PB15.3', 'PB15:3'],
    ['P.B.29', 'PB29'],
    ['P.B. 29', 'PB29'],
    ['pb-29', 'PB29'],
    ['PBr7', 'PBr7'],
    ['PBR7', 'PBr7'],
    ['pbr 7', 'PBr7'],
    ['PBk6', 'PBk6'],
    ['PBK 6', 'PBk6'],
    ['PW6', 'PW6'],
    ['NR9', 'NR9'],
    ['BV10', 'BV10'],
    ['NBr8', 'NBr8'],
    ['C.I. Pigment Blue 15:3', 'PB15:3'],
    ['CI PB29', 'PB29'],
    ['Pigment Brown 7', 'PBr7'],
    ['Natural Red 9', 'NR9'],
    ['Basic Violet 10', 'BV10'],
    [' PG7 ', 'PG7'],
    ['PR101.', 'PR101'],
    ['BB9', 'BB9'],
  ])('%s is %s', (text, expected) => expect(code(text)).toBe(expected))

  it.each(['', 'P', 'PB', '29', 'PX12', 'PB0', 'PB1234', 'blue', 'PB15:0', 'PBr', 'PB29x', '=PB29+1', 'P B'])(
    '%j is no code',
    (text) => expect(code(text)).toBe('not-a-pigment-code'),
  )

  it('reads back every code it writes, in any letter case and with dots or spaces', () => {
    const parts = fc.record({
      usage: fc.constantFrom(...USAGE_CLASSES),
      hue: fc.constantFrom(...HUE_LETTERS),
      number: fc.integer({ min: 1, max: 999 }),
      subtype: fc.option(fc.integer({ min: 1, max: 99 }), { nil: undefined }),
    })
    const writing = fc.record({
      upper: fc.constantFrom(0, 1, 2),
      dot: fc.boolean(),
      gap: fc.constantFrom('', ' ', '-'),
    })
    fc.assert(
      fc.property(parts, writing, ({ usage, hue, number, subtype }, { upper, dot, gap }) => {
        const sub = subtype === undefined ? '' : `${dot ? '.' : ':'}${subtype}`
        const written = `${usage}${dot ? '.' : ''}${hue}${gap}${number}${sub}`
        const cased = [written, written.toLowerCase(), written.toUpperCase()][upper]!
        expect(code(cased)).toBe(`${usage}${hue}${number}${subtype === undefined ? '' : `:${subtype}`}`)
      }),
    )
  })
})

describe('several codes', () => {
  const read = (text: string) => parsePigmentCodes(text).codes.map((c) => c.code)

  it.each([
    ['PB29, PV19 and PW6', ['PB29', 'PV19', 'PW6']],
    ['PB29/PV19', ['PB29', 'PV19']],
    ['PY150 + PG7', ['PY150', 'PG7']],
    ['PB29 PV19', ['PB29', 'PV19']],
    ['PB 29 PV 19', ['PB29', 'PV19']],
    ['PB29;PB29', ['PB29']],
    ['Pigment Blue 29 & PBk6', ['PB29', 'PBk6']],
  ])('%s', (text, expected) => expect(read(text)).toEqual(expected))

  it('keeps what it cannot read, with the reason', () => {
    const { codes, unread } = parsePigmentCodes('PB15/3 + mica')
    expect(codes.map((c) => c.code)).toEqual(['PB15'])
    expect(unread.map((u) => u.text)).toEqual(['3', 'mica'])
    expect(unread[0]!.message).toContain('PB15:3')
  })

  it('never throws and accounts for every letter and digit of any text', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), (text) => {
        const { codes, unread } = parsePigmentCodes(text)
        if (/[a-z0-9]/i.test(text.replace(/\b(and|und|et)\b/gi, '')))
          expect(codes.length + unread.length).toBeGreaterThan(0)
      }),
    )
  })
})
