import type { Box } from '../arranging/geometry'
import type { Mark, Measure } from './marks'

/** The smallest letters that are printed, mm (about 4 pt). */
export const SMALLEST = 1.45
const LINE = 1.15

export interface Lettering {
  /** Size at which it is tried first, mm. */
  size: number
  bold?: boolean
  /** Lines at the most. */
  lines: number
}

export interface Line {
  text: string
  size: number
  bold: boolean
  /** Where not all fit, lines of the highest rank give way first, 0 never; left out: 0. */
  rank?: number
}

/**
 * A text in lines that fit a width: broken at spaces, where a word alone is too wide within it, and made smaller down to
 * 1.45 mm; what still does not fit ends with an ellipsis. Nothing is ever wider than the width.
 */
export function lettered(
  text: string,
  width: number,
  { size: largest, bold = false, lines: most }: Lettering,
  measure: Measure,
): Line[] {
  const clean = text.replace(/\s+/g, ' ').trim()
  if (clean === '' || width <= 0) return []
  for (let size = largest; size > SMALLEST; size -= 0.1) {
    const lines = wrapped(clean, (t) => measure(t, size, bold) <= width, false)
    if (lines && lines.length <= most) return lines.map((t) => ({ text: t, size, bold }))
  }
  const fits = (t: string) => measure(t, SMALLEST, bold) <= width
  const lines = wrapped(clean, fits, true) ?? []
  const shown = lines.slice(0, most)
  if (lines.length > most) shown[most - 1] = cut(`${shown[most - 1]} ${lines[most]}`, fits)
  return shown.filter(fits).map((t) => ({ text: t, size: SMALLEST, bold }))
}

/** Lines that fit; undefined where a word would have to be broken and may not be. */
function wrapped(text: string, fits: (t: string) => boolean, mayBreak: boolean): string[] | undefined {
  const lines: string[] = []
  for (const word of text.split(' ')) {
    const longer = lines.length ? `${lines.at(-1)} ${word}` : word
    if (lines.length && fits(longer)) lines[lines.length - 1] = longer
    else if (fits(word)) lines.push(word)
    else if (mayBreak) lines.push(...broken(word, fits))
    else return undefined
  }
  return lines
}

const letters = 'Segmenter' in Intl ? new Intl.Segmenter(undefined, { granularity: 'grapheme' }) : undefined
/** Whole letters; where the platform cannot tell them, code points. */
const graphemes = (text: string): string[] => (letters ? [...letters.segment(text)].map((s) => s.segment) : [...text])

/** A word in pieces that fit, broken between whole letters. */
function broken(word: string, fits: (t: string) => boolean): string[] {
  const pieces: string[] = []
  for (const letter of graphemes(word)) {
    if (pieces.length && fits(pieces.at(-1) + letter)) pieces[pieces.length - 1] += letter
    else pieces.push(letter)
  }
  return pieces
}

function cut(text: string, fits: (t: string) => boolean): string {
  const left = graphemes(text)
  while (left.length && !fits(`${left.join('').trimEnd()}…`)) left.pop()
  return `${left.join('').trimEnd()}…`
}

/** Lines one below the other from the top of a room; those that would leave it are not set. */
export function stacked(lines: readonly Line[], room: Box, to: 'left' | 'middle' = 'left', measure?: Measure): Mark[] {
  let y = room.y
  return lines.flatMap(({ text, size, bold }): Mark[] => {
    y += size * LINE
    if (y > room.y + room.height + 1e-9) return []
    const indent = to === 'middle' && measure ? (room.width - measure(text, size, bold)) / 2 : 0
    return [{ is: 'text', text, x: room.x + indent, y, size, ...(bold ? { bold } : {}) }]
  })
}

/** How much height lines take, mm. */
export const heightOf = (lines: readonly Line[]): number => lines.reduce((sum, l) => sum + l.size * LINE, 0.4)
