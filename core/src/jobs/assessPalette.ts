import { assessPalette, type AssessProgress } from '../choosing/verdict/assess'
import type { Assessment } from '../choosing/verdict/assessment'
import { fail } from '../result'
import { assessQuestionOf } from './assessQuestion'
import { job } from './job'
import { paletteJudged } from './paletteJudged'

export interface AssessRequest {
  /** Of a palette, or of a version of one. */
  paletteId: string
}

/** While places are changed in quick succession only reach follows each of them; the rest waits so long, ms. */
const QUIET = 250
/** How long the asker has to bring an index that is kept somewhere, ms. */
const TO_BRING = 200

/** The verdict of a palette, which follows every change of what it was read from. */
export const assessPaletteJob = job<AssessRequest, AssessProgress, Assessment>({
  lane: 'live',
  run({ paletteId }, reading) {
    const palette = paletteJudged(reading, paletteId)
    return palette ? assessPalette(assessQuestionOf(reading, palette)) : refused()
  },
  news: ({ soFar }) => soFar,
  rests: ({ restful, awaits }, run) => (awaits && run === 1 ? TO_BRING : restful && run > 1 ? QUIET : undefined),
  wants: (said) => ('of' in said ? said.soFar?.needs : said.needs),
  keeps: ({ needs }) => needs.length === 0,
})

// eslint-disable-next-line require-yield
function* refused(): ReturnType<typeof assessPalette> {
  return fail('no-palette', 'That palette is gone.')
}
