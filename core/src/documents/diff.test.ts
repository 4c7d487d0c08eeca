import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { applyToDocument, invert, same, type Change, type Diff } from './diff'
import type { Paint } from './paint'

type State = Map<string, Paint>
const apply = (state: State, diff: Diff): State => {
  const next = new Map(state)
  for (const change of diff) {
    const after = applyToDocument(
      next.get(change.id) ?? null,
      change.before as Paint | null,
      change.after as Paint | null,
    )
    if (after) next.set(change.id, after)
    else next.delete(change.id)
  }
  return next
}
const asPlain = (state: State) => Object.fromEntries([...state].sort(([p], [q]) => (p < q ? -1 : 1)))

const paint = (id: string) =>
  fc.record({
    id: fc.constant(id),
    v: fc.constant(2 as const),
    maker: fc.string({ maxLength: 4 }),
    name: fc.string({ minLength: 1, maxLength: 4 }),
    pigments: fc.array(fc.constantFrom('PB29', 'PY3'), { maxLength: 2 }),
    note: fc.option(fc.string({ maxLength: 3 }), { nil: undefined }),
  })
/** A run of commands, each made against the state that the ones before it left. */
const steps = fc.array(
  fc.constantFrom('a', 'b', 'c').chain((id) => fc.tuple(fc.constant(id), fc.option(paint(id)))),
  { maxLength: 12 },
)

function run(commands: [string, Paint | null][]) {
  let state: State = new Map()
  const diffs: Diff[] = []
  for (const [id, after] of commands) {
    const before = state.get(id) ?? null
    if (!before && !after) continue
    const diff = [{ kind: 'paints', id, before, after } as Change]
    state = apply(state, diff)
    diffs.push(diff)
  }
  return { state, diffs }
}

describe('diffs', () => {
  it('undoing every command leaves nothing, redoing leaves what there was', () => {
    fc.assert(
      fc.property(steps, (commands) => {
        const { state, diffs } = run(commands)
        const undone = [...diffs].reverse().reduce((s, d) => apply(s, invert(d)), state)
        expect(undone.size).toBe(0)
        expect(same(asPlain(diffs.reduce(apply, undone)), asPlain(state))).toBe(true)
      }),
    )
  })

  it('undo leaves alone what another tab changed meanwhile', () => {
    const before = { name: 'Kelp', plan: { A1: { paintId: 'p' }, A2: { paintId: 'q' } }, future: 1 }
    const after = { ...before, name: 'Kelp tin' }
    const meanwhile = { ...after, plan: { ...before.plan, A2: { paintId: 'r' } } }
    expect(applyToDocument(meanwhile, after, before)).toEqual({
      ...before,
      plan: { A1: { paintId: 'p' }, A2: { paintId: 'r' } },
    })
  })
})
