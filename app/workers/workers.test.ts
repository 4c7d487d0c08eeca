import { HOLDERS, type Paint, type Palette } from '@juxtachrome/core'
import type { FromWorker, ToWorker } from '@juxtachrome/core/jobs'
import { describe, expect, expectTypeOf, it } from 'vitest'
import { CoreClient, type Port } from './client'
import { createRunner } from './runJobs'

const tick = () => new Promise<void>((r) => setTimeout(r, 0))
const palette: Palette = {
  id: 'p',
  v: 1,
  name: 'Tin',
  use: 'travel',
  purpose: '',
  holder: HOLDERS[0]!,
  plan: { A1: { paintId: 'x' } },
}
const paints: Paint[] = [{ id: 'x', v: 1, maker: '', name: 'X', pigments: [] }]

/** A worker in this thread: same runner, messages by structured clone. */
function localPort(sent: ToWorker[] = []): Port {
  const port: Port = { onmessage: null, onerror: null, terminate: () => undefined, postMessage: () => undefined }
  const hear = createRunner((m: FromWorker) => port.onmessage?.({ data: structuredClone(m) }), tick)
  port.postMessage = (m) => {
    sent.push(m)
    setTimeout(() => hear(structuredClone(m)), 0)
  }
  return port
}
/** A worker that never answers by itself. */
const silentPort = (): Port => ({
  onmessage: null,
  onerror: null,
  terminate: () => undefined,
  postMessage: () => undefined,
})

describe('the worker seam', () => {
  it('answers a question, typed end to end', async () => {
    const { result } = new CoreClient(() => localPort()).ask('arrangeInOrder', {
      palette,
      paints,
      order: 'light to dark',
    })
    const answer = await result
    expect(answer.ok && answer.value.plan).toEqual({ A1: { paintId: 'x' } })
    if (answer.ok) expectTypeOf(answer.value.moved).toEqualTypeOf<string[]>()
  })

  it('reports progress and stops when asked to', async () => {
    const text = JSON.stringify({
      format: 'juxtachrome-collection',
      schema: 1,
      documents: { paints: Array.from({ length: 60_000 }, (_, i) => ({ ...paints[0], id: `p${i}` })) },
    })
    const sent: ToWorker[] = []
    const client = new CoreClient(() => localPort(sent))
    let seen = 0
    const asked = client.ask(
      'readCollection',
      { text },
      {
        progress: (p) => {
          seen = p.done
          asked.cancel()
        },
      },
    )
    expect(await asked.result).toMatchObject({ ok: false, error: { code: 'cancelled' } })
    expect(seen).toBeGreaterThan(0)
    expect(seen).toBeLessThan(60_000)
    expect(sent.at(-1)?.type).toBe('cancel')
  })

  it('drops a stale answer: a newer question in the lane replaces the older', async () => {
    const port = silentPort()
    const client = new CoreClient(() => port)
    const first = client.ask('readTable', { text: 'a' }, { lane: 'x' })
    const second = client.ask('readTable', { text: 'b' }, { lane: 'x' })
    expect(await first.result).toMatchObject({ error: { code: 'replaced' } })
    port.onmessage?.({ data: { type: 'done', id: 1, result: { ok: true, value: 'stale' } } })
    port.onmessage?.({ data: { type: 'done', id: 2, result: { ok: true, value: 'fresh' } } })
    expect(await second.result).toEqual({ ok: true, value: 'fresh' })
  })

  it('tells everyone when the worker dies, and starts a new one for the next question', async () => {
    const ports: Port[] = []
    const client = new CoreClient(() => {
      ports.push(silentPort())
      return ports.at(-1)!
    })
    const asked = client.ask('readTable', { text: 'a' })
    ports[0]!.onerror?.({ message: 'out of memory' })
    expect(await asked.result).toMatchObject({
      error: { code: 'worker-failed', message: expect.stringContaining('out of memory') as string },
    })
    client.ask('readTable', { text: 'a' })
    expect(ports).toHaveLength(2)
  })

  it('a job that throws comes back as data', async () => {
    const { result } = new CoreClient(() => localPort()).ask('arrangeInOrder', {
      palette: null as never,
      paints,
      order: 'light to dark',
    })
    expect(await result).toMatchObject({ ok: false, error: { code: 'job-failed' } })
  })
})
