import type { Rest } from './rest'

/** What is left of a thing that was taken in: a share of what it held, or ml. */
export type Left = { share: number } | { millilitres: number }

const SHARES: Record<string, number> = {
  half: 1 / 2,
  third: 1 / 3,
  quarter: 1 / 4,
  fourth: 1 / 4,
  fifth: 1 / 5,
  '½': 1 / 2,
  '⅓': 1 / 3,
  '¼': 1 / 4,
  '⅔': 2 / 3,
  '¾': 3 / 4,
}
const TIMES: Record<string, number> = { a: 1, one: 1, two: 2, three: 3, four: 4 }
const SHARE = String.raw`(?:(a|one|two|three|four)[\s-]+)?(half|thirds?|quarters?|fourths?|fifths?)|([½⅓¼⅔¾])|(\d{1,2})\s*\/\s*(\d{1,2})|(\d{1,3})\s*%`
const LEFT = new RegExp(
  String.raw`(?<![\p{L}\d])(?:about\s+|approx\.?\s+|~\s*)?(?:${SHARE})\s*(?:of it\s+)?(left|full|remaining|used(?:\s+up)?|gone|empty)(?!\p{L})`,
  'iu',
)
const MILLILITRES_LEFT =
  /(?<![\p{L}\d])(?:about\s+|approx\.?\s+|~\s*)?(\d{1,4}(?:[.,]\d{1,2})?)\s*ml\s*(?:are\s+|is\s+)?(?:left|remaining)(?!\p{L})/iu
const PART_OF_A_TUBE = new RegExp(
  String.raw`(?<![\p{L}\d])(?:${SHARE})\s*(?:of\s+)?(?:a|an|the)\s+(?=(?:tube|stick|full pan|pan)(?!\p{L}))`,
  'iu',
)

function shareOf(match: RegExpMatchArray): number | undefined {
  const [, times, word, sign, above, below, percent] = match
  const share =
    percent !== undefined
      ? Number(percent) / 100
      : above !== undefined
        ? Number(above) / Number(below)
        : (SHARES[(word ?? sign ?? '').toLowerCase().replace(/s$/, '')] ?? NaN) *
          (TIMES[(times ?? 'a').toLowerCase()] ?? 1)
  return share >= 0 && share <= 1 ? share : undefined
}

/** What a match of a share says is left, whether it says so or says what is gone. */
function leftAfter(match: RegExpMatchArray): Left | undefined {
  const share = shareOf(match)
  return share === undefined ? undefined : { share: /^(?:used|gone|empty)/i.test(match[7] ?? '') ? 1 - share : share }
}

/** Takes what a line says of what is left: `1/3 left`, `half used`, `6 ml left`, `half a tube of`. Nothing left is no share. */
export function takeLeft(rest: Rest): Left | undefined {
  let left: Left | undefined
  rest.take(MILLILITRES_LEFT, (m) => {
    left = { millilitres: Number(m[1]!.replace(',', '.')) }
  })
  if (left) return left
  rest.take(LEFT, (m) => {
    left = leftAfter(m)
    return left !== undefined
  })
  if (left) return left
  rest.take(PART_OF_A_TUBE, (m) => {
    const share = shareOf(m)
    if (share === undefined) return false
    left = { share }
    return true
  })
  return left
}

/** What a cell of a table says is left: `1/3`, `half`, `30 %`, `6 ml`, `full`; a number alone is ml. */
export function readLeft(text: string): Left | undefined {
  const plain = text.trim().toLowerCase()
  if (/^(?:full|all|unused|100 ?%)$/.test(plain)) return { share: 1 }
  const number = /^(?:about |~ ?)?(\d{1,4}(?:[.,]\d{1,2})?)(?:\s*ml)?(?:\s*(?:left|remaining))?$/.exec(plain)
  if (number) return { millilitres: Number(number[1]!.replace(',', '.')) }
  const share = new RegExp(
    String.raw`^(?:about |~ ?)?(?:${SHARE})\s*(left|full|remaining|used(?:\s+up)?|gone|empty)?$`,
    'iu',
  ).exec(plain)
  return share ? leftAfter(share) : undefined
}

/** What is left, in ml of what it held when new, to a tenth. */
export const millilitresLeft = (left: Left, whole: number): number =>
  Math.round(('share' in left ? left.share * whole : left.millilitres) * 10) / 10
