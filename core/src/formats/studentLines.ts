import { rankCall, type RankContext } from '../choosing/methods/rank'
import type { Guide, GuideCall } from '../documents/guide'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { referenceOf } from '../film/whichReference'
import { inOrder, lasts, needsNoCaution, usualOf } from '../order'
import { propertiesOf } from '../paints/properties'
import { familyInWords } from '../paints/inWords'
import { viewOfPaint } from '../paints/view'
import { cautionsOfCodes, unknownInWords } from '../pigments/cautions'
import { SOLD } from '../standins/sold'
import type { StudentLine } from './studentsFile'

/** What matters in a paint when somebody else buys it: where it leans, and what it does on the paper. */
export function mattersOf(paint: Paint): string {
  const view = viewOfPaint(paint)
  const { transparency, staining, granulation, lightfastness } = propertiesOf(paint)
  return [
    view.family && familyInWords(view),
    transparency?.value,
    staining?.value,
    granulation?.value,
    lightfastness ? `lightfastness ${lightfastness.value}` : undefined,
  ]
    .filter(Boolean)
    .join(', ')
    .slice(0, 300)
}

/** The usual cautions for a paint's pigments, where there are more than the mild ones, and the codes of which nothing is known. */
function cautionsOf(paint: Paint): string[] {
  const { isMild, lines, unknown } = cautionsOfCodes(paint.pigments, referenceOf(paint))
  if (isMild) return []
  const notKnown = unknownInWords(unknown)
  return [...(notKnown ? [notKnown] : []), ...lines.map((l) => l.text)].map((text) => text.slice(0, 400)).slice(0, 12)
}

function lineOf(paint: Paint, name: string, more = ''): StudentLine {
  const cautions = cautionsOf(paint)
  const matters = [more, mattersOf(paint)].filter(Boolean).join('; ').slice(0, 300)
  return {
    name: name.slice(0, 160),
    pigments: [...paint.pigments],
    ...(matters ? { matters } : {}),
    ...(cautions.length ? { cautions } : {}),
  }
}

/** The planned paints of a palette in the order of its places, each once. */
export function paintsInOrder(palette: Palette, paintOf: (id: string) => Paint | undefined): Paint[] {
  const planned = palette.holder.places.flatMap(({ id }) => paintOf(planAt(palette, id)?.paintId ?? '') ?? [])
  return [...new Map(planned.map((p) => [p.id, p])).values()]
}

/** A line for each of them. */
export const linesOfPalette = (...planned: Parameters<typeof paintsInOrder>): StudentLine[] =>
  paintsInOrder(...planned).map((paint) => lineOf(paint, paint.name))

/** So many codes are named for one call. */
const NAMED = 3

/** What can be bought, each under an id of its own, so that they are told apart. */
const PAINTS = new Map(SOLD.map(({ pigment: { id }, paint }): [string, Paint] => [id, { ...paint, id }]))
const NO_DRAWER: RankContext = { planned: [], evidence: () => ({ items: 0, palettes: 0, supply: { level: 3 } }) }

/**
 * Pigments that answer a call, for somebody who buys them: as any call is answered, those that most makers have and that
 * need no caution before all others.
 */
function pigmentsFor(call: GuideCall, taken: ReadonlySet<string>): Paint[] {
  const ranked = rankCall(call, [...PAINTS.values()], NO_DRAWER)
  const answering = ranked.flatMap(({ paintId, answers }) => (answers ? (PAINTS.get(paintId) ?? []) : []))
  const place = new Map(answering.map((p, i) => [p.id, i]))
  return inOrder(
    answering,
    [
      { says: 'it is not named yet', of: (p) => Number(!taken.has(p.pigments[0]!)) },
      lasts(itself),
      needsNoCaution(itself),
      { says: 'most makers have it', of: (p) => Number(usualOf(p) >= COMMON) },
    ],
    (p, q) => place.get(p.id)! - place.get(q.id)!,
  )
    .map(({ item }) => item)
    .filter((p, i, all) => all.findIndex((q) => q.pigments[0] === p.pigments[0]) === i)
}
const itself = (paint: Paint) => paint
/** From this commonness on most makers have it. */
const COMMON = 3

/** A line for every call of a method: the pigment that answers it best, and others that do. */
export function linesOfGuide({ calls }: Pick<Guide, 'calls'>): StudentLine[] {
  const taken = new Set<string>()
  return calls.flatMap((call): StudentLine[] => {
    const answering = pigmentsFor(call, taken)
    const first = answering.slice(0, call.quota)
    if (first.length === 0) return [{ name: call.words.slice(0, 160), pigments: [] }]
    for (const { pigments } of first) taken.add(pigments[0]!)
    const others = answering.slice(call.quota, call.quota + NAMED).map((p) => p.pigments[0]!)
    return first.map((paint) =>
      lineOf(paint, `${call.words}: ${paint.name}`, others.length ? `or ${[...new Set(others)].join(', ')}` : ''),
    )
  })
}
