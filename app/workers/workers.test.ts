import type { Result } from '@juxtachrome/core/result'
import { noDocuments, updated, type Paint, type Palette } from '@juxtachrome/core/documents'
import { collectionPieces } from '@juxtachrome/core/formats'
import { HOLDERS, type Arranged } from '@juxtachrome/core/arranging'
import type { ToWorker } from '@juxtachrome/core/jobs'
import { describe, expect, expectTypeOf, it, vi } from 'vitest'
import { clientOver, localPort, silentPort } from './local.fixture'
import type { Port } from './seat'

const palette: Palette = {
  id: 'p',
  v: 1,
  name: 'Tin',
  use: 'travel',
  purpose: '',
  holder: HOLDERS[0]!,
  plan: { A1: { paintId: 'x' }, A2: { paintId: 'y' } },
}
const paint = (id: string): Paint => ({ id, v: 2, maker: '', name: id.toUpperCase(), pigments: ['PB29'] })
const documents = { palettes: [palette], paints: [paint('x'), paint('y'), paint('z')] }
const order = { paletteId: 'p', blend: { value: 1 } }
const done = (id: number, value: unknown) => ({
  data: { type: 'answer' as const, id, revision: 0, result: { ok: true as const, value } },
})

describe('the worker seam', () => {
  it('answers a question about the mirrored collection, typed end to end', async () => {
    const answer = await clientOver(() => localPort(), documents).client.ask('arrangePalette', order).result
    expect(answer.ok && answer.value.plan).toEqual(palette.plan)
    if (answer.ok) expectTypeOf(answer.value.moved).toEqualTypeOf<string[]>()
  })

  it('reports progress and stops when asked to', async () => {
    const paints = Array.from({ length: 60_000 }, (_, i) => ({ ...paint(`p${i}`) }))
    const file = new Blob([...collectionPieces({ documents: { ...noDocuments(), paints }, unreadable: [] }, '')])
    const sent: ToWorker[] = []
    let seen = 0
    const { client } = clientOver(() => localPort(sent))
    const asked = client.ask(
      'readCollection',
      { file },
      {
        progress: (p) => {
          seen = p.done
          asked.cancel()
        },
      },
    )
    expect(await asked.result).toMatchObject({ ok: false, error: { code: 'cancelled' } })
    expect(seen).toBeGreaterThan(0)
    expect(seen).toBeLessThan(file.size)
    expect(sent.at(-1)?.type).toBe('close')
  })

  it('drops a stale answer: a newer question on a topic replaces the older', async () => {
    const port = silentPort()
    const { client } = clientOver(() => port)
    const first = client.ask('readTable', { text: 'a' }, { topic: 'x' })
    const second = client.ask('readTable', { text: 'b' }, { topic: 'x' })
    expect(await first.result).toMatchObject({ error: { code: 'replaced' } })
    port.onmessage?.(done(1, 'stale'))
    port.onmessage?.(done(2, 'fresh'))
    expect(await second.result).toEqual({ ok: true, value: 'fresh' })
  })

  it('a worker that dies is replaced and asked again once; the second time the asker is told', async () => {
    const ports: Port[] = []
    const sent: ToWorker[][] = []
    const { client } = clientOver(() => {
      sent.push([])
      ports.push(silentPort(sent.at(-1)))
      return ports.at(-1)!
    })
    const asked = client.ask('readTable', { text: 'a' })
    ports[0]!.onerror?.({ message: 'out of memory' })
    expect(sent[1]!.filter((m) => m.type === 'ask')).toHaveLength(1)
    expect(sent[1]![0]).toMatchObject({ type: 'contents' })
    ports[1]!.onerror?.({ message: 'out of memory' })
    const told = expect.stringContaining('out of memory') as string
    expect(await asked.result).toMatchObject({ error: { code: 'worker-failed', message: told } })
    client.ask('readTable', { text: 'a' })
    expect(ports).toHaveLength(3)
  })

  it('a worker that ends without a word is noticed', async () => {
    let started = 0
    const start = () => ((started += 1) === 1 ? silentPort() : localPort())
    const { client } = clientOver(start, documents, 60)
    expect(await client.ask('arrangePalette', order).result).toMatchObject({ ok: true })
    expect(started).toBe(2)
  })

  it('what was handed over to a worker that died is not asked again', async () => {
    const port = silentPort()
    const image = { width: 1, height: 1, data: new Uint8ClampedArray(4) }
    const { client } = clientOver(() => port)
    const request = { image, corners: [] as never, rows: 1, columns: 1, gap: 0 }
    const asked = client.ask('readSwatchSheet', request, { transfer: [image.data.buffer] })
    port.onerror?.({})
    expect(await asked.result).toMatchObject({ error: { code: 'worker-failed' } })
  })

  it('a job that throws comes back as data', async () => {
    const { client } = clientOver(() => localPort())
    const { result } = client.ask('readPaintRows', { table: null as never, matching: {} })
    expect(await result).toMatchObject({ ok: false, error: { code: 'job-failed' } })
  })

  it('what a person waits for does not stand behind long work', async () => {
    const sent: ToWorker[][] = []
    const { client } = clientOver(() => {
      sent.push([])
      return silentPort(sent.at(-1))
    }, documents)
    client.ask('readTable', { text: 'long' })
    client.ask('arrangePalette', order)
    expect(sent.map((s) => s.filter((m) => m.type === 'ask').length)).toEqual([1, 1])
  })
})

describe('sessions', () => {
  it('answer again after a change that concerns them, and after no other', async () => {
    const { client, collection } = clientOver(() => localPort(), documents)
    const answers: { plan: unknown; revision: number }[] = []
    const session = client.open('arrangePalette', order, {
      answer: (r: Result<Arranged>, revision) => answers.push({ plan: r.ok && r.value.plan, revision }),
    })
    const settled = () => client.ask('arrangePalette', order).result
    await vi.waitFor(() => expect(answers).toHaveLength(1))
    collection.apply({ diff: [updated('paints', paint('z'), { ...paint('z'), note: 'no matter' })], journal: [] })
    await settled()
    await settled()
    expect(answers).toHaveLength(1)
    const after = { ...palette, plan: { ...palette.plan, A3: { paintId: 'z' } } }
    collection.apply({ diff: [updated('palettes', palette, after)], journal: [] })
    await vi.waitFor(() => expect(answers).toHaveLength(2))
    expect(answers.map((a) => a.revision)).toEqual([0, 2])
    expect(answers[1]!.plan).toEqual(after.plan)
    session.close()
    collection.apply({ diff: [updated('palettes', after, palette)], journal: [] })
    await settled()
    await settled()
    expect(answers).toHaveLength(2)
  })

  it('go on when their worker is replaced', async () => {
    const ports: Port[] = []
    const { client } = clientOver(() => {
      ports.push(ports.length ? localPort() : silentPort())
      return ports.at(-1)!
    }, documents)
    const answered = new Promise<void>((resolve) => client.open('arrangePalette', order, { answer: () => resolve() }))
    ports[0]!.onerror?.({})
    await answered
    expect(ports).toHaveLength(2)
  })
})
