import { labD65, opticsOfPaint, WAVELENGTHS, type Paint } from '@juxtachrome/core'
import type { FromWorker, JobName, Jobs, ToWorker } from '@juxtachrome/core/jobs'
import fc from 'fast-check'
import { isReactive, reactive } from 'vue'
import { describe, expect, it } from 'vitest'
import { CoreClient, type Port } from './client'
import { plain } from './plain'
import { createRunner } from './runJobs'

/** A worker in this thread: the same runner, and messages by structured clone, as a real one gets them. */
function localClient(): CoreClient {
  return new CoreClient(() => {
    const port: Port = { onmessage: null, onerror: null, terminate: () => undefined, postMessage: () => undefined }
    const hear = createRunner(
      (m: FromWorker) => port.onmessage?.({ data: structuredClone(m) }),
      () => new Promise((r) => setTimeout(r, 0)),
    )
    port.postMessage = (m: ToWorker) => {
      setTimeout(() => hear(structuredClone(m)), 0)
    }
    return port
  })
}
async function ask<N extends JobName>(
  name: N,
  request: Jobs[N]['request'],
  progress?: (p: Jobs[N]['progress']) => void,
): Promise<Jobs[N]['value']> {
  const answer = await localClient().ask(name, request, { progress }).result
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}
const paint = (id: string, ...pigments: string[]): { id: string; paint: Pick<Paint, 'pigments'> } => ({
  id,
  paint: { pigments },
})
const MANY = ['PB29', 'PY3', 'PV19', 'PG7', 'PR254', 'PBr7', 'PY42', 'PB15:3', 'PR122', 'PO71', 'PV23', 'PY150'].map(
  (code) => paint(code, code),
)

describe('jobs of optics over the worker seam', () => {
  it('recipes come with first answers on the way, and paints that take no part are named', async () => {
    let answers = 0
    const { best, left } = await ask(
      'recipesFromPaints',
      { target: { kind: 'colour', lab: labD65(45, -15, 20) }, paints: [...MANY, paint('odd', 'PW20')] },
      (p) => {
        answers += p.best.length > 0 ? 1 : 0
      },
    )
    expect(best[0]!.difference).toBeLessThan(6)
    expect(left.map((l) => l.id)).toEqual(['odd'])
    expect(answers).toBeGreaterThan(0)
  })

  it('a newer search replaces the older, and a cancelled one ends', async () => {
    const client = localClient()
    const question = { target: { kind: 'colour' as const, lab: labD65(45, -15, 20) }, paints: MANY }
    const first = client.ask('recipesFromPaints', question, { lane: 'recipes' })
    const second = client.ask('recipesFromPaints', { ...question, most: 1 as const }, { lane: 'recipes' })
    expect(await first.result).toMatchObject({ ok: false, error: { code: 'replaced' } })
    expect((await second.result).ok).toBe(true)
    const third = client.ask('recipesFromPaints', question, { lane: 'recipes', progress: () => third.cancel() })
    expect(await third.result).toMatchObject({ ok: false, error: { code: 'cancelled' } })
  })

  it('a made-up sheet goes out as pixels and comes back as cells', async () => {
    const colours = [labD65(60, 30, 40), labD65(40, -30, 10), undefined, labD65(30, 20, -40)]
    const sheet = await ask('simulateSheet', {
      colours,
      columns: 2,
      width: 600,
      height: 500,
      conditions: { uneven: 0.3 },
    })
    const { cells } = await ask('readSwatchSheet', sheet)
    expect(cells.map((c) => c.empty)).toEqual([false, false, true, false])
    expect(Math.hypot(cells[0]!.lab.a - 30, cells[0]!.lab.b - 40)).toBeLessThan(2)
  })

  it('spectra cross as numbers; a refusal crosses as data', async () => {
    const text = [['name', ...WAVELENGTHS].join(','), ['grey', ...WAVELENGTHS.map(() => 0.3)].join(',')].join('\n')
    expect((await ask('readSpectra', { text })).samples[0]!.reflectance.every((r) => Math.abs(r - 0.3) < 1e-12)).toBe(
      true,
    )
    expect(await localClient().ask('readSpectra', { text: 'nothing' }).result).toMatchObject({
      ok: false,
      error: { code: 'not-spectra' },
    })
    expect(
      await localClient().ask('recipesFromPaints', { target: { kind: 'colour', lab: labD65(1, 1, 1) }, paints: [] })
        .result,
    ).toMatchObject({ ok: false, error: { code: 'no-paints' } })
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
    fc.assert(
      fc.property(
        fc.jsonValue().filter((v) => !JSON.stringify(v).includes('__proto__')),
        (value) => {
          expect(plain(reactive({ value }))).toEqual({ value })
        },
      ),
    )
  })
})

it('optics are plain data: what comes out of core survives the seam unchanged', () => {
  const optics = opticsOfPaint({ pigments: ['PB29', 'PBr7'] })
  expect(structuredClone(optics)).toEqual(optics)
})
