import type { TargetChoice } from '../../documents/brief'
import type { ReachFigures } from '../../reach/paletteReach'
import type { Conflict } from '../brief/conflicts'
import type { CountMissed } from '../brief/counts'
import type { GapKind } from './gapKind'
import type { Fit } from '../brief/fit'

/** A paint of the palette or the collection and what it brings, shares of the targets' weight, 0..1. */
export interface Bringing {
  paintId: string
  /** Targets that only it brings within reach. */
  reach: number
  /** The same, less mixing counted too: see `WORTH`. */
  worth: number
}

/** What paints bring is not known better than this, shares of worth (judgement). */
export const BRINGS_TIE = 0.005

/** A mixture in parts that a finding speaks of. */
export interface FoundMixture {
  paints: { id: string; parts: number }[]
  L: number
  C: number
}

export interface Neutral {
  paintId: string
  /** Its best neutraliser on the palette, the usual partner first; undefined where nothing brings it to grey. */
  best?: FoundMixture
  /** A second partner that greys it. */
  other?: FoundMixture
}

/** What painters would miss, with what the palette has instead and who would close it. */
export interface Gap {
  kind: GapKind
  /** C* of the cleanest of its kind on the palette and in the whole collection; L* for the deep dark. */
  has?: number
  could?: number
  /** The owned paint that closes it best, as was tried, and what else it would bring. */
  remedy?: Bringing
  /** Another that it takes beside that one. */
  also?: string
  /** Why it is no more than a quiet line: the purpose has no use for it, the way has it mixed, or the artist does without. */
  quiet?: 'not needed' | 'by the way' | 'without'
}

/** Two paints that do nearly the same work. */
export interface Twins {
  paintIds: [string, string]
  placeIds: [string, string]
  /** CIEDE2000 alone, the larger of masstone and wash; and the largest in mixtures with the others, and with which. */
  alone: number
  mixed: number
  mixedWith?: string
  /** Codes, where both are of the same pigments. */
  pigments?: readonly string[]
}

/** A paint that the rest of the palette mixes near enough. */
export interface Spare {
  paintId: string
  placeId: string
  recipe: { paints: { id: string; parts: number }[]; water: number }
  difference: number
  /** What the mixture does not do as the paint does, in words. */
  unlike: string[]
}

export interface Crowd {
  family: string
  /** Those of it that would be missed least. */
  out: string[]
  count: number
  /** Its share of the palette and of what is to be mixed, 0..1. */
  share: number
  wanted?: number
}

export interface Values {
  /** Lowest L* by one paint and by a mixture of two. */
  alone?: { paintId: string; L: number }
  mixed?: FoundMixture
  /** The lightest wash that still has some colour. */
  lightest?: { paintId: string; L: number }
  /** Masstones from dark to light. */
  scale: { paintId: string; L: number }[]
}

/** How many paints of the palette are at each word of a scale, and of how many nothing is known. */
export interface Tally {
  words: { word: string; count: number; assumed: number }[]
  unknown: number
}

export interface Handling {
  lightfastness: Tally
  transparency: Tally
  staining: Tally
  granulation: Tally
  rewetting: Tally
  cautions: number
  /** Codes of which nothing is known here; they are never mild. */
  unknownCodes: string[]
  /** Different pigments, and those that more than one paint holds. */
  pigments: number
  shared: string[]
  makers: string[]
}

/** How well a table of targets is reached, by the palette and by the whole collection. */
export interface TableReach {
  name: string
  weight: number
  palette: ReachFigures
  collection?: ReachFigures
}

/** An index of the whole collection that would make the verdict fuller and is not at hand. */
export interface IndexNeed {
  key: string
  /** What is to be mixed; everything where only the map asks for it. */
  choice: TargetChoice
  near: number
}

export interface Assessment {
  /** Different paints planned, and how many of them have swatches of their own. */
  planned: number
  measured: number
  /** Planned paints that take no part in predictions, and why. */
  left: { paintId: string; message: string }[]
  conflicts: Conflict[]
  /** How many of a kind were wished for, where that is not met. */
  counts: CountMissed[]
  /** Planned paints that the brief rules out or would rather not have. */
  misfits: { paintId: string; placeId: string; fit: Fit }[]
  /** Paints of a very large collection that are not reckoned with. */
  over?: number
  near: number
  most: 1 | 2 | 3
  tables: TableReach[]
  /** Over all tables by their weights. */
  reach?: ReachFigures
  whole?: ReachFigures
  /**
   * Of the lattice of everything, one number a cell: 1 to 3 reached by so many paints, 4 only by the collection,
   * 5 not known yet, 0 by nothing here.
   */
  map?: number[]
  /** What each place brings, least missed first. */
  brings?: (Bringing & {
    placeId: string
    /** Planned in another place, too. */ twice: boolean
    /** What hands and paper ask of a palette that only it is: `a yellow earth`. */ only?: string[]
  })[]
  /** What each owned paint that is not in would bring, most first. */
  gains?: Bringing[]
  neutrals?: Neutral[]
  values?: Values
  gaps?: Gap[]
  twins?: Twins[]
  spares?: Spare[]
  crowds?: Crowd[]
  handling?: Handling
  /** What is not at hand yet. */
  needs: IndexNeed[]
}
