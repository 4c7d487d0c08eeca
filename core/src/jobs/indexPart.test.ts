import { expect, it } from 'vitest'
import { Collection } from '../collection/collection'
import { readingOf } from '../collection/reading'
import { noContents } from '../collection/contents'
import { paint } from '../documents/documents.fixture'
import { toTheEnd } from '../steps'
import { indexPartJob } from './indexPart'
import { heldIndex, holdParts as hold } from '../reach/heldIndexes'
import type { IndexPart } from '../reach/mixtureIndex'

const of = (...codes: string[]) => {
  const contents = noContents()
  const paints = codes.map((code) => paint(code, { pigments: [code] }))
  return new Collection({ ...contents, documents: { ...contents.documents, paints } })
}
function part(collection: Collection, number: number, previous?: IndexPart[]): IndexPart {
  const choice = { kind: 'subject', subject: 'snow', weight: 1 } as const
  const request = { choice, near: 5, part: { number, of: 2 }, ...(previous ? { previous } : {}) }
  const made = toTheEnd(indexPartJob.run(request, readingOf(collection)))
  if (!made.ok) throw new Error(made.error.message)
  return made.value
}

it('parts of two workers are held as one index; parts of two states of the collection are not', () => {
  const [small, large] = [of('PB29', 'PY3', 'PV19', 'PG7'), of('PB29', 'PY3', 'PV19', 'PG7', 'PR254')]
  const parts = [part(small, 0), part(small, 1)]
  const held = hold(parts)
  expect(held.ok && heldIndex(held.value)?.paints).toEqual(['PB29', 'PG7', 'PV19', 'PY3'])
  expect(hold([part(small, 0), part(large, 1)])).toMatchObject({ ok: false, error: { code: 'stale-parts' } })
  expect(hold([])).toMatchObject({ ok: false, error: { code: 'stale-parts' } })
  // brought up to date from parts that were kept
  const [anew, updated] = [hold([part(large, 0), part(large, 1)]), hold([part(large, 0, parts), part(large, 1, parts)])]
  expect(updated).toEqual(anew)
  const unknown = {
    choice: { kind: 'subject', subject: 'moon', weight: 1 } as const,
    near: 5,
    part: { number: 0, of: 1 },
  }
  expect(toTheEnd(indexPartJob.run(unknown, readingOf(small)))).toMatchObject({
    ok: false,
    error: { code: 'no-targets' },
  })
})
