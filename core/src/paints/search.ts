import MiniSearch from 'minisearch'
import type { Paint } from '../documents/paint'
import { parsePigmentCodes } from '../pigments/grammar'
import { pigmentByCode, pigmentVariants } from '../pigments/reference'

interface IndexedPaint {
  id: string
  name: string
  maker: string
  codes: string
  words: string
}

/** A search index over paints that is kept up to date paint by paint. */
export interface PaintIndex {
  put(paint: Paint): void
  remove(id: string): void
  /** Ids in order of fit, or undefined when the text asks for nothing. */
  find(text: string): string[] | undefined
}

/** What a code is usually called: `quinacridone` finds PV19 also where the label says nothing of it. */
export function namesOfCode(code: string): string[] {
  const variants = pigmentVariants(code)
  const held = variants.length ? variants : [pigmentByCode(code)].flatMap((p) => p ?? [])
  return held.flatMap((p) => [...p.names, p.chemistry])
}

/** Small letters without accents: `Bleu outremér` as `bleu outremer`. */
export const foldAccents = (text: string): string => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/** How all searches read words: beginnings count, one letter in five may be wrong (never in a code), all words must fit. */
export const SEARCHING = {
  tokenize: (text: string): string[] => text.split(/[\s,;()/]+/).filter(Boolean),
  processTerm: (term: string): string | null => foldAccents(term).replace(/^['"’]+|['"’]+$/g, '') || null,
  searchOptions: {
    prefix: true,
    fuzzy: (term: string) => (/\d/.test(term) || term.length < 4 ? false : 0.2),
    combineWith: 'AND' as const,
  },
}

/** Full-text search by name, maker, code and notes, by MiniSearch: prefixes, and one letter in five may be wrong. */
export function createPaintIndex(): PaintIndex {
  const index = new MiniSearch<IndexedPaint>({
    fields: ['name', 'maker', 'codes', 'words'],
    ...SEARCHING,
    searchOptions: { ...SEARCHING.searchOptions, boost: { name: 3, codes: 2 } },
  })
  return {
    put(paint) {
      const { id, name, maker, pigments } = paint
      const words = [
        ...[
          paint.formula,
          paint.transparency,
          paint.granulation,
          paint.effect,
          paint.medium,
          paint.binder,
          paint.note,
          ...(paint.marks ?? []),
        ],
        ...(paint.discontinued ? ['discontinued'] : []),
        ...pigments.flatMap(namesOfCode),
      ]
        .filter(Boolean)
        .join(' ')
      const row = { id, name, maker, codes: pigments.join(' '), words }
      if (index.has(id)) index.replace(row)
      else index.add(row)
    },
    remove(id) {
      if (index.has(id)) index.discard(id)
    },
    find(text) {
      const { codes, unread } = parsePigmentCodes(text)
      const query = codes.length && !unread.length ? codes.map((c) => c.code).join(' ') : text.trim()
      return query === '' ? undefined : index.search(query).map((hit) => hit.id as string)
    },
  }
}
