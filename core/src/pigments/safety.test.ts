import { describe, expect, it } from 'vitest'
import { drawbacksOf } from '../choosing/drawbacks'
import { handlingOf } from '../choosing/verdict/handling'
import { paint, tin } from '../documents/documents.fixture'
import { againstChild } from '../paints/forChild'
import { remindersAt } from '../filling/reminders'
import { linesOfPalette } from '../formats/studentLines'
import { cautionsOfCodes, unknownInWords } from './cautions'
import { pigmentByCode, REFERENCE_PIGMENTS } from './reference'

const KNOWS = { owned: [], itemsOf: () => [], leftIn: () => 0, filling: 1 }

describe('a code of which nothing is known is never mild', () => {
  const odd = paint('odd', { name: 'Odd red', pigments: ['PR299'] })
  const said = 'f PR299 nothing is known here: read the label'

  it('says so in drawbacks, in handling, while filling, to students and for children', () => {
    expect(cautionsOfCodes(['PR299'])).toMatchObject({ isMild: false, unknown: ['PR299'] })
    expect(drawbacksOf(odd, KNOWS).map((d) => d.words)).toContain(`o${said}`)
    expect(handlingOf([odd])).toMatchObject({ cautions: 1, unknownCodes: ['PR299'] })
    const moment = { paint: odd, items: [], isFirst: false, isLast: false, isNew: false, isOver: false }
    expect(remindersAt({ ...moment, isLastOfTube: false }).before).toContain(`O${said}.`)
    const place = tin.holder.places[0]!.id
    expect(linesOfPalette({ ...tin, plan: { [place]: { paintId: 'odd' } } }, () => odd)[0]!.cautions).toEqual([
      `O${said}.`,
    ])
    expect(againstChild(odd)).toContain('nothing is known')
  })

  it('is said beside what is known of the other codes', () => {
    const both = paint('both', { pigments: ['PR108', 'PR299'] })
    expect(drawbacksOf(both, KNOWS)[0]!.words).toBe(`needs caution: cadmium compound; o${said}`)
  })
  it('is silent where all is known', () => expect(unknownInWords([])).toBeUndefined())
})

describe('cautions that are known without the pigment (usual cautions, from memory)', () => {
  it.each([
    ['PY33', 'Hexavalent chromium'],
    ['PY46', 'Lead'],
    ['PY48', 'Lead'],
    ['PO45', 'Lead'],
    ['PW2', 'Lead'],
    ['PW3', 'Lead'],
    ['PW16', 'Lead'],
    ['PW11', 'Antimony'],
    ['PR90', 'Acid dye'],
  ])('%s: %s', (code, says) => {
    const { lines, isMild, unknown } = cautionsOfCodes([code])
    expect(lines[0]!.text.startsWith(says)).toBe(true)
    expect(isMild).toBe(false)
    expect(unknown).toEqual([])
  })
  it('every dye and every lake of one says so; basic and acid ones apart', () => {
    const isDye = (p: (typeof REFERENCE_PIGMENTS)[number]) =>
      p.kind === 'dye' || /triarylcarbonium|xanthene/.test(p.chemistry)
    for (const p of REFERENCE_PIGMENTS.filter(isDye))
      expect(
        p.cautions.some((c) => c === 'dye' || c === 'acid-dye'),
        p.id,
      ).toBe(true)
    expect(pigmentByCode('PR174')!.cautions).toEqual(['acid-dye', 'lead-lake'])
    expect(['PV1', 'PV2', 'PB1'].map((code) => pigmentByCode(code)!.cautions)).toEqual([['dye'], ['dye'], ['dye']])
    expect(cautionsOfCodes(['PR90']).forChildren).toBe('no')
  })
  it('trivalent chromium is told apart from the toxic kind, and is no reason for caution', () => {
    expect(cautionsOfCodes(['PG17'])).toMatchObject({ isMild: true })
    expect(cautionsOfCodes(['PG18']).lines[0]!.text).toContain('not the toxic')
    expect(drawbacksOf(paint('p', { pigments: ['PB36'] }), KNOWS)[0]!.words).toBe('needs caution: cobalt compound')
  })
})

describe('codes that are found', () => {
  it('without the sub-type with which they are held', () => {
    expect(['PR48', 'PR53', 'PR57'].map((code) => pigmentByCode(code)?.id)).toEqual(['PR48:1', 'PR53:1', 'PR57:1'])
  })
  it('each has a lightfastness, of the standard or expected', () => {
    expect(REFERENCE_PIGMENTS.filter((p) => !p.astm && !p.expected).map((p) => p.id)).toEqual([])
  })
})
