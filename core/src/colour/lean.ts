import type { LabD65 } from '../units'
import { familyOf, tellingSwatch, type Swatches } from './family'
import { SECTORS, sectorOf, type HueFamily, type WheelFamily } from './wheel'
import { hueStep, toLch } from './lch'

export interface Lean {
  family: HueFamily
  /** The neighbour on the wheel it leans toward; undefined in the middle of its family or off the wheel. */
  toward?: WheelFamily
  /** 0 (middle) to 1 (on the border with the neighbour). */
  strength: number
  /** Undefined where schools disagree (blue, green, violet) and off the wheel. */
  temperature?: 'warm' | 'cool'
}

/** Warm or cool *within* a family, where painters agree (common practice, no source). */
const WARM_SIDE: Partial<Record<WheelFamily, WheelFamily>> = { yellow: 'orange', orange: 'red', red: 'orange' }
const HARDLY = 0.18

/**
 * Toward which neighbour on the colour wheel a paint leans, from its swatches. Lemon leans green,
 * Indian yellow leans orange. Blues lean violet or green; whether that is warm is left to the artist.
 *
 * @param known toward which neighbour the trade says it leans, or that it is a middle one, where its own colour was not seen.
 * @returns undefined when the paint has no swatch.
 */
export function leanOf(swatches: Swatches, override?: HueFamily, known?: WheelFamily | 'nowhere'): Lean | undefined {
  const family = override ?? familyOf(swatches)
  // a yellow is judged by its wash: many have a brownish masstone (common practice, no source)
  const telling = family === 'yellow' ? (swatches.wash ?? swatches.masstone) : tellingSwatch(swatches)
  if (!family || !telling) return undefined
  if (family === 'earth' || family === 'neutral' || family === 'white') return offTheWheel(family, telling)
  const index = SECTORS.findIndex((s) => s.family === family)
  const sector = SECTORS[index]!
  const next = SECTORS[(index + 1) % SECTORS.length]!
  const previous = SECTORS[(index + SECTORS.length - 1) % SECTORS.length]!
  const step = hueStep(sector.middle, toLch(telling).h)
  const room = step >= 0 ? hueStep(sector.middle, next.from) : hueStep(sector.from, sector.middle)
  const strength = Math.min(1, Math.abs(step) / Math.abs(room || 1))
  if (known === 'nowhere') return { family, strength: 0 }
  if (known !== next.family && known !== previous.family && strength < HARDLY) return { family, strength }
  const toward = known === next.family || known === previous.family ? known : step >= 0 ? next.family : previous.family
  const warm = WARM_SIDE[family]
  return { family, toward, strength, temperature: warm ? (toward === warm ? 'warm' : 'cool') : undefined }
}

function offTheWheel(family: HueFamily, telling: LabD65): Lean {
  const { C, h } = toLch(telling)
  return C < 3 ? { family, strength: 0 } : { family, toward: sectorOf(h).family, strength: Math.min(1, C / 60) }
}

/** `yellow, leans green (cool)`; `earth, leans orange`; `blue`. */
export function leanInWords(lean: Lean, name: string = lean.family): string {
  if (!lean.toward) return name
  const temperature = lean.temperature ? ` (${lean.temperature})` : ''
  return `${name}, leans ${lean.toward}${temperature}`
}
