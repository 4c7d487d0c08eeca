import { answersCall } from '../choosing/ways/rank'
import type { Guide } from '../documents/guide'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { referenceOf } from '../film/whichReference'
import { propertiesOf } from '../paints/properties'
import { familyInWords } from '../paints/inWords'
import { viewOfPaint } from '../paints/view'
import { cautionsOfCodes, unknownInWords } from '../pigments/cautions'
import { REFERENCE_PIGMENTS } from '../pigments/reference'
import { levelOn, LIGHTFASTNESSES } from '../pigments/scales'
import { paintOfPigment } from '../standins/sought'
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

/** A line for every call of a guide: the pigment that answers it best and is lightfast, and others that do. */
export function linesOfGuide({ calls }: Pick<Guide, 'calls'>): StudentLine[] {
  const taken = new Set<string>()
  return calls.flatMap((call): StudentLine[] => {
    const answering = REFERENCE_PIGMENTS.flatMap((pigment) => {
      const paint = paintOfPigment(pigment)
      if (!pigment.code || pigment.kind === 'effect' || !answersCall(call, paint)) return []
      const fast = levelOn(LIGHTFASTNESSES, propertiesOf(paint).lightfastness?.value)
      return [{ pigment, paint, order: (fast < 0 ? 5 : fast) + (taken.has(pigment.code) ? 10 : 0) }]
    }).sort((p, q) => p.order - q.order || (p.pigment.id < q.pigment.id ? -1 : 1))
    const first = answering.slice(0, call.quota)
    if (first.length === 0) return [{ name: call.words.slice(0, 160), pigments: [] }]
    for (const { pigment } of first) taken.add(pigment.code)
    const others = answering.slice(call.quota, call.quota + NAMED).map((a) => a.pigment.code)
    return first.map(({ paint, pigment }) =>
      lineOf(paint, `${call.words}: ${pigment.names[0]}`, others.length ? `or ${[...new Set(others)].join(', ')}` : ''),
    )
  })
}
