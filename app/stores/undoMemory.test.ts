import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { held, heldStorage } from './heldStorage.fixture'
import { recall, remember, type Command } from './undoMemory'

beforeEach(() => {
  held.clear()
  vi.stubGlobal('sessionStorage', heldStorage())
})
afterEach(() => vi.unstubAllGlobals())

const command = (label: string): Command => ({
  label,
  patches: [
    { kind: 'paints', id: 'p', did: 'changed', fields: [{ path: ['name'], before: 'Kelp', after: 'Wrack' }] },
    { kind: 'items', id: 'i', did: 'added', digest: 'abc' },
    { kind: 'recipes', id: 'r', did: 'removed', document: { id: 'r', v: 1 } as never },
  ],
  events: [
    {
      entryId: 'e',
      before: null,
      after: { kind: 'clean', day: '2026-05-01', vessel: { paletteId: 'tin', placeId: 'A1' } },
    },
  ],
})
const none = { era: 'now', done: [], undone: [] }

describe('the undo list across a reload', () => {
  it('is as it was left, the last forty steps of it', () => {
    const done = Array.from({ length: 45 }, (_, i) => command(`step ${i}`))
    remember({ era: 'now', done, undone: [command('undone')] })
    const lists = recall('now')
    expect(lists.done).toEqual(done.slice(5))
    expect(lists.undone).toEqual([command('undone')])
  })

  it('keeps what added a field, or took one away', () => {
    const fields = [
      { path: ['note'], before: undefined, after: 'from the quay' },
      { path: ['plan', 'A1'], before: { paintId: 'p' }, after: undefined },
    ]
    const done: Command[] = [{ label: 'x', patches: [{ kind: 'paints', id: 'p', did: 'changed', fields }], events: [] }]
    remember({ era: 'now', done, undone: [] })
    expect(recall('now').done).toEqual(done)
  })

  it('is none for a collection that was replaced since', () => {
    remember({ era: 'before', done: [command('x')], undone: [] })
    expect(recall('now')).toEqual(none)
  })

  const damaged = (change: (lists: { done: Command[] }) => unknown) => {
    const lists = { era: 'now', done: [command('x')], undone: [] }
    return JSON.stringify(change(lists) ?? lists)
  }
  const patch = (value: unknown) =>
    damaged(({ done }) => {
      ;(done[0]!.patches as unknown[])[0] = value
    })
  it.each([
    ['nothing', ''],
    ['cut short', '{"era":"now","done":[{"la'],
    ['a list', '[]'],
    ['null', 'null'],
    ['a patch without fields', patch({ kind: 'paints', id: 'p', did: 'changed' })],
    ['a patch of a newer kind', patch({ kind: 'brushes', id: 'p', did: 'added', digest: 'x' })],
    ['a deed of a newer version', patch({ kind: 'paints', id: 'p', did: 'split' })],
    [
      'a path into the workings',
      patch({
        kind: 'paints',
        id: 'p',
        did: 'changed',
        fields: [{ path: ['__proto__', 'x'], before: undefined, after: 1 }],
      }),
    ],
    [
      'an event of a newer kind',
      damaged(({ done }) => Object.assign(done[0]!.events[0]!, { after: { kind: 'sail' } })),
    ],
  ])('is none when it is %s', (_, text) => {
    held.set('jx-undo', text)
    expect(recall('now')).toEqual(none)
  })

  it('lasts until the reload where nothing can be kept, and leaves no older list behind', () => {
    const full = () => {
      throw new DOMException('full', 'QuotaExceededError')
    }
    remember({ era: 'now', done: [command('old')], undone: [] })
    vi.stubGlobal('sessionStorage', heldStorage({ setItem: full }))
    remember({ era: 'now', done: [command('new')], undone: [] })
    expect(recall('now')).toEqual(none)
    Object.defineProperty(globalThis, 'sessionStorage', { configurable: true, get: full })
    remember({ era: 'now', done: [command('x')], undone: [] })
    expect(recall('now')).toEqual(none)
  })
})
