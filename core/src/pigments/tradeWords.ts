import { COLOUR_NAMES } from './colourNames.generated'
import { MATERIALS_WITHOUT_A_CODE, REFERENCE_PIGMENTS } from './reference'
import { VARIANT_WORDS } from './variantWords.generated'

/** A word of a name that is misspelt or shortened, and what it is read as. */
export interface WordRead {
  wrote: string
  means: string
}
export interface NameRead {
  /** The words of the name as the trade spells them, in their order; `gs` and the like written out. */
  words: readonly string[]
  /** What was read for something else than stands there. */
  read: readonly WordRead[]
}

/** Spellings that mean the same and need no word about it (common practice, no source). */
const SAME = new Map(
  Object.entries({
    gray: 'grey',
    phthalocyanine: 'phthalo',
    vermillion: 'vermilion',
    ocher: 'ochre',
    pyrrol: 'pyrrole',
    indanthrene: 'indanthrone',
    bluish: 'blue',
    greenish: 'green',
    reddish: 'red',
    yellowish: 'yellow',
    caeruleum: 'cerulean',
  }),
)
/** What is written short on tubes and in lists; the first letters alone stand for a word only before the last (common practice, no source). */
const SHORT = new Map(
  Object.entries({
    ult: 'ultramarine',
    ultra: 'ultramarine',
    qn: 'quinacridone',
    qu: 'quinacridone',
    quin: 'quinacridone',
    quinac: 'quinacridone',
    pth: 'phthalo',
    phth: 'phthalo',
    phthal: 'phthalo',
    perm: 'permanent',
    cad: 'cadmium',
    cadm: 'cadmium',
    yel: 'yellow',
    yell: 'yellow',
    lt: 'light',
    lgt: 'light',
    dp: 'deep',
    dk: 'dark',
    med: 'medium',
    fr: 'French',
    cob: 'cobalt',
    alz: 'alizarin',
    aliz: 'alizarin',
    naph: 'naphthol',
    diox: 'dioxazine',
    vir: 'viridian',
    trans: 'transparent',
    transp: 'transparent',
    ox: 'oxide',
    och: 'ochre',
    vio: 'violet',
    viol: 'violet',
    mag: 'magenta',
    grn: 'green',
    blk: 'black',
    wht: 'white',
    cer: 'cerulean',
    cerul: 'cerulean',
  }),
)
/** One letter before an earth. */
const LETTERS = new Map(Object.entries({ b: 'burnt', r: 'raw' }))
const EARTHS = new Set(['sienna', 'umber'])
const SHADES = new Map(
  Object.entries({
    gs: ['green', 'shade'],
    rs: ['red', 'shade'],
    bs: ['blue', 'shade'],
    ys: ['yellow', 'shade'],
    vs: ['violet', 'shade'],
  }),
)

const plain = (text: string) =>
  text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[’`'.]/g, '')
const same = (word: string) => SAME.get(word) ?? word
const split = (text: string) =>
  text
    .replace(/\bvan ?dyke\b/gi, 'vandyke')
    .split(/[\s,/()&+-]+/)
    .filter((w) => /\p{L}/u.test(w))

/** Words that say more of a colour and name none. */
const MODIFIERS: ReadonlySet<string> = new Set(
  'light pale deep dark medium middle hue genuine permanent french bright shade imitation natural transparent'.split(
    ' ',
  ),
)
/** What the trade calls colours: each name as a set of words. */
const TERMS: readonly ReadonlySet<string>[] = [
  ...COLOUR_NAMES.map(([term]) => term),
  ...[...REFERENCE_PIGMENTS, ...MATERIALS_WITHOUT_A_CODE].flatMap(({ names }) => names),
  ...VARIANT_WORDS.flatMap(([, , , words]) => words),
]
  .map((term) => new Set(split(term.replace(/\(.*?\)/g, '')).map((w) => same(plain(w)))))
  .filter((term) => term.size > 1 || ![...term].some((w) => MODIFIERS.has(w)))

const VOCABULARY: ReadonlySet<string> = new Set([
  ...TERMS.flatMap((term) => [...term]),
  ...MODIFIERS,
  ...['scarlet', 'crimson', 'pink', 'purple', 'brown', 'teal', 'olive', 'silver', 'gold'],
])

const cache = new Map<string, NameRead>()

/**
 * A paint's name word by word, as the trade spells it. A word that is shortened, or misspelt by a letter or two, is read
 * as the one word of the trade that makes a known name with the others; names of one's own stay what they are.
 */
export function readName(name: string): NameRead {
  const known = cache.get(name)
  if (known) return known
  if (cache.size > 4000) cache.clear()
  const result = read(name)
  cache.set(name, result)
  return result
}

function read(name: string): NameRead {
  const wrote = split(name)
  const own = wrote.map(plain).map(same)
  const words = own.map((w, i) => longForm(w, own[i + 1] ?? '', wrote[i]!) ?? w)
  const corrected = words.map((w, i) =>
    VOCABULARY.has(plain(w)) || w.length < 3 ? w : (misspelt(w, plainWords(words, i)) ?? w),
  )
  const found = corrected.flatMap((word, i): WordRead[] =>
    plain(word) === own[i] ? [] : [{ wrote: wrote[i]!, means: word }],
  )
  return { words: corrected.flatMap((w) => SHADES.get(w) ?? [plain(w)]), read: found }
}
const plainWords = (words: readonly string[], but: number) => words.filter((_, k) => k !== but).map(plain)

function longForm(word: string, next: string, wrote: string): string | undefined {
  if (word.length === 1) return EARTHS.has(next) ? LETTERS.get(word) : undefined
  if (VOCABULARY.has(word) && !wrote.endsWith('.')) return undefined
  return SHORT.get(word)
}

/** The one word of the trade nearest to this one that makes a known name with the others. */
function misspelt(word: string, others: readonly string[]): string | undefined {
  const most = word.length >= 8 ? 2 : 1
  let best: { means: string; off: number } | undefined
  let isTie = false
  for (const means of VOCABULARY) {
    if (Math.abs(means.length - word.length) > most || means.length < 3) continue
    const off = letters(word, means)
    if (off > most || (word.length < 5 && !isExchanged(word, means))) continue
    if (!makesAName(means, others)) continue
    if (!best || off < best.off) [best, isTie] = [{ means, off }, false]
    else if (off === best.off) isTie = true
  }
  return isTie ? undefined : best?.means
}
/** A word alone makes a name only where it is long and the others are words of the trade, too: a gannet is no garnet. */
const LONG_ALONE = 7
const makesAName = (word: string, others: readonly string[]) =>
  TERMS.some(
    (term) =>
      term.has(word) &&
      [...term].every((w) => w === word || others.includes(w)) &&
      (term.size > 1 || (word.length >= LONG_ALONE && others.every((w) => VOCABULARY.has(w)))),
  )
const isExchanged = (one: string, other: string) =>
  one.length === other.length && [...one].sort().join('') === [...other].sort().join('')

/** Letters to add, leave out, change or exchange with the next: optimal string alignment. */
function letters(one: string, other: string): number {
  const rows = [Array.from({ length: other.length + 1 }, (_, j) => j)]
  for (let i = 1; i <= one.length; i += 1) {
    const row = [i]
    for (let j = 1; j <= other.length; j += 1) {
      const change = one[i - 1] === other[j - 1] ? 0 : 1
      let least = Math.min(rows[i - 1]![j]! + 1, row[j - 1]! + 1, rows[i - 1]![j - 1]! + change)
      if (i > 1 && j > 1 && one[i - 1] === other[j - 2] && one[i - 2] === other[j - 1])
        least = Math.min(least, rows[i - 2]![j - 2]! + 1)
      row.push(least)
    }
    rows.push(row)
  }
  return rows[one.length]![other.length]!
}
