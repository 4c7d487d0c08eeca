import { randomFrom } from '../random'
import { toScreen } from '../colour/srgb'
import { colourDifference } from '../colour/difference'
import { fail, ok, type Result } from '../result'
import { labD65, type LabD65 } from '../units'

/** One reading of a colour reader, converted to D65, 2 degree. */
export interface Reading {
  lab: LabD65
  /** `#rrggbb`, for a first look. */ hex: string
}

/** A colour reader as the application sees it: a real one would speak to its instrument behind this. */
export interface ColourReader {
  readonly name: string
  /** True when readings are made up, so that they are never taken for measurements. */
  readonly simulated: boolean
  read(): Promise<Result<Reading>>
}

/** Instrument noise of a hand-held reader on textured paper, one standard deviation per channel (judgement). */
export const READER_NOISE = 0.35

/** A reader that returns a known colour with noise; the same seed gives the same readings. */
export function simulatedReader(truth: () => LabD65 | undefined, seed = 1): ColourReader {
  const gauss = gaussian(seed)
  return {
    name: 'Simulated reader',
    simulated: true,
    read() {
      const lab = truth()
      if (!lab)
        return Promise.resolve(
          fail('nothing-under-the-reader', 'Nothing lies under the reader: this paint has no known colour to read.'),
        )
      const read = labD65(
        Math.max(0, Math.min(100, lab.L + gauss() * READER_NOISE)),
        lab.a + gauss() * READER_NOISE,
        lab.b + gauss() * READER_NOISE,
      )
      return Promise.resolve(ok({ lab: read, hex: toScreen(read).hex }))
    },
  }
}

/** Several readings of one swatch as one colour, with their spread, CIEDE2000. Errors: `no-reading`, `readings-disagree` (spread above 5). */
export function meanReading(readings: readonly Reading[]): Result<{ lab: LabD65; sd: number }> {
  if (readings.length === 0) return fail('no-reading', 'Take at least one reading.')
  const mean = (pick: (l: LabD65) => number) => readings.reduce((s, r) => s + pick(r.lab), 0) / readings.length
  const lab = labD65(
    mean((l) => l.L),
    mean((l) => l.a),
    mean((l) => l.b),
  )
  const sd =
    readings.length < 2
      ? READER_NOISE
      : Math.sqrt(readings.reduce((s, r) => s + colourDifference(r.lab, lab) ** 2, 0) / (readings.length - 1))
  return sd > 5
    ? fail('readings-disagree', `The readings differ by ${sd.toFixed(1)}: was the reader moved off the swatch?`)
    : ok({ lab, sd })
}

/** Seeded normal deviates (mulberry32 and Box-Muller). */
export function gaussian(seed: number): () => number {
  const uniform = randomFrom(seed)
  return () => Math.sqrt(-2 * Math.log(1 - uniform())) * Math.cos(2 * Math.PI * uniform())
}
