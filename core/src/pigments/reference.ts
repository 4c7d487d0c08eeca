import { WAVELENGTHS, type Spectrum } from '../colour/bands'
import type { HueFamily } from '../colour/wheel'
import { labD65, type LabD65 } from '../units'
import { parsePigmentCode } from './grammar'
import type { PigmentRow, ShapeTerm } from './pigmentRow'
import { HIDDEN_BY_A_CODE, PIGMENT_ROWS, ROWS_WITHOUT_A_CODE } from './pigments.generated'
import {
  GRANULATIONS,
  STAININGS,
  TINTING_STRENGTHS,
  TRANSPARENCIES,
  type AstmCategory,
  type Granulation,
  type Staining,
  type TintingStrength,
  type Transparency,
} from './scales'

export type PigmentKind = 'organic' | 'inorganic' | 'earth' | 'natural' | 'dye' | 'effect'
/** One pigment, or one variant of it, of the built-in reference. Figures are typical ones; see `basisOf`. */
export interface ReferencePigment {
  /** `PB15:3`, or `PV19 rose` where one code covers several colours; the usual of several may bear the code alone. Unique. */
  id: string
  /** Empty for minerals and the like that are sold by name. */
  code: string
  variant?: string
  /** Names of the trade, usual one first. */
  names: readonly string[]
  /** C.I. constitution number. */
  constitution?: string
  chemistry: string
  family: HueFamily
  /** Typical, under D65, on white paper. */
  masstone: LabD65
  /** Typical at about 1 part paint to 6 parts water. */
  wash: LabD65
  shape: readonly ShapeTerm[]
  transparency: Transparency
  staining: Staining
  granulation: Granulation
  /** ASTM category I (best) to V, where the standard gives one. */
  astm?: AstmCategory
  /** Where the standard gives none: what is expected, on the same scale (judgement). */
  expected?: AstmCategory
  strength: TintingStrength
  /** Place on the scale of tinting strength, 1 weak to 5 overwhelming, halves between. */
  step: number
  /** Left out where nothing is known. */
  inPan?: string
  cautions: readonly string[]
  kind: PigmentKind
  /** What this code can hide. */
  hides?: string
}

/** The name of a variant that is what a code means where nothing else is said. */
export const USUAL = 'usual'

const IN_PAN: Record<number, string> = {
  1: 'rewets readily',
  2: 'rewets with a little patience',
  3: 'rewets slowly; hardens, cracks or crumbles',
}

function pigmentOf(row: PigmentRow): ReferencePigment {
  const [
    code,
    variant,
    names,
    ci,
    chemistry,
    family,
    masstone,
    wash,
    shape,
    transparency,
    staining,
    granulation,
    astm,
    expected,
    strength,
    pan,
    cautions,
    kind,
  ] = row
  const hides = HIDDEN_BY_A_CODE[code]
  return {
    id: variant ? `${code} ${variant}` : code || names[0]!,
    code,
    ...(variant ? { variant } : {}),
    names,
    ...(ci ? { constitution: ci } : {}),
    chemistry,
    family: family as HueFamily,
    masstone: labD65(...masstone),
    wash: labD65(...wash),
    shape,
    transparency: TRANSPARENCIES[transparency]!,
    staining: STAININGS[staining]!,
    granulation: GRANULATIONS[granulation]!,
    ...(astm ? { astm: astm as AstmCategory } : {}),
    ...(expected ? { expected: expected as AstmCategory } : {}),
    strength: TINTING_STRENGTHS[Math.max(0, Math.ceil(strength) - 1)]!,
    step: strength,
    ...(IN_PAN[pan] ? { inPan: IN_PAN[pan] } : {}),
    cautions,
    kind: kind as PigmentKind,
    ...(hides ? { hides } : {}),
  }
}

/** Every pigment of the reference, one a code and variant. */
export const REFERENCE_PIGMENTS: readonly ReferencePigment[] = withUsual(PIGMENT_ROWS.map(pigmentOf))

const byCode = new Map<string, ReferencePigment[]>()
for (const p of REFERENCE_PIGMENTS) byCode.set(p.code, [...(byCode.get(p.code) ?? []), p])

/** Where one of several colours of a code bears no name of its own it is the usual one. */
function withUsual(pigments: readonly ReferencePigment[]): ReferencePigment[] {
  const several = new Set(pigments.filter((p) => p.variant).map((p) => p.code))
  return pigments.map((p) => (!p.variant && several.has(p.code) ? { ...p, variant: USUAL } : p))
}

/** Whether the film of a pigment can be predicted: dyes that shine and effect pigments send light back otherwise. */
export const isPredicted = ({ kind }: Pick<ReferencePigment, 'kind'>): boolean => kind !== 'effect' && kind !== 'dye'

/** Minerals and the like that are sold by name, without a code. */
export const MATERIALS_WITHOUT_A_CODE: readonly ReferencePigment[] = ROWS_WITHOUT_A_CODE.map(pigmentOf)

const plainWords = (text: string) =>
  text
    .toLowerCase()
    .replace(/[^\p{L}]+/gu, ' ')
    .trim()
const calledBy = new Map<string, readonly string[]>()
/** What a pigment may be called, in plain words: its variant and the names of the trade; worked out once. */
function callsOf({ id, variant = '', names }: ReferencePigment): readonly string[] {
  const known = calledBy.get(id)
  if (known) return known
  const calls = [variant, ...names].map(plainWords).filter(Boolean)
  calledBy.set(id, calls)
  return calls
}

/** Of these, the ones that a paint's name speaks of by the longest of their names, as whole words. */
function namedIn(pigments: readonly ReferencePigment[], name: string): ReferencePigment[] {
  const words = ` ${plainWords(name)} `
  const lengths = pigments.map((p) =>
    callsOf(p).reduce((most, own) => (words.includes(` ${own} `) ? Math.max(most, own.length) : most), 0),
  )
  const longest = Math.max(1, ...lengths)
  return pigments.filter((_, i) => lengths[i] === longest)
}

/** The mineral or the like that a paint without a code is named for; the longest name in it. */
export const materialByName = (name: string): ReferencePigment | undefined => namedIn(MATERIALS_WITHOUT_A_CODE, name)[0]

/** Variants that were called otherwise once, as they still stand in records. */
const FORMER_NAMES: Readonly<Record<string, Readonly<Record<string, string>>>> = { PB28: { royal: 'blue' } }
/** What a variant is called now. */
export const variantNow = (code: string, variant: string): string => FORMER_NAMES[code]?.[variant] ?? variant

/** The pigment, or variant of one, of an id such as `PV19 rose`; undefined where the reference holds none. */
export const pigmentById = (id: string): ReferencePigment | undefined => {
  const [code = '', ...variant] = id.split(' ')
  const now = variant.length ? `${code} ${variantNow(code, variant.join(' '))}` : id
  return REFERENCE_PIGMENTS.find((p) => p.id === now)
}

/** All variants of a code, in the table's order; empty when the reference does not hold it. Any writing of the code will do. */
export function pigmentVariants(code: string): readonly ReferencePigment[] {
  const own = byCode.get(code)
  if (own) return own
  const parsed = parsePigmentCode(code)
  const plain = parsed.ok ? parsed.value.code : code
  return byCode.get(plain) ?? subTypesOf(plain)
}

/** Where a code is held with its sub-types only (PR48:1 to PR48:4), these are what it may stand for. */
function subTypesOf(code: string): readonly ReferencePigment[] {
  const held = REFERENCE_PIGMENTS.filter((p) => p.code.startsWith(`${code}:`))
  byCode.set(code, held)
  return held
}

/**
 * The reference for a code in any of its writings, and optionally a variant (`rose`, `teal`,
 * `burnt sienna`); without one, the first variant of the table. A sub-type the table lacks falls
 * back to its parent code (PB15:4 to PB15). Undefined when neither is held.
 */
export function pigmentByCode(code: string, variant?: string): ReferencePigment | undefined {
  const variants = pigmentVariants(code)
  const own = variant ? variants.find((p) => p.variant === variant) : variants[0]
  if (own ?? variants[0]) return own ?? variants[0]
  const parent = /^(.+?)[:.]/.exec(code)?.[1]
  return parent ? pigmentVariants(parent)[0] : undefined
}

/** The absorption shape over the 36 bands, relative, above 0; what the fit starts from. */
export function shapeSpectrum(shape: readonly ShapeTerm[]): Spectrum {
  return Float64Array.from(WAVELENGTHS, (nm) => shape.reduce((sum, term) => sum + valueAt(term, nm), 0.003))
}

function valueAt(term: ShapeTerm, nm: number): number {
  if (term[0] === 'floor') return term[1]
  const [kind, at, width, height] = term
  return kind === 'edge'
    ? height / (1 + Math.exp((nm - at) / (width / 2)))
    : height * Math.exp(-0.5 * ((nm - at) / width) ** 2)
}
