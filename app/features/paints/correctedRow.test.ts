import { parseLine, rowOfLine } from '@juxtachrome/core/paints'
import { describe, expect, it } from 'vitest'
import { correctedRow, textOf } from './correctedRow'
import { inTradeSpelling, leftInWords, spellingInWords } from './words'

const money = { currency: 'EUR' }
const rowOf = (line: string) => rowOfLine(parseLine(line, []))

describe('a row that was read and is corrected where it stands', () => {
  it('stays as it was read where nothing was typed, digit by digit', () => {
    const row = rowOf('Viridian PG18 15 ml £7.50, 1/3 left')
    expect(correctedRow(row, {}, money)).toEqual({ row, problem: '' })
    expect([textOf(row, 'codes'), textOf(row, 'left'), textOf(row, 'name', { name: 'x' })]).toEqual([
      'PG18',
      'a third left',
      'x',
    ])
  })
  it('takes what was typed', () => {
    const typed = {
      name: ' Emerald ',
      codes: 'pg7',
      millilitres: '5',
      count: '2',
      price: '9',
      left: '2 ml',
      series: '3',
    }
    const { row, problem } = correctedRow(rowOf('Viridian PG18 15 ml'), typed, money)
    expect(problem).toBe('')
    expect(row).toMatchObject({
      name: 'Emerald',
      pigments: ['PG7'],
      millilitres: 5,
      count: 2,
      left: { millilitres: 2 },
      series: '3',
    })
    expect(row.price).toEqual({ minor: 900, currency: 'EUR' })
  })
  it('empties what was emptied', () => {
    const { row } = correctedRow(
      rowOf('Viridian PG18 15 ml £7.50, half left'),
      { millilitres: '', price: '', left: '' },
      money,
    )
    expect([row.millilitres, row.price, row.left]).toEqual([undefined, undefined, undefined])
  })
  it.each([
    [{ name: ' ' }, 'A name is needed'],
    [{ name: 'x'.repeat(121) }, '120 characters'],
    [{ codes: 'PZ1' }, 'PZ1'],
    [{ count: '0' }, 'How many'],
    [{ count: '1.5' }, 'How many'],
    [{ millilitres: '5001' }, '0 to 5000'],
    [{ millilitres: 'lots' }, '0 to 5000'],
    [{ left: 'plenty' }, 'What is left'],
  ])('%o is refused in words', (typed, words) =>
    expect(correctedRow(rowOf('Viridian'), typed, money).problem).toContain(words),
  )
})

describe('spelling', () => {
  it('is said, and written as the trade does on request', () => {
    const { spelling, name } = parseLine('Burnt siena PBr7', [])
    expect(spellingInWords(spelling!)).toBe('“siena” as sienna: read so, and left as you wrote it.')
    expect(inTradeSpelling(name, spelling!)).toBe('Burnt sienna')
    const short = parseLine('Ult. blue PB29', [])
    expect(inTradeSpelling(short.name, short.spelling!)).toBe('Ultramarine blue')
  })
  it('amounts read back as they are written', () => {
    expect(
      ['1/3', 'half', '80 %', '4 ml', 'full'].map((t) =>
        leftInWords(rowOf(`Viridian PG18, ${t === 'full' ? t : `${t} left`}`).left!),
      ),
    ).toEqual(['a third left', 'half left', '80 % left', '4 ml left', 'full'])
  })
})
