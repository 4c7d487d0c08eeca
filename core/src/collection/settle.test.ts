import fc from 'fast-check'
import { expect, it } from 'vitest'
import { added, updated } from '../documents/diff'
import { paint } from '../documents/documents.fixture'
import type { Paint } from '../documents/paint'
import { Collection } from './collection'
import { Settling } from './settle'
import { said, steps, write, type Step } from './steps.arbitrary'
import type { Delta, WriteSet } from './writeSet'
import { runs } from '../../../tests/setup/runs'

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
