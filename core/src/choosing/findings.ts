import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { planAt } from '../documents/plan'
import { mainPaintOf, type PaletteState } from '../ledger/stays'
import { propertiesOf } from '../paints/properties'
import { referenceOf } from '../film/whichReference'
import { cautionsOfCodes, unknownInWords } from '../pigments/cautions'
import { viewOfPaint, type PaintView } from '../paints/view'
import type { Lightfastness } from '../pigments/scales'

/** What a person might do about a finding; the interface knows how. */
export type Remedy =
  | { kind: 'show-place'; placeId: string; words: string }
  | { kind: 'show-paint'; paintId: string; words: string }
  | { kind: 'go-to-step'; step: 'choose' | 'arrange' | 'fill' | 'key'; words: string }

export interface Finding {
  code:
    | 'places-left'
    | 'full'
    | 'not-owned'
    | 'on-order'
    | 'fugitive'
    | 'differs-from-fill'
    | 'twice-planned'
    | 'no-swatch'
    | 'needs-caution'
  weight: 'note' | 'worth a look' | 'in the way'
  message: string
  remedy?: Remedy
}

export interface PaletteQuestion {
  palette: Palette
  paints: { get(id: string): Paint | undefined }
  /** Items by paint id; removed ones left out. */
  items: ReadonlyMap<string, readonly Item[]>
  state: PaletteState
}

interface Planned {
  placeId: string
  view: PaintView
}

/** What does not last in a frame (common practice, no source). */
const FADING = new Set<Lightfastness>(['poor', 'fugitive'])

/** What stands in the way of a palette as it is planned and filled now, weightiest first; what it can do is said by `assessPalette`. */
export function findingsOf(question: PaletteQuestion): Finding[] {
  const planned = plannedPaints(question)
  const all = [
    ...supplyFindings(question, planned),
    ...differsFromFill(question, planned),
    ...twice(planned),
    ...permanence(planned),
    ...cautions(planned),
    ...room(question, planned),
  ]
  const rank = { 'in the way': 0, 'worth a look': 1, note: 2 }
  return all
    .map((f, i) => ({ f, i }))
    .sort((p, q) => rank[p.f.weight] - rank[q.f.weight] || p.i - q.i)
    .map(({ f }) => f)
}

function plannedPaints({ palette, paints }: PaletteQuestion): Planned[] {
  return palette.holder.places.flatMap(({ id }) => {
    const paint = paints.get(planAt(palette, id)?.paintId ?? '')
    return paint ? [{ placeId: id, view: viewOfPaint(paint) }] : []
  })
}

function supplyFindings({ items }: PaletteQuestion, planned: Planned[]): Finding[] {
  return planned.flatMap<Finding>(({ placeId, view }) => {
    const owned = items.get(view.paint.id) ?? []
    const { name } = view.paint
    const remedy: Remedy = { kind: 'show-paint', paintId: view.paint.id, words: 'Show the paint' }
    if (owned.some((i) => i.supply === 'open' || i.supply === 'sealed')) return []
    if (owned.some((i) => i.supply === 'on order'))
      return [{ code: 'on-order', weight: 'worth a look', message: `${name} (${placeId}) is still on order.`, remedy }]
    return [
      {
        code: 'not-owned',
        weight: 'in the way',
        message: `Nothing to fill ${placeId} from: no tube of ${name} is at hand.`,
        remedy,
      },
    ]
  })
}

function differsFromFill({ palette, paints, state }: PaletteQuestion, planned: Planned[]): Finding[] {
  const differing = palette.holder.places.flatMap(({ id }) => {
    const content = state.get(id)?.content
    const lies = content && mainPaintOf(content)
    const plan = planAt(palette, id)?.paintId
    return lies && lies !== plan ? [{ id, name: paints.get(lies)?.name ?? 'another paint' }] : []
  })
  const [first] = differing
  if (!first || planned.length === 0) return []
  const message =
    differing.length === 1
      ? `${first.name} lies in ${first.id}, the plan says otherwise.`
      : `In ${differing.length} places lies another paint than planned.`
  return [
    {
      code: 'differs-from-fill',
      weight: 'worth a look',
      message,
      remedy: { kind: 'show-place', placeId: first.id, words: `Show ${first.id}` },
    },
  ]
}

function twice(planned: Planned[]): Finding[] {
  return planned.flatMap((one, i) =>
    planned.slice(i + 1).flatMap<Finding>((other) => {
      if (one.view.paint.id !== other.view.paint.id) return []
      const remedy: Remedy = { kind: 'show-place', placeId: other.placeId, words: `Show ${other.placeId}` }
      const message = `${one.view.paint.name} is planned twice: ${one.placeId} and ${other.placeId}.`
      return [{ code: 'twice-planned', weight: 'note', message, remedy }]
    }),
  )
}

function permanence(planned: Planned[]): Finding[] {
  return planned.flatMap<Finding>(({ placeId, view }) => {
    const known = propertiesOf(view.paint).lightfastness
    if (!known || !FADING.has(known.value)) return []
    const assumed = known.from === 'assumed' ? ', assumed from its codes' : ''
    const message = `${view.paint.name} (${placeId}) fades: lightfastness ${known.value}${assumed}.`
    const remedy: Remedy = { kind: 'show-place', placeId, words: `Show ${placeId}` }
    return [{ code: 'fugitive', weight: 'worth a look', message, remedy }]
  })
}

/** One line for all of them: which paints need caution; why is said on each. The label comes first. */
function cautions(planned: Planned[]): Finding[] {
  const careful = planned.flatMap(({ placeId, view }) => {
    const { isMild, forChildren, unknown } = cautionsOfCodes(view.paint.pigments, referenceOf(view.paint))
    return !isMild ? [{ placeId, name: view.paint.name, forChildren, unknown }] : []
  })
  const first = careful[0]
  if (!first) return []
  const places = careful.map((c) => c.placeId).join(', ')
  const ruledOut = careful.some((c) => c.forChildren === 'no') ? ' Not a palette for a child.' : ''
  const notKnown = unknownInWords([...new Set(careful.flatMap((c) => c.unknown))])
  const needs = careful.length === 1 ? `${first.name} (${places}) needs caution` : `Paints that need caution: ${places}`
  return [
    {
      code: 'needs-caution',
      weight: 'note',
      message: [`${needs}; open a paint to read why.${ruledOut}`, ...(notKnown ? [notKnown] : [])].join(' '),
      remedy: { kind: 'show-place', placeId: first.placeId, words: `Show ${first.placeId}` },
    },
  ]
}

function room({ palette }: PaletteQuestion, planned: Planned[]): Finding[] {
  const total = palette.holder.places.length
  const reserved = palette.holder.places.filter((p) => planAt(palette, p.id)?.reserved !== undefined).length
  const left = total - planned.length - reserved
  const kept = reserved ? `, ${reserved} reserved` : ''
  if (left > 0) return [{ code: 'places-left', weight: 'note', message: `${left} of ${total} places left${kept}.` }]
  return [
    {
      code: 'full',
      weight: 'note',
      message: reserved ? `No place left: ${planned.length} planned${kept}.` : `All ${total} places are planned.`,
    },
  ]
}
