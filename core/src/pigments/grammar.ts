import { fail, ok, type Result } from '../result'

/** Hue letters of a Colour Index generic name, in wheel order, then off the wheel. */
export const HUE_LETTERS = ['Y', 'O', 'R', 'V', 'B', 'G', 'Br', 'Bk', 'W', 'M'] as const
export type HueLetter = (typeof HUE_LETTERS)[number]

/** Colour Index usage classes met in watercolour: pigment, natural, basic, solvent, acid. */
export const USAGE_CLASSES = ['P', 'N', 'B', 'S', 'A'] as const
export type UsageClass = (typeof USAGE_CLASSES)[number]

/** A Colour Index generic name, taken apart: `PB15:3` is class P, hue B, number 15, subtype 3. */
export interface PigmentCode {
  code: string
  usage: UsageClass
  hue: HueLetter
  number: number
  subtype?: number
}

const USAGE_WORDS: Record<string, UsageClass> = { pigment: 'P', natural: 'N', basic: 'B', solvent: 'S', acid: 'A' }
const HUE_WORDS: Record<string, HueLetter> = {
  yellow: 'Y',
  orange: 'O',
  red: 'R',
  violet: 'V',
  blue: 'B',
  green: 'G',
  brown: 'Br',
  black: 'Bk',
  white: 'W',
  metal: 'M',
}
const HUE_BY_LOWER = new Map(HUE_LETTERS.map((h) => [h.toLowerCase(), h]))
const WORDS = `(${Object.keys(USAGE_WORDS).join('|')})\\s+(${Object.keys(HUE_WORDS).join('|')})`
const NUMBER = String.raw`(\d{1,3})(?:\s*[:.]\s*(\d{1,2})(?!\d))?`
/** One code in any of its writings. Longer hue letters first, so that PBr7 is not PB + r7. */
const ONE = String.raw`(?:c\.?\s*i\.?\s*)?(?:${WORDS}|([pnbsa])\.?\s*(br|bk|[yorvbgwm])\.?)\s*[-]?\s*${NUMBER}`

export const CODE_PATTERN = `(?<![a-z0-9])${ONE}(?![a-z0-9])`
const WHOLE = new RegExp(`^${ONE}\\.?$`, 'i')

/**
 * Reads one Colour Index generic name and puts it in the Index's own form: `PB 15.3`, `P.B.15:3`,
 * `pb15:3` and `C.I. Pigment Blue 15:3` all become `PB15:3`.
 *
 * Source of the form: Colour Index International's generic names (letter case and sub-type matter).
 * Errors: `not-a-pigment-code`.
 */
export function parsePigmentCode(text: string): Result<PigmentCode> {
  const match = WHOLE.exec(text.trim())
  const code = match && fromMatch(match)
  return code ? ok(code) : fail('not-a-pigment-code', explain(text))
}

/** The code held by a match of CODE_PATTERN, or undefined for a number no index holds. */
export function fromMatch(match: RegExpMatchArray): PigmentCode | undefined {
  const [, usageWord, hueWord, usageLetter, hueLetter, digits, sub] = match
  const usage = usageWord ? USAGE_WORDS[usageWord.toLowerCase()] : (usageLetter?.toUpperCase() as UsageClass)
  const hue = hueWord ? HUE_WORDS[hueWord.toLowerCase()] : HUE_BY_LOWER.get(hueLetter?.toLowerCase() ?? '')
  const number = Number(digits)
  if (!usage || !hue || !Number.isInteger(number) || number < 1) return undefined
  const subtype = sub === undefined ? undefined : Number(sub)
  if (subtype === 0) return undefined
  const code = `${usage}${hue}${number}${subtype === undefined ? '' : `:${subtype}`}`
  return subtype === undefined ? { code, usage, hue, number } : { code, usage, hue, number, subtype }
}

export interface ParsedCodes {
  codes: PigmentCode[]
  /** Pieces that are no code, each with the reason. Nothing is dropped silently. */
  unread: { text: string; message: string }[]
}

const JOINERS = /\s*(?:[,;+/&|]|\band\b|\bund\b|\bet\b)\s*/i

/**
 * Reads a list of codes joined by `,` `;` `+` `/` `&`, `and`, or spaces: `PB29, PV19 and PW6`.
 * A code written twice is kept once. Pieces that cannot be read come back in `unread`.
 */
export function parsePigmentCodes(text: string): ParsedCodes {
  const codes: PigmentCode[] = []
  const unread: ParsedCodes['unread'] = []
  for (const piece of text.split(JOINERS).flatMap(splitAtSpaces)) {
    if (piece === '') continue
    const parsed = parsePigmentCode(piece)
    if (!parsed.ok) unread.push({ text: piece, message: parsed.error.message })
    else if (!codes.some((c) => c.code === parsed.value.code)) codes.push(parsed.value)
  }
  return { codes, unread }
}

/** `PB29 PV19` holds two codes, `PB 29` one, `Pigment Blue 29` one. */
function splitAtSpaces(piece: string): string[] {
  if (WHOLE.test(piece)) return [piece.trim()]
  const found = [...piece.matchAll(new RegExp(CODE_PATTERN, 'gi'))]
  if (found.length < 2) return [piece.trim()]
  const rest = found.reduce((left, m) => left.replace(m[0], ' '), piece).trim()
  return [...found.map((m) => m[0]), ...rest.split(/\s+/)]
}

function explain(text: string): string {
  const shown = `“${text.trim().slice(0, 40)}”`
  if (/^\d+$/.test(text.trim()))
    return `${shown} lacks its letters: write PB15:3 for a sub-type, or PB15, PB3 for two pigments.`
  if (/^[pnbsa]/i.test(text.trim()))
    return `${shown} is not a Colour Index name: expected letters and a number, such as PY150 or PB15:3.`
  return `${shown} is not a pigment code such as PY150, PB15:3, PBr7 or NR9.`
}
