import { pigmentVariants, REFERENCE_PIGMENTS, USUAL, type ReferencePigment } from './reference'
import { readName } from './tradeWords'
import { VARIANT_WORDS } from './variantWords.generated'

/** Which of the colours of a code a paint's name speaks of. */
export interface VariantRead {
  /** What the name says; left out where it says nothing, or several. */
  said?: ReferencePigment
  /** What would be the first guess where nothing is said. */
  proposed?: ReferencePigment
  /** All colours that are sold under the code. */
  choices: readonly ReferencePigment[]
}

/** Codes without a sub-type that stand for one of several: of these the sub-types are asked (PB15:6 looks like PB15:1). */
const SHORT_FOR: Record<string, readonly string[]> = { PB15: ['PB15:1', 'PB15:3'] }

/** The colours that are sold under a code: its variants, or the sub-types that it may stand for; one or none where it is plain. */
export function coloursOfCode(code: string): readonly ReferencePigment[] {
  const short = SHORT_FOR[code]
  return short ? REFERENCE_PIGMENTS.filter((p) => short.includes(p.code)) : pigmentVariants(code)
}

/** How a variant is kept with a paint: its own name, or the sub-type that the code stands for. */
export const variantKey = (pigment: ReferencePigment): string => pigment.variant ?? pigment.id

interface Call {
  pigment: ReferencePigment
  words: readonly string[]
  isSure: boolean
}
const callsByCode = new Map<string, readonly Call[]>()
/** What each colour of a code may be called; a name with brackets is another's, or half of one. */
function callsOf(code: string, choices: readonly ReferencePigment[]): readonly Call[] {
  const known = callsByCode.get(code)
  if (known) return known
  const own = choices.flatMap((pigment) =>
    [pigment.variant === USUAL ? '' : (pigment.variant ?? ''), ...pigment.names.filter((n) => !n.includes('('))].map(
      (text) => ({
        pigment,
        isSure: true,
        words: wordsOf(text),
      }),
    ),
  )
  const table = VARIANT_WORDS.filter(([of]) => of === code).flatMap(([, variant, isSure, texts]) =>
    choices
      .filter((p) => variantKey(p) === variant)
      .flatMap((pigment) => texts.map((text) => ({ pigment, isSure, words: wordsOf(text) }))),
  )
  const doubted = new Set(table.filter((c) => !c.isSure).map((c) => c.words.join(' ')))
  const calls = [...own.filter((c) => c.words.length && !doubted.has(c.words.join(' '))), ...table]
  callsByCode.set(code, calls)
  return calls
}
const wordsOf = (text: string) => readName(text).words

/**
 * The code of which a paint's name leaves open which of its colours it has, with the first guess. Of paints of several
 * pigments nothing is asked: their swatch tells more than a variant.
 */
export function variantAsked({
  name,
  pigments,
}: {
  name: string
  pigments: readonly string[]
}): { code: string; proposed?: ReferencePigment } | undefined {
  const [code, another] = pigments
  const named = code && !another ? variantInName(code, name) : undefined
  if (!code || !named || named.said) return undefined
  return { code, ...(named.proposed ? { proposed: named.proposed } : {}) }
}

/**
 * Which colour of a code a paint's name speaks of, its words in any order and spelling: the longest call counts; where
 * several colours are called alike, or by a word that is used for others too, it is proposed and not said. Undefined
 * where the code has one colour only. Names from memory; see data/pigments/SOURCE.md.
 */
export function variantInName(code: string, name: string): VariantRead | undefined {
  const choices = coloursOfCode(code)
  if (choices.length < 2) return undefined
  const words = new Set(readName(name).words)
  const calls = callsOf(code, choices).filter((c) => c.words.every((w) => words.has(w)))
  const longest = (list: readonly Call[]) => {
    const most = Math.max(0, ...list.map((c) => c.words.length))
    return [...new Set(list.filter((c) => c.words.length === most).map((c) => c.pigment))]
  }
  const sure = longest(calls.filter((c) => c.isSure))
  if (sure.length === 1) return { said: sure[0]!, choices }
  const unsure = longest(calls.filter((c) => !c.isSure))
  if (!sure.length && unsure.length === 1) return { proposed: unsure[0]!, choices }
  const usual = choices.find((p) => p.variant === USUAL)
  return sure.length || unsure.length || !usual ? { choices } : { proposed: usual, choices }
}
