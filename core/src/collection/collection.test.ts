import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { added, removed, updated, type Change } from '../documents/diff'
import { paint, tin } from '../documents/documents.fixture'
import type { Paint } from '../documents/paint'
import { events, stamp } from '../ledger/journal.arbitrary'
import { derived } from './caches'
import { readingOf } from './reading'
import { Collection } from './collection'
import { paintsIn, palettesIn } from './lists'
import { Settling } from './settle'
import { patchesOf, takeBack, type Patch } from './undo'
import type { Applied, Delta, WriteSet } from './writeSet'
import { runs } from '../../../tests/setup/runs'

const write = (...diff: Change[]): WriteSet => ({ diff, journal: [] })

/** A step of a person's: what it wants of the collection as it finds it. */
type Step = (c: Collection, n: number) => WriteSet
const ids = fc.constantFrom('a', 'b', 'c')
const steps: fc.Arbitrary<Step> = fc.oneof(
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

const said = (c: Collection) => {
  const { documents } = c.contents()
  const byId = (list: readonly { id: string }[]) => [...list].sort((p, q) => (p.id < q.id ? -1 : 1))
  const tables = Object.fromEntries(Object.entries(documents).map(([kind, list]) => [kind, byId(list)]))
  return JSON.parse(JSON.stringify({ tables, places: [...c.ledger.places('tin')], t1: c.ledger.account('t1') }))
}
function run(c: Collection, list: readonly Step[], from = 0): WriteSet[] {
  return list.map((step, i) => {
    const applied = c.apply(step(c, from + i))
    if (!applied.ok) throw new Error(applied.error.message)
    return applied.value.write
  })
}

describe('the collection, for any run of write sets', () => {
  it('caches by kind say what working it out anew says, and are not worked out again for other kinds', () => {
    fc.assert(
      fc.property(fc.array(steps, { maxLength: 20 }), (list) => {
        const c = new Collection()
        let worked = 0
        const names = derived((all) => {
          worked += 1
          return [...all.table('paints').values()].map((p) => p.name).sort()
        })
        for (const [i, step] of list.entries()) {
          const before = worked
          names(readingOf(c))
          const changed: Applied[] = []
          const stop = c.subscribe((a) => changed.push(a))
          run(c, [step], i)
          stop()
          const touched = changed.some((a) => a.delta.documents.some((d) => d.kind === 'paints'))
          expect(names(readingOf(c))).toEqual([...c.table('paints').values()].map((p) => p.name).sort())
          expect(worked - before).toBeLessThanOrEqual(1 + Number(touched))
          names(readingOf(c))
          expect(worked - before).toBeLessThanOrEqual(1 + Number(touched))
          expect(paintsIn(readingOf(c)).map((p) => p.id)).toEqual([...c.table('paints').keys()].sort())
          const fresh = new Collection(c.contents())
          expect(palettesIn(readingOf(fresh))).toEqual(palettesIn(readingOf(c)))
        }
      }),
      { numRuns: runs(60) },
    )
  })

  it('tells every document and every part of the ledger that changed, and no other', () => {
    fc.assert(
      fc.property(fc.array(steps, { maxLength: 20 }), (list) => {
        const c = new Collection()
        for (const [i, step] of list.entries()) {
          const before = said(c)
          const docs = new Map(['a', 'b', 'c'].map((id) => [id, c.get('paints', id)]))
          let told: Applied | undefined
          const stop = c.subscribe((a) => (told = a))
          run(c, [step], i)
          stop()
          const ids = new Set(told!.delta.documents.map((d) => `${d.kind}/${d.id}`))
          for (const [id, doc] of docs) if (!ids.has(`paints/${id}`)) expect(c.get('paints', id)).toBe(doc)
          const after = said(c)
          if (!told!.touched.palettes.has('tin')) expect(after.places).toEqual(before.places)
          if (!told!.touched.items.has('t1')) expect(after.t1).toEqual(before.t1)
        }
      }),
      { numRuns: runs(100) },
    )
  })

  it('a mirror that is told of deltas holds the same', () => {
    fc.assert(
      fc.property(fc.array(steps, { maxLength: 20 }), fc.nat(10), (list, from) => {
        const c = new Collection()
        run(c, list.slice(0, from))
        const mirror = new Collection(structuredClone(c.contents()))
        c.subscribe(({ delta }) => mirror.take(structuredClone(delta), 'load'))
        run(c, list.slice(from), from)
        expect(said(mirror)).toEqual(said(c))
      }),
    )
  })

  it('commands taken back one by one leave nothing of them; done again, all', () => {
    fc.assert(
      fc.property(fc.array(steps, { maxLength: 12 }), (list) => {
        const c = new Collection()
        const now: Parameters<typeof takeBack>[1] = (kind, id) => c.get(kind, id)
        const documents = () => said(c).tables
        const states = [documents()]
        const patches: Patch[][] = []
        for (const [i, step] of list.entries()) {
          const { diff } = step(c, i)
          const applied = c.apply({ diff, journal: [] })
          patches.push(patchesOf(applied.ok ? applied.value.write.diff : []))
          states.push(documents())
        }
        const inverse: Patch[][] = []
        for (let i = list.length - 1; i >= 0; i -= 1) {
          const { diff, kept } = takeBack(patches[i]!, now)
          expect(kept).toEqual([])
          c.apply({ diff, journal: [] })
          inverse.push(patchesOf(diff))
          expect(documents()).toEqual(states[i])
        }
        for (const [i, undone] of inverse.reverse().entries()) {
          const { diff, kept } = takeBack(undone, now)
          expect(kept).toEqual([])
          c.apply({ diff, journal: [] })
          expect(documents()).toEqual(states[i + 1])
        }
      }),
    )
  })
})

function readAt(order: number): Settling {
  const settling = new Settling()
  settling.restart(order)
  return settling
}

/** The database and the tabs over it, all in one thread: writes go in one by one, news travels when it likes. */
function tabs(count: number) {
  const database = new Collection()
  let order = 0
  const all = Array.from({ length: count }, () => ({
    collection: new Collection(),
    settling: readAt(0),
    queue: [] as WriteSet[],
    news: [] as { delta: Delta; order: number }[],
    /** Its own write that the database took, and that it has not been told of yet. */
    onItsWay: undefined as { delta: Delta; order: number } | undefined,
    isDead: false,
    heardOf: new Set<number>(),
  }))
  const log: { delta: Delta; order: number }[] = []
  const take = (tab: (typeof all)[number], delta: Delta, at: number) => {
    tab.heardOf.add(at)
    tab.collection.take(
      tab.settling.settle(
        delta,
        at,
        tab.queue.map((q) => q.diff),
      ),
      'other tab',
    )
  }
  return {
    all,
    database,
    /** Whether each tab knows rightly if it has heard of everything. */
    knowWhereTheyAre: () =>
      all.filter((t) => !t.isDead).every(({ settling, heardOf }) => settling.isAt(order) === (heardOf.size === order)),
    /** A tab dies: its next write is taken, and nobody is told. */
    die(tab: number) {
      const own = all[tab]!
      const next = own.queue[0]
      if (next && !own.onItsWay && !own.isDead) {
        const delta = database.deltaOf(next)
        database.take(delta, 'user')
        log.push({ delta, order: (order += 1) })
      }
      own.isDead = true
    },
    /** A tab looks at the database's count, and reads what it misses. */
    look(tab: number) {
      const { settling, queue, collection, isDead, heardOf } = all[tab]!
      if (isDead || settling.isAt(order)) return
      const missed = log.filter((w) => w.order > settling.through)
      for (const w of missed) heardOf.add(w.order)
      const touched = new Map(missed.flatMap((w) => w.delta.documents).map((d) => [`${d.kind}/${d.id}`, d]))
      const now = [...touched.values()].map((d) => ({ ...d, document: database.get(d.kind, d.id) ?? null }) as typeof d)
      const delta: Delta = { documents: now, journal: missed.flatMap((w) => w.delta.journal) }
      collection.take(
        settling.catchUp(
          delta,
          order,
          queue.map((q) => q.diff),
        ),
        'other tab',
      )
    },
    act(tab: number, step: Step, n: number) {
      if (all[tab]!.isDead) return
      const { collection, queue } = all[tab]!
      const applied = collection.apply(step(collection, n))
      if (applied.ok) queue.push(applied.value.write)
    },
    /** The database takes the next write of a tab; that tab and the others will hear of it. */
    write(tab: number) {
      const own = all[tab]!
      const next = own.queue[0]
      if (!next || own.onItsWay || own.isDead) return
      const delta = database.deltaOf(next)
      database.take(delta, 'user')
      const at = (order += 1)
      log.push({ delta, order: at })
      own.onItsWay = { delta, order: at }
      for (const other of all) if (other !== own) other.news.push({ delta, order: at })
    },
    /** A tab is told that its write was taken. */
    told(tab: number) {
      const own = all[tab]!
      if (!own.onItsWay || own.isDead) return
      const { delta, order: at } = own.onItsWay
      own.onItsWay = undefined
      own.queue.shift()
      take(own, delta, at)
    },
    hear(tab: number, which: number) {
      const { news, isDead } = all[tab]!
      if (!news.length || isDead) return
      const [{ delta, order: at }] = news.splice(which % news.length, 1) as [{ delta: Delta; order: number }]
      take(all[tab]!, delta, at)
    },
  }
}

it('three tabs end with what the database holds, whatever they do, in whatever order they hear of it, whoever dies', () => {
  const tab = fc.nat(2)
  const happening = fc.oneof(
    { weight: 3, arbitrary: fc.record({ do: fc.constant('act' as const), tab, step: steps }) },
    { weight: 3, arbitrary: fc.record({ do: fc.constant('write' as const), tab }) },
    { weight: 3, arbitrary: fc.record({ do: fc.constant('told' as const), tab }) },
    { weight: 2, arbitrary: fc.record({ do: fc.constant('hear' as const), tab, which: fc.nat(5) }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('look' as const), tab }) },
    { weight: 1, arbitrary: fc.record({ do: fc.constant('die' as const), tab }) },
  )
  fc.assert(
    fc.property(fc.array(happening, { maxLength: 40 }), (list) => {
      const world = tabs(3)
      list.forEach((h, n) => {
        if (h.do === 'act') world.act(h.tab, h.step, n)
        else if (h.do === 'write') world.write(h.tab)
        else if (h.do === 'told') world.told(h.tab)
        else if (h.do === 'look') world.look(h.tab)
        else if (h.do === 'die') world.die(h.tab)
        else world.hear(h.tab, h.which)
        expect(world.knowWhereTheyAre()).toBe(true)
      })
      for (let left = 200; left > 0; left -= 1) {
        const t = left % 3
        world.write(t)
        world.hear(t, left)
        world.told(t)
      }
      for (const t of [0, 1, 2]) world.look(t)
      for (const { collection, queue, news } of world.all.filter((t) => !t.isDead)) {
        expect([queue.length, news.length]).toEqual([0, 0])
        expect(said(collection)).toEqual(said(world.database))
      }
    }),
    { numRuns: runs(3000) },
  )
})

it('what a tab has done and not yet written stays in sight when it hears of another tab', () => {
  const world = tabs(2)
  const set =
    (more: Partial<Paint>): Step =>
    (c) => {
      const before = c.get('paints', 'a')
      return write(before ? updated('paints', before, { ...before, ...more }) : added('paints', paint('a', more)))
    }
  world.act(0, set({}), 0)
  world.write(0)
  world.told(0)
  world.hear(1, 0)
  world.act(0, set({ name: 'mine' }), 1)
  world.act(1, set({ note: 'theirs', series: '2' }), 2)
  world.write(1)
  world.told(1)
  world.hear(0, 0)
  const seen = { name: 'mine', note: 'theirs', series: '2' }
  expect(world.all[0]!.collection.get('paints', 'a')).toMatchObject(seen)
  world.write(0)
  world.told(0)
  world.hear(1, 0)
  expect(world.all[1]!.collection.get('paints', 'a')).toMatchObject(seen)
})
