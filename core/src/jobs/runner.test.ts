import { describe, expect, it } from 'vitest'
import { noContents } from '../collection/contents'
import { tin } from '../documents/documents.fixture'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { labD65 } from '../units'
import type { FromWorker } from './messages'
import { JobRunner } from './runner'

const paint = (code: string): Paint => ({ id: code, v: 2, maker: '', name: code, pigments: [code] })
const PAINTS = ['PB29', 'PY3', 'PV19', 'PG7', 'PR254', 'PBr7', 'PY42', 'PB15:3', 'PR122'].map(paint)
const TIN: Palette = { ...tin, plan: { A1: { paintId: 'PB29' }, A2: { paintId: 'PY3' } } }
const target = { kind: 'colour' as const, lab: labD65(45, -15, 20) }
type Progress = Extract<FromWorker, { type: 'progress' }>
interface Best {
  best: { difference: number }[]
}

/** A runner whose clock stands still until it is told to go on: nothing depends on how fast this machine is. */
function runner(step = 0) {
  const heard: FromWorker[] = []
  let now = 0
  let answered: () => void = () => undefined
  const done = new Promise<void>((resolve) => (answered = resolve))
  const send = (message: FromWorker) => {
    heard.push(message)
    if (message.type === 'answer') answered()
  }
  const pause = () => new Promise<void>((resume) => setImmediate(resume))
  const resting: (() => void)[] = []
  const rest = () => new Promise<void>((resume) => resting.push(resume))
  const jobs = new JobRunner(send, { pause, rest, clock: () => (now += step) })
  jobs.hear({
    type: 'contents',
    contents: { ...noContents(), documents: { ...noContents().documents, paints: PAINTS, palettes: [TIN] } },
    revision: 3,
  })
  const best = () =>
    heard.filter((m): m is Progress => m.type === 'progress').map((m) => (m.progress as Best).best[0]?.difference)
  return { jobs, heard, done, best, resting }
}

describe('what a worker says on the way', () => {
  it('every better answer is sent, however many come within one slice of time', async () => {
    // a clock that stands still: the whole search is one slice, and nothing is sent for being late
    const { jobs, heard, done, best } = runner()
    jobs.hear({ type: 'ask', id: 1, name: 'recipesFromPaints', request: { target }, session: false })
    await done
    const told = best()
    expect(told.length).toBeGreaterThan(1)
    for (let i = 1; i < told.length; i += 1) expect(told[i]!).toBeLessThanOrEqual(told[i - 1]!)
    expect(heard.at(-1)).toMatchObject({ type: 'answer', id: 1, revision: 3, result: { ok: true } })
  })

  it('tells how far it is when time has passed, and stops between two steps when it is closed', async () => {
    const { jobs, heard } = runner(50)
    jobs.hear({ type: 'ask', id: 1, name: 'recipesFromPaints', request: { target }, session: false })
    jobs.hear({ type: 'ask', id: 2, name: 'recipesFromPaints', request: { target, most: 1 }, session: false })
    jobs.hear({ type: 'close', id: 1 })
    const second = () => heard.some((m) => m.type === 'answer' && m.id === 2)
    while (!second()) await new Promise((resume) => setImmediate(resume))
    expect(heard.some((m) => m.type !== 'pong' && m.id === 1 && m.type === 'answer')).toBe(false)
    expect(heard.some((m) => m.type === 'progress' && m.id === 2)).toBe(true)
  })

  it('a session says what is quick after every change, and the rest of it only when there is quiet', async () => {
    const { jobs, heard, done, resting } = runner()
    jobs.hear({ type: 'ask', id: 1, name: 'assessPalette', request: { paletteId: 'tin' }, session: true })
    const answers = () => heard.filter((m) => m.type === 'answer').length
    // first it waits whether the asker has what it needs of the whole collection
    while (resting.length < 1) await new Promise((resume) => setImmediate(resume))
    expect(heard.at(-2)).toMatchObject({
      progress: { soFar: { needs: [{ choice: { kind: 'everything' } }], tables: [] } },
    })
    expect(heard.at(-1)).toMatchObject({ type: 'wants', id: 1, wants: [{ near: 5 }] })
    resting.pop()!()
    await done
    expect([answers(), resting.length]).toEqual([1, 0])
    const change = (revision: number, ...ids: string[]) => {
      const plan = Object.fromEntries(ids.map((paintId, i) => [`A${i + 1}`, { paintId }]))
      const document = { ...TIN, plan }
      jobs.hear({
        type: 'delta',
        delta: { documents: [{ kind: 'palettes', id: 'tin', document }], journal: [] },
        revision,
      })
    }
    const reachOf = (m: FromWorker | undefined) =>
      m?.type === 'progress' ? (m.progress as { soFar: { brings?: unknown[] } }).soFar.brings?.length : undefined
    change(4, 'PB29', 'PY3', 'PV19')
    while (resting.length < 1) await new Promise((resume) => setImmediate(resume))
    expect(reachOf(heard.at(-1))).toBe(3)
    change(5, 'PB29', 'PY3', 'PV19', 'PG7')
    while (resting.length < 2) await new Promise((resume) => setImmediate(resume))
    expect(reachOf(heard.at(-1))).toBe(4)
    // a lock is nothing to judge anew; everything put in anew is
    const { heard: calm, jobs: other, done: opened, resting: waits } = runner()
    other.hear({ type: 'ask', id: 1, name: 'assessPalette', request: { paletteId: 'tin' }, session: true })
    while (waits.length < 1) await new Promise((resume) => setImmediate(resume))
    waits.pop()!()
    await opened
    const said = calm.length
    const locked = { ...TIN, plan: { ...TIN.plan, A1: { paintId: 'PB29', locked: true } } }
    const lock = { documents: [{ kind: 'palettes' as const, id: 'tin', document: locked }], journal: [] }
    other.hear({ type: 'delta', delta: lock, revision: 4 })
    await new Promise((resume) => setTimeout(resume, 20))
    expect(calm.length).toBe(said)
    other.hear({ type: 'contents', contents: noContents(), revision: 5 })
    other.hear({ type: 'delta', delta: { documents: [], journal: [] }, revision: 5, complete: true })
    while (calm.length === said) await new Promise((resume) => setImmediate(resume))
    expect(calm.at(-1)).toMatchObject({ type: 'answer', result: { ok: false, error: { code: 'no-palette' } } })
    // the first change was overtaken: nothing more is said of it
    for (const resume of resting) resume()
    while (answers() < 2) await new Promise((resume) => setImmediate(resume))
    await new Promise((resume) => setTimeout(resume, 20))
    expect(answers()).toBe(2)
    expect(heard.at(-1)).toMatchObject({ type: 'answer', revision: 5, result: { ok: true, value: { planned: 4 } } })
  })

  it('answers a ping, and says as data what went wrong', async () => {
    const { jobs, heard, done } = runner()
    jobs.hear({ type: 'ping' })
    expect(heard).toEqual([{ type: 'pong' }])
    jobs.hear({ type: 'ask', id: 1, name: 'nonsense' as never, request: {}, session: false })
    await done
    expect(heard.at(-1)).toMatchObject({ type: 'answer', result: { ok: false, error: { code: 'job-failed' } } })
  })
})
