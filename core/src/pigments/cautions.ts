import { parsePigmentCode } from './grammar'
import { CAUTIONS_ONLY } from './pigments.generated'
import { pigmentByCode, pigmentVariants, type ReferencePigment } from './reference'

/** Usual cautions by key. They never replace the label, the safety data sheet or local rules. */
const CAUTIONS: Record<string, string> = {
  cadmium:
    'Cadmium compound: do not spray, sand or breathe dust; never for children; keep from food; do not pour rinsing water with solids down the drain.',
  cobalt: 'Cobalt compound: may sensitise skin; do not spray or breathe dust.',
  nickel: 'Often holds nickel: may sensitise skin; do not spray or breathe dust.',
  chromate:
    'Hexavalent chromium: toxic and carcinogenic as dust; never for children; sensitises skin; do not swallow, spray or sand.',
  lead: 'Lead compound: toxic, builds up in the body; never for children, never dry; wash hands; may be restricted where you live.',
  mercury:
    'Mercury compound: toxic; never for children; never point a brush with the lips; do not heat, spray or sand; may be restricted where you live.',
  arsenic:
    'Arsenic compound: very toxic, also as wet paint; never for children, never near the mouth; handle no dry pigment.',
  antimony: 'Antimony compound: do not spray or breathe dust.',
  vanadium: 'Bismuth vanadate: harmful to the lungs by long breathing of dust; do not spray or sand.',
  manganese: 'Manganese compound: do not breathe dust of the dry pigment.',
  barium: 'Barium compound: do not swallow; soluble kinds are toxic.',
  zinc: 'Zinc compound: harmful to water life; keep solids out of the drain.',
  copper: 'Copper compound: harmful to water life in quantity.',
  dye: 'Basic dye or its lake: harmful if swallowed, irritates eyes, stains skin; some of its kind are suspected of causing cancer.',
  'acid-dye': 'Acid dye or its lake: may irritate eyes and skin, stains; some people react to dyes of this kind.',
  'lead-lake': 'Lakes of this kind were made with lead once, and old paint still may hold it: never for children.',
  'chromium-3': 'Trivalent chromium: not the toxic, hexavalent kind.',
  'metal-dust': 'Metal powder: do not breathe dust; keep dry powder from sparks.',
  animal: 'Of animal origin.',
  'toxic-plant': 'A strong purgative plant resin: do not lick the brush.',
}

/** With any of these a paint is not for children; so are the pigments named below (usual cautions, from memory). */
const NOT_FOR_CHILDREN = new Set(['lead', 'lead-lake', 'arsenic', 'mercury', 'chromate', 'cadmium'])
const NOT_FOR_CHILDREN_BY_CODE = new Set(['PY40', 'PV14', 'PV49', 'PB33', 'PY31', 'NY24'])

/** What holds for every pigment. */
export const OF_EVERY_PIGMENT =
  'As dry powder any pigment is dust: do not breathe it. The label and the safety data sheet come first.'

/** The cautions of a pigment in words, and the one that holds for every dry pigment. */
export const cautionsInWords = (keys: readonly string[]): string[] => [
  ...keys.flatMap((key) => CAUTIONS[key] ?? []),
  OF_EVERY_PIGMENT,
]

/** What the reference knows of the harm that a paint may do: graded words, and never silence about a code it does not hold. */
export interface PaintCautions {
  /** Each with the codes it is about; mild ones are said on the paint itself and nowhere else. */
  lines: { codes: readonly string[]; text: string; isMild: boolean }[]
  /** `no` where a pigment rules it out; otherwise nobody but the label can say. */
  forChildren: 'no' | 'only where the label says so'
  /** Nothing beyond what harms water or comes from animals; never where a code is not known. */
  isMild: boolean
  /** Codes of which nothing is known here. */
  unknown: readonly string[]
}

/** Said on the paint itself, and no reason to be careful of a whole palette. */
const MILD = new Set(['zinc', 'copper', 'manganese', 'animal', 'chromium-3'])

/** What is said of codes that the reference does not hold, within a sentence and as one; undefined where it holds them all. */
export const unknownAsClause = (codes: readonly string[]): string | undefined =>
  codes.length ? `of ${codes.join(', ')} nothing is known here: read the label` : undefined
export function unknownInWords(codes: readonly string[]): string | undefined {
  const clause = unknownAsClause(codes)
  return clause && `O${clause.slice(1)}.`
}

const keysOf = (code: string, as: readonly ReferencePigment[]): readonly string[] | undefined => {
  const own = as.filter((p) => p.code === code)
  if (own.length) return own.flatMap((p) => p.cautions)
  const parsed = parsePigmentCode(code)
  const plain = parsed.ok ? parsed.value.code : code
  const only = CAUTIONS_ONLY[plain]?.cautions
  if (only) return only
  const variants = pigmentVariants(plain)
  const held = variants.length ? variants : [pigmentByCode(plain)].flatMap((p) => p ?? [])
  return held.length ? [...new Set(held.flatMap((p) => p.cautions))] : undefined
}

/**
 * The union of what is known of a paint's codes.
 *
 * @param as which variants of the codes it holds, where that is known; otherwise all of them count.
 */
export function cautionsOfCodes(codes: readonly string[], as: readonly ReferencePigment[] = []): PaintCautions {
  const known = [
    ...codes.map((code) => ({ code, keys: keysOf(code, as) })),
    ...as.filter((p) => !p.code).map((p) => ({ code: p.id, keys: p.cautions as readonly string[] | undefined })),
  ]
  const byKey = new Map<string, string[]>()
  for (const { code, keys = [] } of known) for (const key of keys) byKey.set(key, [...(byKey.get(key) ?? []), code])
  const lines = [...byKey].flatMap(([key, about]) =>
    CAUTIONS[key] ? [{ codes: about, text: CAUTIONS[key], isMild: MILD.has(key) }] : [],
  )
  const unknown = known.filter(({ keys }) => keys === undefined).map(({ code }) => code)
  const ruledOut = [...byKey.keys()].some((key) => NOT_FOR_CHILDREN.has(key))
  const isOut = ruledOut || codes.some((code) => NOT_FOR_CHILDREN_BY_CODE.has(code))
  return {
    lines,
    forChildren: isOut ? 'no' : 'only where the label says so',
    isMild: unknown.length === 0 && [...byKey.keys()].every((key) => MILD.has(key)),
    unknown,
  }
}
