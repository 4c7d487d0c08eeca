import type { Assessment } from '@juxtachrome/core/choosing'
import { leanInWords } from '@juxtachrome/core/colour'
import type { Paint } from '@juxtachrome/core/documents'
import { propertiesOf, viewOfPaint } from '@juxtachrome/core/paints'
import { GRANULATIONS, LIGHTFASTNESSES, STAININGS, TRANSPARENCIES } from '@juxtachrome/core/pigments'
import { points } from '~/shared/words/lists'

export const LENSES = [
  { id: 'paint', label: 'Paint' },
  { id: 'value', label: 'Value' },
  { id: 'lean', label: 'Lean' },
  { id: 'transparency', label: 'Transparency' },
  { id: 'staining', label: 'Staining' },
  { id: 'granulation', label: 'Granulation' },
  { id: 'permanence', label: 'Permanence' },
  { id: 'brings', label: 'What each brings' },
] as const
export type Lens = (typeof LENSES)[number]['id']

/** How a place looks through a lens: a word, and a tone or a pattern that says the same without reading. */
export interface LensCell {
  words: string
  /** Lightness of the ground, L* 0..100; the paint itself shows where there is none. */
  grey?: number
  /** How dense its hatching is, 0 (none) to 3. */
  hatch?: 0 | 1 | 2 | 3
  /** A word on the paint itself, whose name stays below it. */
  tag?: string
  /** How much of a bar is filled, 0..1. */
  bar?: number
}

const SCALES = {
  transparency: { scale: TRANSPARENCIES, of: 'transparency' },
  staining: { scale: STAININGS, of: 'staining' },
  granulation: { scale: GRANULATIONS, of: 'granulation' },
  permanence: { scale: LIGHTFASTNESSES, of: 'lightfastness' },
} as const

/** A paint seen through a lens; undefined where the lens shows the paint itself. */
export function throughLens(
  lens: Lens,
  paint: Paint,
  placeId: string,
  verdict: Assessment | undefined,
): LensCell | undefined {
  if (lens === 'paint') return undefined
  const view = viewOfPaint(paint)
  if (lens === 'value')
    return view.masstone ? { words: `L* ${view.masstone.L.toFixed(0)}`, grey: view.masstone.L } : UNKNOWN
  if (lens === 'lean') return { words: view.lean ? leanInWords(view.lean) : (view.family ?? 'not known') }
  if (lens === 'brings') {
    const own = verdict?.brings?.find((b) => b.placeId === placeId)
    const most = Math.max(0.0001, ...(verdict?.brings ?? []).map((b) => b.worth))
    return own ? { words: missedInWords(own), grey: 96, bar: own.worth / most } : { words: 'not known yet', grey: 96 }
  }
  const { scale, of } = SCALES[lens]
  const known = propertiesOf(paint)[of]
  if (!known) return UNKNOWN
  const level = (scale as readonly string[]).indexOf(known.value) / (scale.length - 1)
  const words = known.from === 'assumed' ? `${known.value} (assumed)` : known.value
  return { words, grey: 96 - 30 * level, hatch: Math.round(level * 3) as 0 | 1 | 2 | 3 }
}
/** Below this share nothing is missed. */
const HARDLY = 0.0005
const missedInWords = ({ reach, worth }: { reach: number; worth: number }) =>
  reach > HARDLY ? points(reach) : worth > HARDLY ? 'saves mixing' : 'not missed'
const UNKNOWN: LensCell = { words: 'not known', grey: 96 }
