import { Collection, noContents, type Contents } from '@juxtachrome/core/collection'
import type { JournalEntry } from '@juxtachrome/core/documents'
import { describe, expect, it } from 'vitest'
import { rescue } from './rescue'

const entry = (n: number, day = '2026-05-01'): JournalEntry => ({
  id: `e${n}`,
  v: 2,
  recorded: '2026-05-01T08:00:00.000Z',
  type: 'event',
  event: {
    kind: 'fill',
    day,
    vessel: { vesselId: 'tin/A1' },
    itemId: 't',
    paintId: 'p',
    millilitres: 1,
    dryingDays: 1,
  },
})
/** An entry that passed every check and still makes the ledger fail. */
const broken = (n: number) =>
  ({ ...entry(n), event: { ...(entry(n) as { event: object }).event, kind: 'levitate' } }) as never
const withJournal = (journal: JournalEntry[]): Contents => ({
  documents: { ...noContents().documents, journal },
  unreadable: [],
})

describe('a collection that cannot be opened whole', () => {
  it('opens without what makes it fail, which is kept and named', () => {
    const journal = Array.from({ length: 300 }, (_, n) => (n === 7 || n === 250 ? broken(n) : entry(n)))
    expect(() => new Collection(withJournal(journal))).toThrow()
    const { contents, aside } = rescue(withJournal(journal))
    expect(aside.map((u) => (u.raw as JournalEntry).id)).toEqual(['e7', 'e250'])
    expect(aside[0]!.problem.code).toBe('cannot-open')
    expect(contents.documents.journal).toHaveLength(298)
    expect(contents.unreadable).toEqual(aside)
    expect(new Collection(contents).ledger.account('t').drawn).toBe(298)
  })

  it('leaves a sound one as it is', () => {
    const journal = [entry(1), entry(2)]
    expect(rescue(withJournal(journal))).toMatchObject({ aside: [], contents: { documents: { journal } } })
  })
})
