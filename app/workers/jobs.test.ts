import { labD65 } from '@juxtachrome/core/units'
import { WAVELENGTHS } from '@juxtachrome/core/colour'
import { opticsOfPaint } from '@juxtachrome/core/film'
import type { Paint } from '@juxtachrome/core/documents'
import type { JobName, ProgressOf, RequestOf, ValueOf } from '@juxtachrome/core/jobs'
import fc from 'fast-check'
import { isReactive, reactive } from 'vue'
import { describe, expect, it } from 'vitest'
import { clientOver, localPort } from './local.fixture'
import { plain } from './plain'

const paint = (code: string): Paint => ({ id: code, v: 2, maker: '', name: code, pigments: [code] })
const CODES = ['PB29', 'PY3', 'PV19', 'PG7', 'PR254', 'PBr7', 'PY42', 'PB15:3', 'PR122', 'PO71', 'PV23', 'PY150']
const MANY = CODES.map(paint)
const target = { kind: 'colour' as const, lab: labD65(45, -15, 20) }

const clientWith = (paints: Paint[] = []) => clientOver(() => localPort(), { paints }).client
async function ask<N extends JobName>(
  name: N,
  request: RequestOf<N>,
  paints: Paint[] = [],
  progress?: (p: ProgressOf<N>) => void,
): Promise<ValueOf<N>> {
  const answer = await clientWith(paints).ask(name, request, { progress }).result
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}

describe('jobs of optics over the worker seam', () => {
  it('recipes come with first answers on the way, and paints that take no part are named', async () => {
    const answers: number[] = []
    const { best, left } = await ask(
      'recipesFromPaints',
      { target },
      [...MANY, { ...paint('PW20'), id: 'odd' }],
      (p) => {
        if (p.best.length) answers.push(p.best[0]!.difference)
      },
    )
    expect(best[0]!.difference).toBeLessThan(6)
    expect(left.map((l) => l.id)).toEqual(['odd'])
    expect(answers.length).toBeGreaterThan(0)
  })

  it('the paint to be matched takes no part, and a palette narrows the choice', async () => {
    const all = await ask('recipesFromPaints', { target, without: 'PG7' }, MANY)
    expect(all.best.flatMap((r) => r.paints.map((p) => p.id))).not.toContain('PG7')
  })

  it('a newer search replaces the older, and a cancelled one ends', async () => {
    const client = clientWith(MANY)
    const first = client.ask('recipesFromPaints', { target }, { topic: 'recipes' })
    const second = client.ask('recipesFromPaints', { target, most: 1 }, { topic: 'recipes' })
    expect(await first.result).toMatchObject({ ok: false, error: { code: 'replaced' } })
    expect((await second.result).ok).toBe(true)
    const third = client.ask('recipesFromPaints', { target }, { topic: 'recipes', progress: () => third.cancel() })
    expect(await third.result).toMatchObject({ ok: false, error: { code: 'cancelled' } })
  })

  it('a made-up sheet goes out as pixels and comes back as cells', async () => {
    const colours = [labD65(60, 30, 40), labD65(40, -30, 10), undefined, labD65(30, 20, -40)]
    const conditions = { uneven: 0.3 }
    const sheet = await ask('simulateSheet', { colours, columns: 2, width: 600, height: 500, conditions })
    const { cells } = await ask('readSwatchSheet', sheet)
    expect(cells.map((c) => c.empty)).toEqual([false, false, true, false])
    expect(Math.hypot(cells[0]!.lab.a - 30, cells[0]!.lab.b - 40)).toBeLessThan(2)
  })

  it('spectra cross as numbers; a refusal crosses as data', async () => {
    const text = [['name', ...WAVELENGTHS].join(','), ['grey', ...WAVELENGTHS.map(() => 0.3)].join(',')].join('\n')
    const { samples } = await ask('readSpectra', { text })
    expect(samples[0]!.reflectance.every((r) => Math.abs(r - 0.3) < 1e-12)).toBe(true)
    const refused = await clientWith().ask('readSpectra', { text: 'nothing' }).result
    expect(refused).toMatchObject({ ok: false, error: { code: 'not-spectra' } })
    const none = await clientWith().ask('recipesFromPaints', { target }).result
    expect(none).toMatchObject({ ok: false, error: { code: 'no-paints' } })
  })

  it('the rows of a table are told apart, each bad one with its line and reason', async () => {
    const text = 'name,size\nRose,15\nBlue,many\n,5\n'
    const [{ table } = { table: undefined as never }] = await ask('readTable', { text })
    const { good, bad } = await ask('readPaintRows', { table, matching: { 0: 'name', 1: 'size' } })
    expect(good.map((r) => [r.name, r.millilitres, r.questions?.map((q) => q.field)])).toEqual([
      ['Rose', 15, undefined],
      ['Blue', undefined, ['size']],
    ])
    expect(bad).toMatchObject([{ row: 2, line: 4, reason: expect.stringContaining('name') as string }])
  })
})

describe('what is sent to a worker', () => {
  it('is free of reactive wrappers and of fields that are undefined, and keeps typed arrays as they are', () => {
    const pixels = new Uint8ClampedArray(8)
    const sent = plain({
      image: reactive({ width: 1, list: [reactive({ a: 1 })] }),
      pixels,
      nothing: undefined,
      none: null,
    })
    expect(isReactive(sent.image) || isReactive(sent.image.list[0])).toBe(false)
    expect(sent.pixels).toBe(pixels)
    expect(Object.keys(sent)).toEqual(['image', 'pixels', 'none'])
    expect(() => structuredClone(sent)).not.toThrow()
  })
  it('is otherwise the same', () => {
    const harmless = fc.jsonValue().filter((v) => !JSON.stringify(v).includes('__proto__'))
    fc.assert(
      fc.property(harmless, (value) => {
        expect(plain(reactive({ value }))).toEqual({ value })
      }),
    )
  })
})

it('optics are plain data: what comes out of core survives the seam unchanged', () => {
  const optics = opticsOfPaint({ pigments: ['PB29', 'PBr7'] })
  expect(structuredClone(optics)).toEqual(optics)
})
