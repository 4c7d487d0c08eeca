import { paletteAt } from '../choosing/paletteAt'
import { assessPalette, type AssessProgress } from '../choosing/verdict/assess'
import type { Assessment } from '../choosing/verdict/assessment'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { fail } from '../result'
import { assessQuestionOf } from './assessQuestion'
import { job } from './job'

export interface AssessRequest {
  /** Of a palette, or of a version of one. */
  paletteId: string
}

/** While places are changed in quick succession only reach follows each of them; the rest waits so long, ms. */
const QUIET = 250
/** How long the asker has to bring an index that is kept somewhere, ms. */
const TO_BRING = 200

/** The verdict of a palette, which follows every change of it and of the paints. */
export const assessPaletteJob = job<AssessRequest, AssessProgress, Assessment>({
  lane: 'live',
  run(request, collection) {
    const palette = paletteAt(collection, request.paletteId)
    hasChanged(request, palette)
    if (!palette) return refused()
    return assessPalette(assessQuestionOf(collection, palette))
  },
  news: ({ soFar }) => soFar,
  rests: ({ restful, awaits }, run) => (awaits && run === 1 ? TO_BRING : restful && run > 1 ? QUIET : undefined),
  concerns({ delta }, request, collection) {
    const ofPaints = delta.documents.some(({ kind }) => kind === 'paints' || kind === 'recipes')
    const ofPalette = delta.documents.some(({ kind, id }) => kind === 'palettes' && id === request.paletteId)
    return ofPaints || (ofPalette && hasChanged(request, paletteAt(collection, request.paletteId)))
  },
})

const judged = new WeakMap<AssessRequest, string>()
/** Whether what is judged of a palette is another than last time: a lock, a reservation or a name is not. */
function hasChanged(request: AssessRequest, palette: Palette | undefined): boolean {
  const places = palette?.holder.places.map(({ id }) => planAt(palette, id)?.paintId ?? '')
  const now = JSON.stringify([places, palette?.brief])
  const changed = judged.get(request) !== now
  judged.set(request, now)
  return changed
}

// eslint-disable-next-line require-yield
function* refused(): ReturnType<typeof assessPalette> {
  return fail('no-palette', 'That palette is gone.')
}
