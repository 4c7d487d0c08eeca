import fc from 'fast-check'
import Papa from 'papaparse'
import { expect, it } from 'vitest'
import { runs } from '../../../tests/setup/runs'
import { writeCsv } from './writeCsv'

it('what a spreadsheet would work out is guarded, also over several lines; numbers are left as they are', () => {
  const cells = [
    '=1+1',
    '=HYPERLINK("x")\nmore',
    '@sum',
    '+cmd|x',
    '\t=1',
    ' =1',
    '-5',
    '+5',
    '-12,5',
    '-0.25',
    'a=b',
    '-',
  ]
  const [row] = Papa.parse<string[]>(writeCsv([cells])).data
  expect(row).toEqual([
    "'=1+1",
    `'=HYPERLINK("x")\nmore`,
    "'@sum",
    "'+cmd|x",
    "'\t=1",
    "' =1",
    '-5',
    '+5',
    '-12,5',
    '-0.25',
    'a=b',
    "'-",
  ])
})

it('whatever stands in the cells, a table of the same shape comes out, and no cell begins a formula', () => {
  const cell = fc.oneof(fc.string(), fc.constantFrom('=1', '-3', '\r=1', '"', ',', '\n'))
  fc.assert(
    fc.property(fc.array(fc.tuple(cell, cell, fc.constant('x')), { minLength: 1, maxLength: 8 }), (rows) => {
      const read = Papa.parse<string[]>(writeCsv(rows)).data
      expect(read.length).toBe(rows.length)
      for (const [r, row] of read.entries())
        for (const [c, now] of row.entries()) {
          expect(now === rows[r]![c] || now === `'${rows[r]![c]}`).toBe(true)
          expect(/^\s*[=@]/.test(now)).toBe(false)
        }
    }),
    { numRuns: runs(200) },
  )
})
