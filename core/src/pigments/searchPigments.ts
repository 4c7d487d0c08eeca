import { parsePigmentCode } from './grammar'
import type { HueFamily } from '../colour/wheel'
import { REFERENCE_PIGMENTS, type PigmentKind, type ReferencePigment } from './reference'

export interface PigmentFilter {
  text?: string
  family?: HueFamily
  kind?: PigmentKind
  transparency?: ReferencePigment['transparency']
  granulating?: boolean
  /** ASTM I or II only. */
  lightfast?: boolean
  /** With a caution beyond that for dust. */
  cautioned?: boolean
}

const fold = (text: string) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase()

/** The reference pigments that answer every word of the text, by code, name or chemistry, and every question of the filter. */
export function searchPigments({
  text = '',
  family,
  kind,
  transparency,
  granulating,
  lightfast,
  cautioned,
}: PigmentFilter): ReferencePigment[] {
  const parsed = parsePigmentCode(text)
  const words = fold(text).split(/\s+/).filter(Boolean)
  const code = parsed.ok ? parsed.value.code : undefined
  return REFERENCE_PIGMENTS.filter(
    (p) =>
      (!family || p.family === family) &&
      (!kind || p.kind === kind) &&
      (!transparency || p.transparency === transparency) &&
      (!granulating || p.granulation === 'granulating' || p.granulation === 'strongly granulating') &&
      (!lightfast || p.astm === 'I' || p.astm === 'II') &&
      (!cautioned || p.cautions.length > 0) &&
      (code
        ? p.code === code || p.code.startsWith(`${code}:`)
        : words.every((w) => fold(`${p.id} ${p.names.join(' ')} ${p.chemistry} ${p.constitution ?? ''}`).includes(w))),
  )
}
