import { fail, ok, type Result } from '../result'

/** Sheets of paper, upright, mm (ISO 216; ANSI/ASME Y14.1 for Letter). */
export const PAPERS = {
  A3: { width: 297, height: 420 },
  A4: { width: 210, height: 297 },
  A5: { width: 148, height: 210 },
  A6: { width: 105, height: 148 },
  Letter: { width: 215.9, height: 279.4 },
} as const
export type PaperName = keyof typeof PAPERS

/** What is printed on. */
export interface PaperChoice {
  name: PaperName | 'own'
  /** Of one's own paper, mm. */
  width?: number
  height?: number
  turn: 'upright' | 'across' | 'as it fits'
}

/** A sheet as it lies in the printer's tray, mm. */
export interface Paper {
  width: number
  height: number
}

/** What most printers leave white, mm (common practice, no source). */
export const MARGIN = 7
/** Height of the line at the foot of a sheet, mm. */
export const FOOT = 5

/** The ways in which a choice can lie: upright, across, or both where it is left open. Errors: `bad-paper`. */
export function papersOf({ name, width = 0, height = 0, turn }: PaperChoice): Result<Paper[]> {
  const own = { width: Math.min(width, height), height: Math.max(width, height) }
  const upright = name === 'own' ? own : PAPERS[name]
  if (!(upright.width >= 60 && upright.height <= 1200))
    return fail('bad-paper', 'Paper is between 60 and 1200 mm long and wide.')
  const across = { width: upright.height, height: upright.width }
  return ok(turn === 'upright' ? [upright] : turn === 'across' ? [across] : [upright, across])
}
