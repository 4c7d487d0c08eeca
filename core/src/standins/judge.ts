import { colourDifference } from '../colour/difference'
import { isUsable, type Item } from '../documents/item'
import type { Paint } from '../documents/paint'
import { cachedOptics } from '../film/cachedOptics'
import { errorOfPaint } from '../mixing/mixtureError'
import type { Optics } from '../film/optics'
import type { PaintOptics } from '../film/paintOptics'
import { farthest, mixturesWith } from '../mixing/apart'
import { mixOptics } from '../mixing/mixOptics'
import type { Observation } from '../mixing/observations'
import { predictMixture } from '../mixing/predictMixture'
import { asItMixes, type Learned } from '../mixing/strengths'
import { traitsOfMixture, traitsOfPaint, type Traits, unlikeOf } from '../mixing/unlike'
import { lightfastnessAtBest, propertiesOf } from '../paints/properties'
import { pricePerMillilitre } from '../paints/reading/price'
import { viewOfPaint } from '../paints/view'
import { caution, fading, inThePan } from '../choosing/drawbacks'
import type { LabD65 } from '../units'
import type { Matters } from './matters'
import { isMade, lastingOf } from '../order'
import { pigmentByCode, pigmentById } from '../pigments/reference'
import { paintOfPigment, type Sought } from './sought'
import { isTakable, keeps, losesOf, type Must } from './musts'
import { effortOf, keyOfMixture, type MixtureParts, type StandIn, type StandInKind } from './standIn'

/** What stand-ins are judged by: the palette they go into, what is owned, what was noted. */
export interface StandInContext {
  /** Paints planned in the palette, without the one that is to be replaced. */
  palette: readonly Paint[]
  /** Everything owned. */
  owned: readonly Paint[]
  itemsOf: (paintId: string) => readonly Item[]
  strengths?: Learned
  /** What real mixtures looked like. */
  observations?: readonly Observation[]
  /** Paints that are to be spared, by the brief. */
  spared?: ReadonlySet<string>
}

/** What comes into question, before it is judged. */
export interface Option {
  kind: StandInKind
  paint?: Paint
  mixture?: MixtureParts
  pigment?: string
  /** It is what the trade usually takes, and what is lost by it; the same pigments as of the mixture that is sought. */
  usual?: string
  isSame?: boolean
}

/** Partners of the palette with which a stand-in is tried: at most so many, spread over the wheel. */
const MOST_PARTNERS = 12
/** What is not priced is taken for this much dearer than what is wanted (judgement). */
const UNPRICED = 0.5
/** Points, in CIEDE2000, for what is not a matter of colour (judgement). */
const POINTS = { step: 1, loss: 3, effect: 3, dark: 0.25, pigment: 0.5, mixing: 1.2, place: 2, buying: 3, price: 3 }

/** Judges options against what is sought, in one palette. What does not change from option to option is worked out once. */
export class Judge {
  /** Each with the mixtures of what is wanted. */
  readonly #partners: { id: string; optics: Optics; wanted: LabD65[] }[]
  readonly #here: Set<string>
  readonly #price?: { minor: number; currency: string }
  readonly #byId = new Map<string, Paint>()

  constructor(
    readonly sought: Sought,
    readonly context: StandInContext,
    readonly matters: Matters,
    readonly musts: readonly Must[] = [],
  ) {
    this.#here = new Set(context.palette.map((p) => p.id))
    const own = sought.optics && asItMixes(sought.optics, context.strengths, sought.paint?.id ?? '')
    const partners = context.palette.flatMap((paint) => {
      const optics = this.opticsOf(paint)
      return optics && paint.id !== sought.paint?.id ? [{ id: paint.id, optics }] : []
    })
    const every = Math.max(1, partners.length / MOST_PARTNERS)
    const some = partners.filter((_, i) => Math.floor(i % every) === 0).slice(0, MOST_PARTNERS)
    this.#partners = some.flatMap((partner) => {
      const wanted = own && mixturesWith(own, partner.optics)
      return wanted ? [{ ...partner, wanted }] : []
    })
    this.#price = sought.paint && pricePerMillilitre(context.itemsOf(sought.paint.id))
    for (const paint of [...context.owned, ...context.palette]) this.#byId.set(paint.id, paint)
  }

  /** What a paint does to light as it mixes here; undefined where it cannot be predicted. */
  opticsOf(paint: Paint): PaintOptics | undefined {
    const known = cachedOptics(paint)
    return known.ok ? asItMixes(known.value, this.context.strengths, paint.id) : undefined
  }
  /** Whether a mixture is of paints that lie in the palette. */
  kindOf = (paintIds: readonly string[]): StandInKind =>
    paintIds.every((id) => this.#here.has(id)) ? 'mixture of the palette' : 'mixture of the owned'
  /** A pigment of the reference as if it were sold. */
  asSold(id: string): Paint | undefined {
    const pigment = pigmentById(id) ?? pigmentByCode(id)
    return pigment && paintOfPigment(pigment)
  }
  paint = (id: string): Paint | undefined => this.#byId.get(id)

  /** How near a colour is by itself; infinite where nothing can be compared. */
  alone(one: { masstone?: LabD65; wash?: LabD65 }): StandIn['alone'] {
    const { masstone, wash } = this.sought
    const [m, w] = [masstone && one.masstone, wash && one.wash]
    const differences = [...(m ? [colourDifference(m, masstone!)] : []), ...(w ? [colourDifference(w, wash!)] : [])]
    const mean = Math.sqrt(differences.reduce((sum, d) => sum + d * d, 0) / differences.length)
    return {
      ...(m ? { masstone: colourDifference(m, masstone!) } : {}),
      ...(w ? { wash: colourDifference(w, wash!) } : {}),
      difference: differences.length ? mean : Infinity,
    }
  }

  /** Whether a paint may go into a stand-in at all. */
  mayTake = (paint: Paint): boolean => isTakable(paint, this.musts)

  /** The option judged; undefined where it cannot be compared at all, or does not keep what it must. */
  judge(option: Option): StandIn | undefined {
    const { usual, isSame } = option
    const found = option.mixture
      ? this.#mixture(option, option.mixture)
      : option.paint
        ? this.#paint(option, option.paint)
        : undefined
    if (!found || !keeps(found, this.musts)) return undefined
    return { ...found, ...(usual === undefined ? {} : { usual }), ...(isSame ? { isSame } : {}) }
  }

  #paint({ kind, pigment }: Option, paint: Paint): StandIn | undefined {
    const isSame = kind === 'another item'
    const alone = isSame ? { masstone: 0, wash: 0, difference: 0 } : this.alone(viewOfPaint(paint))
    if (!Number.isFinite(alone.difference)) return undefined
    const optics = this.opticsOf(paint)
    const items = this.context.itemsOf(paint.id).filter(isUsable)
    const price = pricePerMillilitre(this.context.itemsOf(paint.id))
    const inMixtures = isSame ? undefined : this.#inMixtures(optics)
    const expected = optics && errorOfPaint(optics)
    return this.#scored({
      key: pigment ? `buy ${pigment}` : `paint ${paint.id}`,
      kind,
      ...(pigment ? { pigment } : { paintId: paint.id, items: items.map((i) => i.id) }),
      alone,
      ...(inMixtures ? { inMixtures } : {}),
      unlike: isSame ? [] : unlikeOf(traitsOfPaint(paint), this.sought.traits),
      places: this.#here.has(paint.id) || isSame ? 0 : 1,
      ...(price ? { price } : {}),
      risks: pigment ? this.#risksOf(paint) : [...this.#stock(paint, items), ...this.#risksOf(paint)],
      loses: losesOf([paint], price, this.#price),
      ...(expected ? { expected } : {}),
      ...(lastingOf(paint).level === 0 ? { fades: true } : {}),
      score: 0,
      pigments: paint.pigments.length,
    })
  }

  #mixture({ kind }: Option, mixture: MixtureParts): StandIn | undefined {
    const parts = mixture.paints.flatMap(({ id, parts: n }) => {
      const paint = this.paint(id)
      const optics = paint && this.opticsOf(paint)
      return paint && optics ? [{ id, paint, optics, parts: n }] : []
    })
    if (parts.length < mixture.paints.length) return undefined
    const predicted = predictMixture(parts, {
      water: mixture.water,
      ...(this.context.observations ? { observations: this.context.observations } : {}),
    })
    if (!predicted.ok) return undefined
    const { masstone, lab, expected, shares } = predicted.value
    const alone = this.alone({ masstone, wash: lab })
    const inMixtures = this.#inMixtures(asOnePaint(parts))
    const traits: Traits = {
      ...traitsOfMixture(parts.map(({ paint }, i) => ({ paint, share: shares[i]! }))),
      darkest: masstone.L,
    }
    const missing = parts.filter(({ id }) => !this.#here.has(id))
    const prices = parts.map(({ id }) => pricePerMillilitre(this.context.itemsOf(id)))
    const price = priceOfMixture(
      parts.map((p) => p.parts),
      prices,
    )
    return this.#scored({
      key: keyOfMixture(parts.map((p) => p.id)),
      kind,
      mixture,
      alone,
      ...(inMixtures ? { inMixtures } : {}),
      unlike: unlikeOf(traits, this.sought.traits),
      places: missing.length,
      ...(price ? { price } : {}),
      risks: [...new Set(parts.flatMap(({ paint }) => this.#risksOf(paint)))],
      loses: losesOf(
        parts.map(({ paint }) => paint),
        price,
        this.#price,
      ),
      expected,
      ...(parts.some(({ paint }) => lastingOf(paint).level === 0) ? { fades: true } : {}),
      score: 0,
      pigments: new Set(parts.flatMap(({ paint }) => paint.pigments)).size,
    })
  }

  #inMixtures(optics: Optics | undefined): StandIn['inMixtures'] {
    if (!optics) return undefined
    let [sum, count, worst, worstWith] = [0, 0, -1, '']
    for (const { id, optics: partner, wanted } of this.#partners) {
      const mixtures = mixturesWith(optics, partner)
      if (!mixtures) continue
      const apart = farthest(wanted, mixtures)
      sum += apart
      count += 1
      if (apart > worst) [worst, worstWith] = [apart, id]
    }
    return count ? { mean: sum / count, worst, worstWith } : undefined
  }

  #stock(paint: Paint, items: readonly Item[]): string[] {
    if (this.#here.has(paint.id)) return []
    const own = this.context.itemsOf(paint.id)
    if (own.length === 0) return []
    if (items.length === 0) return ['nothing of it is at hand']
    const isLow = items.every((i) => i.remarks.includes('nearly empty'))
    return [...(isLow ? ['nearly empty'] : []), ...(items.every((i) => i.remarks.includes('stiff')) ? ['stiff'] : [])]
  }

  /** What could go wrong with a paint, whatever it stands in for. */
  #risksOf(paint: Paint): string[] {
    const light = propertiesOf(paint).lightfastness?.value ?? lightfastnessAtBest(paint)
    const careful = caution(paint)
    return [
      ...(fading(paint) ? [`${paint.name} fades: lightfastness ${light}`] : []),
      ...(careful ? [`${paint.name} ${careful.words}`] : []),
      ...(inThePan(paint) ? [`${paint.name} hardens in a pan`] : []),
      ...(isMade(paint) ? [] : [`${paint.name}: its pigment is no longer made`]),
      ...(paint.discontinued ? [`${paint.name} is discontinued`] : []),
      ...(this.context.spared?.has(paint.id) ? [`${paint.name} is to be spared`] : []),
    ]
  }

  #scored({ pigments, ...standIn }: StandIn & { pigments: number }): StandIn {
    const { matters } = this
    const { alone, inMixtures, unlike, places, kind, price } = standIn
    const steps = unlike
      .filter((u) => u.trait === 'transparency' || u.trait === 'staining' || u.trait === 'granulation')
      .reduce((sum, u) => sum + u.steps, 0)
    const lost = (trait: string) => unlike.find((u) => u.trait === trait && u.isLoss)?.steps ?? 0
    const score =
      matters.colour * (alone.difference + POINTS.dark * lost('darkest') + POINTS.effect * lost('effect')) +
      matters.mixtures * (inMixtures?.mean ?? alone.difference) +
      matters.behaviour * POINTS.step * steps +
      matters.permanence * POINTS.loss * lost('lightfastness') +
      matters.purity * (POINTS.pigment * Math.max(0, pigments - 1) + POINTS.mixing * (effortOf(standIn) - 1)) +
      matters.staying * (POINTS.place * places + (kind === 'to buy' ? POINTS.buying : 0)) +
      matters.price * POINTS.price * this.#dearer(price)
    return { ...standIn, score }
  }
  /** How much dearer than what is wanted, doublings, from -2 to 2. */
  #dearer(price: StandIn['price']): number {
    const own = this.#price
    if (!price || !own || price.currency !== own.currency) return UNPRICED
    return Math.max(-2, Math.min(2, Math.log2(price.minor / own.minor)))
  }
}

/** A mixture as if it came from one tube: a part of it does what its parts do. */
function asOnePaint(parts: readonly { optics: Optics; parts: number }[]): Optics | undefined {
  const mixed = mixOptics(parts)
  if (!mixed.ok) return undefined
  const all = parts.reduce((sum, p) => sum + p.parts, 0)
  const perPart = parts.reduce((sum, p) => sum + p.parts * (p.optics.perPart ?? 1), 0) / all
  const { K, S, washLoad, body } = mixed.value
  return { K, S, washLoad, perPart, ...(body ? { body } : {}) }
}

/** Of a mixture by parts; undefined where one of its paints has none, or in several currencies. */
function priceOfMixture(parts: readonly number[], prices: readonly StandIn['price'][]): StandIn['price'] {
  const [first] = prices
  if (!first || prices.some((p) => p?.currency !== first.currency)) return undefined
  const all = parts.reduce((sum, n) => sum + n, 0)
  return { currency: first.currency, minor: prices.reduce((sum, p, i) => sum + (p!.minor * parts[i]!) / all, 0) }
}
