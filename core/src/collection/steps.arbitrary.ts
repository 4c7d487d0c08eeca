import fc from 'fast-check'
import { added, removed, updated, type Change } from '../documents/diff'
import { paint, tin } from '../documents/documents.fixture'
import { events, stamp } from '../ledger/journal.arbitrary'
import type { Collection } from './collection'
import type { WriteSet } from './writeSet'

export const write = (...diff: Change[]): WriteSet => ({ diff, journal: [] })

/** A step of a person's: what it wants of the collection as it finds it. */
export type Step = (c: Collection, n: number) => WriteSet
const ids = fc.constantFrom('a', 'b', 'c')
export const steps: fc.Arbitrary<Step> = fc.oneof(
  fc
    .tuple(ids, fc.string({ minLength: 1, maxLength: 3 }), fc.constantFrom('name', 'note', 'series'))
    .map(([id, text, field]): Step => (c) => {
      const before = c.get('paints', id)
      const after = { ...(before ?? paint(id)), [field]: `x${text.trim()}` }
      return write(before ? updated('paints', before, after) : added('paints', after))
    }),
  ids.map((id): Step => (c) => {
    const before = c.get('paints', id)
    return write(...(before ? [removed('paints', before)] : []))
  }),
  fc.tuple(fc.constantFrom('A1', 'A2'), fc.option(ids)).map(([placeId, paintId]): Step => (c) => {
    const before = c.get('palettes', 'tin')
    if (!before) return write(added('palettes', tin))
    const { [placeId]: _gone, ...rest } = before.plan
    const plan = paintId === null ? rest : { ...rest, [placeId]: { paintId } }
    return write(updated('palettes', before, { ...before, plan }))
  }),
  events.map((event): Step => (_c, n) => ({
    diff: [],
    journal: [{ ...stamp(n), v: 2, type: 'event', event }],
  })),
)

export const said = (c: Collection) => {
  const { documents } = c.contents()
  const byId = (list: readonly { id: string }[]) => [...list].sort((p, q) => (p.id < q.id ? -1 : 1))
  const tables = Object.fromEntries(Object.entries(documents).map(([kind, list]) => [kind, byId(list)]))
  return JSON.parse(JSON.stringify({ tables, places: [...c.ledger.places('tin')], t1: c.ledger.account('t1') }))
}
