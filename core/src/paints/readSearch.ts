import { ANY_FAMILIES } from '../colour/wheel'
import { REMARKS, SUPPLIES } from '../documents/item'
import { MEDIA } from '../documents/paint'
import { parsePigmentCode } from '../pigments/grammar'
import { GRANULATIONS, LIGHTFASTNESSES, STAININGS, TRANSPARENCIES } from '../pigments/scales'
import { DOUBLES } from './doubles'

/** Something that a search asks for, and the words that said so. */
export interface SearchAsk {
  /** The field of the filter: `granulation`, `family`, `state`, `owned`, `use` and so on. */
  key: string
  /** Words of the field: any of them will do. */
  any: readonly string[]
  /** As a chip says it. */
  chip: string
  /** What stood in the text. */
  wrote: string
}
export interface SearchRead {
  asks: SearchAsk[]
  /** What is left to be found by name, code, maker or note. */
  rest: string
}

/** Fields that are asked of how a paint stands in the collection, beside those of its record. */
export const SINGLE = 'single pigment'
export const NEVER_USED = 'never used'
export const NO_SWATCH = 'no swatch'
export const WISHED = 'wished for'
export const NEEDS_CARE = 'read the label'

type Phrase = readonly [words: string, key: string, any: readonly string[], chip: string]
const scale = (key: string, list: readonly string[], chip: string, words: string): Phrase[] =>
  words.split('|').map((w) => [w, key, list, chip])
const [, , staysLittle, staysStrong] = STAININGS
const [smooth, ...grains] = GRANULATIONS

/** What words of a search mean, in whatever order they stand; common practice, no source. */
const PHRASES: readonly Phrase[] = [
  ...scale('granulation', grains, 'granulating', 'granulating|granulates|granulation|grainy|granular'),
  ...scale('granulation', [smooth], 'smooth', 'smooth'),
  ...scale('staining', [staysLittle!, staysStrong!], 'staining', 'staining|stains|stainer|stainers'),
  ...scale('staining', STAININGS.slice(0, 2), 'lifts', 'lifting|lifts|liftable|lift'),
  ...scale('transparency', TRANSPARENCIES.slice(0, 1), 'transparent', 'transparent'),
  ...scale('transparency', [TRANSPARENCIES[1]!], 'semi-transparent', 'semi-transparent|semitransparent'),
  ...scale('transparency', [TRANSPARENCIES[2]!], 'semi-opaque', 'semi-opaque|semiopaque'),
  ...scale('transparency', TRANSPARENCIES.slice(3), 'opaque', 'opaque|covering|covers'),
  ...scale('lightfastness', LIGHTFASTNESSES.slice(2), 'fades', 'fades|fading|fade|fugitive|not lasting'),
  ...scale('lightfastness', LIGHTFASTNESSES.slice(0, 2), 'lightfast', 'lightfast|lasting|permanent|lasts'),
  ...SUPPLIES.map((s): Phrase => [s, 'state', [s], s]),
  ...REMARKS.map((r): Phrase => [r, 'state', [r], r]),
  ...scale('state', ['nearly empty'], 'nearly empty', 'almost empty|running low|low|nearly finished'),
  ...scale('state', ['none at hand'], 'none at hand', 'none at hand|not owned|missing'),
  ...scale('owned', [DOUBLES[0]], 'owned twice', 'owned twice|twice|two of|doubles'),
  ...scale('owned', [DOUBLES[1]], 'the same pigment twice', 'same pigment|same pigments|same pigment twice'),
  ...scale('use', [NEVER_USED], 'never used', 'never used|not used|have not used|havent used|unused|not painted with'),
  ...scale('wish', [WISHED], WISHED, 'wished for|wished|wishes|wish list|wishlist'),
  ...scale('pigmentCount', [SINGLE], SINGLE, 'alone|single|single pigment|single pigments|one pigment'),
  ...scale('swatch', [NO_SWATCH], NO_SWATCH, 'no swatch|without swatch|without a swatch|not swatched'),
  ...scale('care', [NEEDS_CARE], NEEDS_CARE, 'read the label|needs care|hazardous|toxic|poisonous|harmful'),
  ...scale('temperature', ['warm'], 'warm', 'warm'),
  ...scale('temperature', ['cool'], 'cool', 'cool|cold'),
  ...scale('depth', ['dark'], 'dark', 'dark|darks'),
  ...scale('vegan', ['vegan'], 'vegan', 'vegan'),
  ...scale('vegan', ['not vegan'], 'not vegan', 'not vegan'),
  ...scale('discontinued', ['discontinued'], 'discontinued', 'discontinued|no longer made'),
  ...MEDIA.map((m): Phrase => [m, 'medium', [m], m]),
  ...ANY_FAMILIES.map((f): Phrase => [f.replace('-', ' '), 'family', [f], f]),
  ...scale('family', ['red', 'violet'], 'pinks', 'pink|pinks'),
  ...scale('family', ['violet'], 'violet', 'purple|purples'),
  ...scale('family', ['blue-green'], 'blue-green', 'turquoise|turquoises|teal|teals'),
]
/** Longest first, so that "not used" is not read as "used". */
const BY_LENGTH = [...PHRASES].sort(
  (p, q) => q[0].split(' ').length - p[0].split(' ').length || q[0].length - p[0].length,
)
/** Scales of which a “not” means all the other words. */
const SCALES: Readonly<Record<string, readonly string[]>> = {
  granulation: GRANULATIONS,
  staining: STAININGS,
  transparency: TRANSPARENCIES,
  lightfastness: LIGHTFASTNESSES,
}
const FILLERS = new Set(
  'what which that is are i have my the a an all and with of paint paints colour colours color colors in me show'.split(
    ' ',
  ),
)
/** Words that names of paints hold, too: they ask for something only where every word of the search is understood. */
const IN_NAMES = new Set([
  'transparent',
  'opaque',
  'permanent',
  'dark',
  'warm',
  'cool',
  'smooth',
  'single',
  'low',
  'open',
  'pink',
  ...ANY_FAMILIES,
])

const plain = (text: string) => text.toLowerCase().replace(/[’']/g, '').trim()
/** One form of a word: `blues`, `earths`. */
const singular = (word: string) =>
  /(?:[^s]s)$/.test(word) && !/^(?:stains|fades|lifts|covers|lasts|twice|is)$/.test(word) ? word.slice(0, -1) : word

interface Piece {
  wrote: string
  ask?: SearchAsk
  isFiller?: boolean
  /** May be part of a name. */
  isName?: boolean
}

function pieceAt(words: readonly string[], at: number): { piece: Piece; length: number } {
  const isNot = /^(?:not|non|no|never)$/.test(plain(words[at]!)) && at + 1 < words.length
  for (const from of isNot ? [at, at + 1] : [at])
    for (const [phrase, key, any, chip] of BY_LENGTH) {
      const length = phrase.split(' ').length
      const own = words.slice(from, from + length).map(plain)
      const isSame = own.join(' ') === phrase || own.map(singular).join(' ') === phrase
      if (!isSame || own.length < length) continue
      const wrote = words.slice(at, from + length).join(' ')
      const rest = SCALES[key]?.filter((w) => !any.includes(w))
      // "not" before something that has no opposite on a scale says nothing here
      if (from > at && !rest) continue
      const ask = from > at ? { key, any: rest!, chip: `not ${chip}`, wrote } : { key, any, chip, wrote }
      return {
        piece: { wrote, ask, isName: from === at && IN_NAMES.has(phrase.replace(' ', '-')) },
        length: from - at + length,
      }
    }
  const wrote = words[at]!
  return { piece: { wrote, ...(FILLERS.has(plain(wrote)) ? { isFiller: true } : {}) }, length: 1 }
}

/**
 * Takes the words of a search for what they mean to a painter: `granulating blue`, `fades`, `nearly empty`, `PR122 alone`,
 * `transparent yellow not staining`, `what I have not used`. Words that names hold as well (`transparent red oxide`) are
 * taken so only where nothing else is left; what is not understood is searched for as text.
 */
export function readSearch(text: string): SearchRead {
  const words = text
    .replace(/\bnon-/gi, 'not ')
    .split(/[\s,]+/)
    .filter(Boolean)
  const pieces: Piece[] = []
  for (let at = 0; at < words.length;) {
    const { piece, length } = pieceAt(words, at)
    pieces.push(piece)
    at += length
  }
  const isCode = (p: Piece) => parsePigmentCode(p.wrote).ok
  const isAllUnderstood = pieces.every((p) => p.ask ?? p.isFiller ?? isCode(p))
  const asks = pieces.flatMap((p) => (p.ask && (isAllUnderstood || !p.isName) ? [p.ask] : []))
  const left = pieces.filter((p) => !(p.ask && asks.includes(p.ask)) && !(p.isFiller && asks.length > 0))
  return { asks, rest: left.map((p) => p.wrote).join(' ') }
}
