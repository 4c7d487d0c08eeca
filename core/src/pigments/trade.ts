import { pigmentById } from './reference'
import { CLASSIC_MIXTURES, COMMON_ROWS, REPLACEMENT_ROWS } from './trade.generated'
import type { ReplacementChoice } from './tradeRows'

export type { ClassicMixture, ReplacementChoice } from './tradeRows'

export { CLASSIC_MIXTURES } from './trade.generated'

export interface Commonness {
  /** 4 in nearly every maker's range, 3 in most, 2 in some, 1 rare, 0 not sold as watercolour. */
  common: number
  market: 'made' | 'ended' | 'historic'
  note?: string
}
const commonness = new Map(
  COMMON_ROWS.map(([code, common, market, note]): [string, Commonness] => [
    code,
    { common, market: (market || 'made') as Commonness['market'], ...(note ? { note } : {}) },
  ]),
)
/** How usual a pigment is in watercolours today; undefined where nothing is known. From memory, common practice, no source. */
export const commonnessOf = (code: string): Commonness | undefined => commonness.get(code)

const pairOf = (one: string, other: string) => [one, other].sort().join('+')
/** Pairs of codes that painters usually mix, whichever variant of them it is. */
const PARTNERS: ReadonlySet<string> = new Set(
  CLASSIC_MIXTURES.flatMap(({ a, b }) => a.flatMap((one) => b.map((other) => pairOf(codeOf(one), codeOf(other))))),
)
function codeOf(id: string): string {
  return id.split(' ')[0]!
}
/** Whether two pigments are usual partners. From memory, common practice, no source (data/trade/classic-mixtures.csv). */
export const arePartners = (code: string, other: string): boolean => PARTNERS.has(pairOf(code, other))

/** What the trade takes in place of a code, with what is lost; undefined where nothing is usual. From memory, common practice, no source. */
export function replacementOf(
  code: string,
): { why: string; take: readonly ReplacementChoice[]; lost: string } | undefined {
  const row = REPLACEMENT_ROWS.find(([of]) => of === code)
  return row && { why: row[1], take: row[2], lost: row[3] }
}

/** A choice in words: `PB29 with a touch of PB15:3`. */
export function replacementInWords({ parts, how }: ReplacementChoice): string {
  const named = (id: string) => {
    const pigment = pigmentById(id)
    return pigment ? `${pigment.names[0]} (${pigment.code})` : id
  }
  const main = parts.filter((p) => !p.touch).map((p) => named(p.pigment))
  const touches = parts.filter((p) => p.touch).map((p) => named(p.pigment))
  const mixture = [main.join(' and '), touches.length ? `a touch of ${touches.join(' and ')}` : ''].filter(Boolean)
  return [mixture.join(' with '), how === 'thin' ? 'in a thin wash' : how].filter(Boolean).join(', ')
}
