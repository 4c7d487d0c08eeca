import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { readSpectra, resampled } from './readSpectra'

const range = (from: number, to: number, by: number) =>
  Array.from({ length: Math.round((to - from) / by) + 1 }, (_, i) => from + i * by)
const cgats = (nms: number[], rows: [string, number[]][], head = '') =>
  [
    'CGATS.17',
    `ORIGINATOR "test"\n${head}NUMBER_OF_FIELDS ${nms.length + 1}`,
    'BEGIN_DATA_FORMAT',
    ['SAMPLE_NAME', ...nms.map((n) => `SPECTRAL_NM${n}`)].join(' '),
    'END_DATA_FORMAT',
    `NUMBER_OF_SETS ${rows.length}`,
    'BEGIN_DATA',
    ...rows.map(([name, v]) => `"${name}" ${v.join(' ')}`),
    'END_DATA\n',
  ].join('\n')
const csv = (nms: (string | number)[], rows: [string, (number | string)[]][]) =>
  [['name', ...nms].join(','), ...rows.map(([name, v]) => [name, ...v].join(','))].join('\n')
const ALL = range(380, 730, 10)
const read = (text: string) => {
  const r = readSpectra(text)
  if (!r.ok) throw new Error(r.error.message)
  return r.value
}
const code = (text: string) => {
  const r = readSpectra(text)
  return r.ok ? 'ok' : r.error.code
}

describe('spectral files', () => {
  it('CGATS.17 on our own bands comes through exactly, with names', () => {
    const values = ALL.map((_, i) => i / 40)
    const file = read(
      cgats(ALL, [
        ['Burnt sienna', values],
        ['Kelp', values],
      ]),
    )
    expect(file.notes).toEqual([])
    expect(file.samples.map((s) => s.name)).toEqual(['Burnt sienna', 'Kelp'])
    file.samples[0]!.reflectance.forEach((r, i) => expect(r).toBeCloseTo(values[i]!, 12))
  })

  it('other ranges and steps are resampled, ends held, per cent read: and it says so', () => {
    const nms = range(400, 700, 20)
    const file = read(
      csv(
        nms.map((n) => `${n} nm`),
        [['Grey', nms.map(() => 50)]],
      ),
    )
    expect(file.samples[0]!.reflectance.every((r) => Math.abs(r - 0.5) < 1e-9)).toBe(true)
    expect(file.notes.join(' ')).toMatch(/Resampled from 400–700 nm by 20 nm.*nearest one is held.*per cent/)
    expect(file.samples[0]!.lab.L).toBeCloseTo(76.07, 1)
    expect(
      read(cgats(ALL, [['a', ALL.map(() => 1.5)]], 'SPECTRAL_NORM "100"\n')).samples[0]!.reflectance[0],
    ).toBeCloseTo(0.015, 9)
  })

  it('a smooth curve survives steps of 5, 10 and 20 nm', () => {
    const curve = (nm: number) => 0.3 + 0.2 * Math.sin(nm / 55)
    fc.assert(
      fc.property(fc.constantFrom(5, 10, 20), (by) => {
        const nms = range(380, 740, by)
        for (const nm of ALL) expect(Math.abs(resampled(nms, nms.map(curve), nm) - curve(nm))).toBeLessThan(0.006)
      }),
    )
  })

  it('rows that cannot be are refused with the reason, the others are kept', () => {
    const flat = (v: number | string) => ALL.map((_, i) => (i === 5 ? v : 0.4))
    const file = read(
      csv(ALL, [
        ['fine', flat(0.4)],
        ['dark', flat(-0.2)],
        ['bright', flat(1.6)],
        ['gap', flat('')],
        ['word', flat('x')],
      ]),
    )
    expect(file.samples.map((s) => s.name)).toEqual(['fine'])
    expect(file.refused.map((r) => [r.name, r.problem.code])).toEqual([
      ['dark', 'impossible-reflectance'],
      ['bright', 'impossible-reflectance'],
      ['gap', 'bands-missing'],
      ['word', 'bands-missing'],
    ])
    expect(file.refused[0]).toMatchObject({
      line: 3,
      problem: { message: expect.stringContaining('430 nm') as string },
    })
  })

  it.each([
    ['', 'empty-file'],
    ['\u0000\u0001', 'not-spectra'],
    ['hello', 'not-spectra'],
    ['a,b\n1,2', 'not-spectra'],
    ['BEGIN_DATA_FORMAT\nBEGIN_DATA\n', 'not-spectra'],
    [csv(range(420, 700, 10), [['a', range(420, 700, 10).map(() => 0.2)]]), 'bands-missing'],
    [csv([...range(380, 500, 10), ...range(560, 730, 10)], [['a', []]]), 'bands-missing'],
  ] as [string, string][])('%#', (text, expected) => expect(code(text)).toBe(expected))

  it('never a NaN, whatever the text', () => {
    fc.assert(
      fc.property(fc.string(), fc.array(fc.double(), { minLength: 36, maxLength: 36 }), (text, values) => {
        readSpectra(text)
        const file = readSpectra(csv(ALL, [['x', values]]))
        if (file.ok) expect(file.value.samples.every((s) => s.reflectance.every((r) => r >= 0 && r <= 1.3))).toBe(true)
      }),
    )
  })
})
