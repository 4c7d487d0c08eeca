import { byDocument } from '../collection/caches'
import type { Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { referenceOf } from '../film/whichReference'
import { leftInAll } from '../ledger/items'
import { lightfastnessAtBest, propertiesOf } from '../paints/properties'
import { pricePerMillilitre, pricePerMlInWords } from '../paints/reading/price'
import { viewOfPaint } from '../paints/view'
import { cautionsOfCodes, unknownAsClause } from '../pigments/cautions'
import { levelOn, LIGHTFASTNESSES } from '../pigments/scales'
import { counted } from '../units'
import { TWINS_BELOW, twinDifference } from './verdict/tooMuch'

/** What can speak against a paint in use, however lovely it is. */
export const DRAWBACKS = [
  'fades',
  'reformulated',
  'discontinued',
  'caution',
  'in the pan',
  'twin',
  'dear',
  'not vegan',
  'nothing left',
  'running low',
] as const
export type DrawbackKind = (typeof DRAWBACKS)[number]
export interface Drawback {
  kind: DrawbackKind
  words: string
}

export interface DrawbackContext {
  owned: readonly Paint[]
  itemsOf: (paintId: string) => readonly Item[]
  /** ml that should be left in an item. */
  leftIn: (item: Item) => number
  /** Among these a twin is looked for; all that are owned without them. */
  beside?: readonly Paint[]
  /** What one filling of a place takes, ml. */
  filling: number
}

/** A paint this many times as dear as the middle one of the collection is called dear (judgement). */
const DEAR = 2

/** What speaks against a paint in practice, each in words with its figure; nothing where all is well or nothing is known. */
export function drawbacksOf(paint: Paint, context: DrawbackContext): Drawback[] {
  const { owned, itemsOf, leftIn, filling, beside = owned } = context
  const items = itemsOf(paint.id)
  const left = leftInAll(items, leftIn)
  const fills = Math.floor(left / filling + 1e-9)
  const enough = `${left.toFixed(1)} ml left, ${counted(fills, 'filling')}`
  const found: (Drawback | undefined)[] = [
    fading(paint),
    reformulated(paint, owned, enough),
    paint.discontinued ? { kind: 'discontinued', words: `discontinued: ${enough}` } : undefined,
    caution(paint),
    inThePan(paint),
    twin(paint, beside),
    dear(paint, context),
    paint.vegan === false ? { kind: 'not vegan', words: 'recorded as not vegan' } : undefined,
    items.length && left <= 0
      ? { kind: 'nothing left', words: 'nothing at hand to fill from' }
      : items.length && fills < 2
        ? { kind: 'running low', words: enough }
        : undefined,
  ]
  return found.filter((d) => d !== undefined)
}

/** That it fades, by what is recorded or by the pigment at its best. */
export function fading(paint: Paint): Drawback | undefined {
  const known = propertiesOf(paint).lightfastness?.value
  const atBest = known ?? lightfastnessAtBest(paint)
  if (levelOn(LIGHTFASTNESSES, atBest) < 3) return undefined
  return { kind: 'fades', words: known ? `lightfastness ${known}` : `lightfastness ${atBest} at best` }
}

function reformulated(paint: Paint, owned: readonly Paint[], enough: string): Drawback | undefined {
  const same = (p: Paint) =>
    p.id !== paint.id &&
    p.maker.toLowerCase() === paint.maker.toLowerCase() &&
    p.name.toLowerCase() === paint.name.toLowerCase() &&
    (p.formula ?? '') !== (paint.formula ?? '')
  const other = owned.find(same)
  if (!other) return undefined
  const own = paint.formula ? `this is the formula ${paint.formula}` : 'this one says no formula'
  return { kind: 'reformulated', words: `reformulated: ${own}, another is owned; ${enough}` }
}

/** That a paint needs caution, and of what kind; also that nothing is known of one of its codes. */
export function caution(paint: Paint): Drawback | undefined {
  const { isMild, forChildren, lines, unknown } = cautionsOfCodes(paint.pigments, referenceOf(paint))
  if (isMild && forChildren !== 'no') return undefined
  const careful = lines.filter((l) => !l.isMild).map((l) => l.text.split(':')[0]!.toLowerCase())
  const notKnown = unknownAsClause(unknown)
  if (!careful.length && notKnown) return { kind: 'caution', words: notKnown }
  const what = [...new Set(careful), ...(notKnown ? [notKnown] : [])].join('; ')
  return { kind: 'caution', words: `needs caution: ${what || 'read its label'}` }
}

/** That it hardens in a pan. */
export function inThePan(paint: Paint): Drawback | undefined {
  const slow = referenceOf(paint).find((r) => r.inPan?.startsWith('rewets slowly'))
  return slow && { kind: 'in the pan', words: slow.inPan! }
}

function twin(paint: Paint, beside: readonly Paint[]): Drawback | undefined {
  const own = viewOfPaint(paint)
  let nearest: { name: string; difference: number } | undefined
  for (const other of beside) {
    if (other.id === paint.id) continue
    const difference = twinDifference(own, viewOfPaint(other))
    if (difference === undefined || difference >= (nearest?.difference ?? TWINS_BELOW)) continue
    nearest = { name: other.name, difference }
  }
  return nearest && { kind: 'twin', words: `nearly ${nearest.name} (${nearest.difference.toFixed(1)})` }
}

/** What a millilitre of each paint costs, by currency, the cheapest first; the same for every paint that is asked about. */
const pricesIn = byDocument(({ owned, itemsOf }: DrawbackContext): ReadonlyMap<string, readonly number[]> => {
  const prices = new Map<string, number[]>()
  for (const { id } of owned) {
    const price = pricePerMillilitre(itemsOf(id))
    if (price) prices.set(price.currency, [...(prices.get(price.currency) ?? []), price.minor])
  }
  for (const list of prices.values()) list.sort((p, q) => p - q)
  return prices
})

function dear(paint: Paint, context: DrawbackContext): Drawback | undefined {
  const own = pricePerMillilitre(context.itemsOf(paint.id))
  if (!own) return undefined
  const prices = pricesIn(context).get(own.currency) ?? []
  const middle = prices[prices.length >> 1]!
  if (prices.length < 5 || own.minor < DEAR * middle) return undefined
  const times = (own.minor / middle).toFixed(1)
  return {
    kind: 'dear',
    words: `dear: ${pricePerMlInWords(own)} a ml, ${times} times the middle`,
  }
}
