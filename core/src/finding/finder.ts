import MiniSearch from 'minisearch'
import { derived } from '../collection/caches'
import { foldAccents, SEARCHING } from '../paints/search'
import { FOUND_KINDS, findablesIn, type Findable, type FoundKind } from './findable'

/** One hit: what was found, and the words of its note around what was searched for, where the note was what fitted. */
export interface Found {
  row: Findable
  /** At most some 90 characters of the note. */
  excerpt?: string
}

/** The hits of one kind, best first. */
export interface FoundOfKind {
  kind: FoundKind
  hits: Found[]
  /** How many more of the kind there are. */
  more: number
}

export interface Finder {
  /**
   * What fits all words of a text, by kinds: the kind with the best hit first.
   * @param text as typed; nothing is found for blanks.
   * @param most hits of one kind.
   */
  find(text: string, most?: number): FoundOfKind[]
}

/** What stands in the name counts most, then codes, then what tells it apart; its notes last. */
const WEIGHTS = { name: 4, codes: 3, detail: 2, also: 1, note: 1 }
const AROUND = 45

/** A search over everything that can be found, by MiniSearch: beginnings of words count, one letter in five may be wrong. */
export function createFinder(rows: readonly Findable[]): Finder {
  const index = new MiniSearch<Findable & { at: number }>({
    ...SEARCHING,
    idField: 'at',
    fields: Object.keys(WEIGHTS),
    extractField: (row, field) => {
      const value = row[field as keyof typeof row]
      return Array.isArray(value) ? value.join(' ') : ((value ?? '') as string)
    },
    searchOptions: { ...SEARCHING.searchOptions, boost: WEIGHTS },
  })
  index.addAll(rows.map((row, at) => ({ ...row, at })))
  return {
    find(text, most = 6) {
      if (text.trim() === '') return []
      const byKind = new Map<FoundKind, { hits: Found[]; more: number; best: number }>()
      for (const { id, score, match } of index.search(text)) {
        const row = rows[id as number]!
        const group = byKind.get(row.kind) ?? { hits: [], more: 0, best: score }
        byKind.set(row.kind, group)
        if (group.hits.length === most) group.more += 1
        else group.hits.push({ row, ...excerptOf(row, match) })
      }
      return [...byKind]
        .sort(([p, one], [q, other]) => other.best - one.best || FOUND_KINDS.indexOf(p) - FOUND_KINDS.indexOf(q))
        .map(([kind, { hits, more }]) => ({ kind, hits, more }))
    },
  }
}

/** Of a note that fitted, what stands around the first word that did. */
function excerptOf({ note }: Findable, match: Record<string, string[]>): { excerpt?: string } {
  const terms = Object.entries(match).flatMap(([term, fields]) => (fields.includes('note') ? [term] : []))
  if (!note || terms.length === 0) return {}
  const folded = foldAccents(note)
  const at = Math.max(0, Math.min(...terms.map((t) => folded.indexOf(t)).filter((i) => i >= 0), note.length))
  const from = at > AROUND ? note.lastIndexOf(' ', at - AROUND / 2) + 1 : 0
  const to = Math.min(note.length, from + 2 * AROUND)
  return { excerpt: `${from > 0 ? '… ' : ''}${note.slice(from, to).trim()}${to < note.length ? ' …' : ''}` }
}

/** The search over everything in a collection; put together when it is first asked for, and anew after changes. */
export const finderIn = derived((reading) => createFinder(findablesIn(reading)))
