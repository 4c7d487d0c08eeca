import type { Reading } from '../collection/reading'
import { paintsIn, trialsIn } from '../collection/lists'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { makersOf } from '../paints/collect'
import { parseLines } from '../paints/reading/parseLines'
import { EVERYTHING } from '../reach/lattice'
import { heldIndexIn } from '../reach/heldIndexes'
import { indexPaintsIn } from '../reach/indexPaints'
import { NEAR_ENOUGH } from '../reach/choices'
import { PaletteReach } from '../reach/paletteReach'
import { keyFor } from '../choosing/verdict/indexes'
import { fail, ok, type Result } from '../result'
import type { Scope } from '../standins/findStandIns'
import type { Matters } from '../standins/matters'
import { soughtAsListed, soughtOf } from '../standins/sought'
import { type Line, substitutePalette, type Substitution } from '../standins/substitutePalette'
import type { StandIn } from '../standins/standIn'
import { retold } from '../steps'
import { job } from './job'
import { standInContextOf } from './standInContext'

export interface SubstituteRequest {
  paletteId: string
  /** A list of paints, a line each, in place of those of the palette. */
  text?: string
  scope: Scope
  /** Of a list: another tube of the very paint is no answer. */
  others?: boolean
  mostPerMl?: { minor: number; currency: string }
  matters?: Matters
  /** For others: what loses the point of a paint is no answer. */
  keepsPoint?: boolean
}
export interface SubstitutedLine extends Substitution {
  /** What is replaced, in words. */
  words: string
  pigments: readonly string[]
  /** The paint of the collection that it is. */
  paintId?: string
}
export interface SubstitutedProgress {
  done: number
  of: number
  soFar: SubstitutedLine[]
}
export interface Substituted {
  lines: SubstitutedLine[]
  /** Share of everything the collection mixes that is within reach, before and after; where that is at hand. */
  reach?: { before: number; after: number }
}

/** The best stand-in for every place of a palette, or for every line of somebody's list. */
export const substitutePaletteJob = job<SubstituteRequest, SubstitutedProgress, Substituted>({
  lane: 'long',
  *run({ paletteId, text, others, ...question }, reading): Generator<SubstitutedProgress, Result<Substituted>> {
    const palette = reading.get('palettes', paletteId)
    if (!palette) return fail('no-palette', 'That palette is gone.')
    const lines = text === undefined ? linesOfPalette(palette, reading) : yield* linesOfText(text, reading)
    if (lines.length === 0)
      return fail('no-paints', text === undefined ? 'Nothing is planned yet.' : 'No line of the list names a paint.')
    const byId = new Map(lines.map((l) => [l.id, l]))
    const named = (s: Substitution): SubstitutedLine => {
      const { sought, words } = byId.get(s.id)!
      const paintId = sought.ok ? sought.value.paint?.id : undefined
      return { ...s, words, pigments: sought.ok ? sought.value.pigments : [], ...(paintId ? { paintId } : {}) }
    }
    const going = substitutePalette({
      ...question,
      lines,
      context: standInContextOf(reading, palette),
      trials: trialsIn(reading),
      near: palette.brief?.near ?? NEAR_ENOUGH,
      // that another tube of each will do is no news of a palette; of a list it is
      ...(text === undefined || others ? { unless: (_id: string, { kind }: StandIn) => kind === 'another item' } : {}),
      ...(palette.brief?.most ? { most: palette.brief.most } : {}),
    })
    const answer = yield* retold(going, ({ done, of, soFar }) => ({ done, of, soFar: soFar.map(named) }))
    if (!answer.ok) return answer
    const said = answer.value.map(named)
    const reach = text === undefined ? reachOf(palette, said, reading) : undefined
    return ok({ lines: said, ...(reach ? { reach } : {}) })
  },
  news: ({ soFar }) => (soFar.length ? soFar : undefined),
})

type NamedLine = Line & { words: string }

function linesOfPalette(palette: Palette, reading: Reading): NamedLine[] {
  return palette.holder.places.flatMap(({ id }): NamedLine[] => {
    const paint = reading.get('paints', planAt(palette, id)?.paintId)
    if (!paint) return []
    return [{ id, words: paint.name, sought: soughtOf({ kind: 'paint', paintId: paint.id }, () => paint) }]
  })
}

function* linesOfText(text: string, reading: Reading): Generator<SubstitutedProgress, NamedLine[]> {
  const owned = paintsIn(reading)
  const parsing = parseLines(text, makersOf(owned))
  const { paints } = yield* retold(parsing, (): SubstitutedProgress => ({ done: 0, of: 1, soFar: [] }))
  return paints.map(({ line, text: words, read }) => ({ id: String(line), words, sought: soughtAsListed(read, owned) }))
}

/** What the palette reaches as it is, and with the stand-ins in place of its paints; a mixture takes no place. */
function reachOf(palette: Palette, lines: readonly SubstitutedLine[], reading: Reading): Substituted['reach'] {
  const near = palette.brief?.near ?? NEAR_ENOUGH
  const index = heldIndexIn(reading, keyFor(indexPaintsIn(reading).paints, EVERYTHING, near))
  if (!index) return undefined
  const reach = new PaletteReach(index, new Float64Array(index.count).fill(1), palette.brief?.most ?? 3)
  const of = (ids: readonly (string | undefined)[]) => {
    reach.become([...new Set(ids.filter((id) => id !== undefined))])
    return reach.figures().reach
  }
  const before = of(lines.map((l) => l.paintId))
  return { before, after: of(lines.map((l) => (l.best ? l.best.paintId : l.paintId))) }
}
