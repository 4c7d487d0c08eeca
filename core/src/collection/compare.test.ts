import { expect, it } from 'vitest'
import { paint } from '../documents/documents.fixture'
import { noDocuments } from '../documents/kinds'
import { Collection } from './collection'
import { compareCopy } from './compare'

it('a copy is compared document by document: changed, only there, only here', () => {
  const holding = (...paints: ReturnType<typeof paint>[]) => ({
    documents: { ...noDocuments(), paints },
    unreadable: [],
  })
  const here = new Collection(holding(paint('same'), paint('changed', { name: 'Now' }), paint('new')))
  const copy = holding(paint('same'), paint('changed', { name: 'Then' }), paint('gone'))
  const running = compareCopy(copy, here)
  let step = running.next()
  while (!step.done) step = running.next()
  expect(step.value.holds).toEqual([{ kind: 'paints', count: 3 }])
  expect(
    step.value.differences.map((d) => [
      d.id,
      d.copy && 'name' in d.copy && d.copy.name,
      d.here && 'name' in d.here && d.here.name,
    ]),
  ).toEqual([
    ['changed', 'Then', 'Now'],
    ['gone', paint('gone').name, null],
    ['new', null, paint('new').name],
  ])
  expect(step.value.entries).toEqual({ onlyCopy: 0, onlyHere: 0 })
})
