import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { derived } from './caches'
import { readingOf } from './reading'
import { Collection } from './collection'
import { paintsIn, palettesIn } from './lists'
import { said, steps, type Step } from './steps.arbitrary'
import { patchesOf, takeBack, type Patch } from './undo'
import type { Applied, WriteSet } from './writeSet'
import { runs } from '../../../tests/setup/runs'

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
