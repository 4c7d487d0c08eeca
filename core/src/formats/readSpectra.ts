import Papa from 'papaparse'
import { BANDS, STEP_NM, WAVELENGTHS } from '../colour/bands'
import { labOfReflectance } from '../colour/tristimulus'
import { fail, ok, type Problem, type Result } from '../result'
import type { LabD65 } from '../units'

/** A measured swatch from a file, on the 36 bands. */
export interface SpectralSample {
  name: string
  /** Line of the file, from 1. */
  line: number
  reflectance: number[]
  lab: LabD65
}
export interface SpectralFile {
  samples: SpectralSample[]
  /** Rows that could not be taken, with the reason. */
  refused: { line: number; name: string; problem: Problem }[]
  /** What was done to the numbers: resampled, read as per cent, ends held. */
  notes: string[]
}

interface Row {
  line: number
  name: string
  values: string[]
}
interface Raw {
  wavelengths: number[]
  rows: Row[]
  percent: boolean | undefined
}

const LONGEST_STEP = 20

/**
 * Reads reflectance spectra from CGATS.17 text (ISO 28178: data format and data between BEGIN and END)
 * or from a simple table whose headings are wavelengths in nm. Other ranges and steps are brought to
 * 380-730 nm by 10 nm, and that is said.
 *
 * Errors: `empty-file`, `not-spectra`, `bands-missing` (gaps above 20 nm, or 400-700 nm not covered).
 */
export function readSpectra(text: string): Result<SpectralFile> {
  if (text.trim() === '') return fail('empty-file', 'The file is empty.')
  if (text.includes('\u0000')) return fail('not-spectra', 'This is not a text file.')
  const raw = /^\s*BEGIN_DATA\b/m.test(text) ? readCgats(text) : readTableOfSpectra(text)
  if (!raw.ok) return raw
  const { wavelengths, rows } = raw.value
  const gap = missingBands(wavelengths)
  if (gap) return fail('bands-missing', gap)
  const percent = raw.value.percent ?? looksLikePercent(rows)
  return ok({ ...takeRows(wavelengths, rows, percent), notes: notesOn(wavelengths, percent) })
}

const NM = /^(?:spectral_|spec_|nm_?|r_?)*(?:nm)?_?(\d{3}(?:\.\d+)?)\s*(?:nm)?$/i
const nmOf = (heading: string) => Number(NM.exec(heading.trim())?.[1] ?? Number.NaN)

function readCgats(text: string): Result<Raw> {
  const lines = text.split(/\r?\n/)
  const at = (word: string) => lines.findIndex((l) => new RegExp(`^\\s*${word}\\b`).test(l))
  const [formatFrom, formatTo, from, to] = [
    'BEGIN_DATA_FORMAT',
    'END_DATA_FORMAT',
    'BEGIN_DATA(?!_)',
    'END_DATA(?!_)',
  ].map(at) as [number, number, number, number]
  if (formatFrom < 0 || formatTo < formatFrom || from < 0 || to < from)
    return fail(
      'not-spectra',
      'The file begins like CGATS.17 but lacks its data format or the end of its data: it may be cut short.',
    )
  const fields = lines
    .slice(formatFrom + 1, formatTo)
    .join(' ')
    .trim()
    .split(/\s+/)
  const columns = fields.map(nmOf)
  const name = fields.findIndex((f) => /^SAMPLE_?NAME$/i.test(f))
  const id = name >= 0 ? name : fields.findIndex((f) => /^SAMPLE_?(ID|LOC)/i.test(f))
  const norm = /^\s*SPECTRAL_NORM\s+"?([\d.]+)/m.exec(text)?.[1]
  const wavelengths = columns.filter((c) => !Number.isNaN(c))
  if (wavelengths.length < 10)
    return fail('not-spectra', 'No spectral columns such as SPECTRAL_NM400 or SPEC_400 in this file.')
  const rows = lines.slice(from + 1, to).flatMap((line, i): Row[] => {
    const cells = line.match(/"[^"]*"|\S+/g)?.map((c) => c.replace(/^"|"$/g, ''))
    return cells
      ? [
          {
            line: from + 2 + i,
            name: cells[id] ?? `sample ${i + 1}`,
            values: columns.flatMap((c, k) => (Number.isNaN(c) ? [] : [cells[k] ?? ''])),
          },
        ]
      : []
  })
  return ok({ wavelengths, rows, percent: norm === undefined ? undefined : Number(norm) > 1.5 })
}

function readTableOfSpectra(text: string): Result<Raw> {
  const { data } = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy' })
  const headings = data[0] ?? []
  const columns = headings.map(nmOf)
  const wavelengths = columns.filter((c) => !Number.isNaN(c))
  if (wavelengths.length < 10)
    return fail('not-spectra', 'Neither CGATS.17 nor a table with wavelengths (380, 390, …) as headings.')
  const name = Math.max(
    0,
    headings.findIndex((h) => /name|sample|paint|id/i.test(h)),
  )
  const rows = data.slice(1).map((cells, i): Row => ({
    line: i + 2,
    name: (cells[name] ?? '').trim() || `sample ${i + 1}`,
    values: columns.flatMap((c, k) => (Number.isNaN(c) ? [] : [cells[k] ?? ''])),
  }))
  return ok({ wavelengths, rows, percent: headings.some((h) => h.includes('%')) ? true : undefined })
}

function missingBands(wavelengths: readonly number[]): string | undefined {
  for (let i = 1; i < wavelengths.length; i += 1) {
    const step = wavelengths[i]! - wavelengths[i - 1]!
    if (step <= 0) return `The wavelengths do not rise: ${wavelengths[i]} nm follows ${wavelengths[i - 1]} nm.`
    if (step > LONGEST_STEP)
      return `Bands are missing between ${wavelengths[i - 1]} and ${wavelengths[i]} nm; steps of at most ${LONGEST_STEP} nm are needed.`
  }
  if (wavelengths[0]! > 400 || wavelengths.at(-1)! < 700)
    return `The bands reach from ${wavelengths[0]} to ${wavelengths.at(-1)} nm; 400 to 700 nm are needed.`
  return undefined
}

const toNumber = (cell: string) => (cell.trim() === '' ? Number.NaN : Number(cell.replace(',', '.')))
/** Only a whole file whose papers and lights lie far above 1 is in per cent; said in the notes. */
const looksLikePercent = (rows: readonly Row[]) => rows.some((r) => r.values.some((v) => toNumber(v) > 2))

function takeRows(
  wavelengths: readonly number[],
  rows: readonly Row[],
  percent: boolean,
): Pick<SpectralFile, 'samples' | 'refused'> {
  const samples: SpectralSample[] = []
  const refused: SpectralFile['refused'] = []
  for (const { line, name, values } of rows) {
    const numbers = values.map((v) => toNumber(v) / (percent ? 100 : 1))
    const problem = problemOf(numbers, wavelengths)
    if (problem) {
      refused.push({ line, name: name.slice(0, 120), problem })
      continue
    }
    const reflectance = WAVELENGTHS.map((nm) => Math.max(0, resampled(wavelengths, numbers, nm)))
    samples.push({ name: name.slice(0, 120), line, reflectance, lab: labOfReflectance(reflectance) })
  }
  return { samples, refused }
}

function problemOf(numbers: readonly number[], wavelengths: readonly number[]): Problem | undefined {
  const missing = numbers.findIndex((n) => !Number.isFinite(n))
  if (missing >= 0) return { code: 'bands-missing', message: `No number at ${wavelengths[missing]} nm.` }
  const low = numbers.findIndex((n) => n < -0.01)
  if (low >= 0)
    return {
      code: 'impossible-reflectance',
      message: `The reflectance at ${wavelengths[low]} nm is negative (${numbers[low]!.toFixed(3)}).`,
    }
  const high = numbers.findIndex((n) => n > 1.2)
  if (high >= 0)
    return {
      code: 'impossible-reflectance',
      message: `The reflectance at ${wavelengths[high]} nm is ${numbers[high]!.toFixed(2)}, above 1. A fluorescent paint, or another scale?`,
    }
  return undefined
}

/** From finer steps the mean under a triangle of 10 nm each way, as an instrument's band sees it; else by a cubic through the four nearest bands; ends held. */
export function resampled(wavelengths: readonly number[], values: readonly number[], nm: number): number {
  if (wavelengths.length > 1 && wavelengths[1]! - wavelengths[0]! < STEP_NM * 0.75)
    return underTriangle(wavelengths, values, nm)
  if (nm <= wavelengths[0]!) return values[0]!
  if (nm >= wavelengths.at(-1)!) return values.at(-1)!
  const right = wavelengths.findIndex((w) => w >= nm)
  if (wavelengths[right] === nm) return values[right]!
  const first = Math.max(0, Math.min(wavelengths.length - 4, right - 2))
  const around = [0, 1, 2, 3].map((k) => first + k).filter((i) => i < wavelengths.length)
  return around.reduce(
    (sum, i) =>
      sum +
      values[i]! *
        around.reduce((p, j) => (j === i ? p : (p * (nm - wavelengths[j]!)) / (wavelengths[i]! - wavelengths[j]!)), 1),
    0,
  )
}

function underTriangle(wavelengths: readonly number[], values: readonly number[], nm: number): number {
  let [sum, weight] = [0, 0]
  wavelengths.forEach((w, i) => {
    const share = Math.max(0, 1 - Math.abs(w - nm) / STEP_NM)
    sum += share * values[i]!
    weight += share
  })
  return weight > 0 ? sum / weight : values[nm < wavelengths[0]! ? 0 : values.length - 1]!
}

function notesOn(wavelengths: readonly number[], percent: boolean): string[] {
  const [first, last] = [wavelengths[0]!, wavelengths.at(-1)!]
  const same = wavelengths.length === BANDS && wavelengths.every((w, i) => w === WAVELENGTHS[i])
  const step = Math.round(((last - first) / (wavelengths.length - 1)) * 10) / 10
  return [
    ...(same ? [] : [`Resampled from ${first}–${last} nm by ${step} nm to 380–730 nm by 10 nm.`]),
    ...(first > 380 || last < 730 ? ['Where the file has no bands, the nearest one is held.'] : []),
    ...(percent ? ['Read as per cent.'] : []),
  ]
}
