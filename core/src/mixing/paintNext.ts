import { axesAt } from '../colour/axes'
import { WASH_WATER } from '../film/dilution'
import { colourAt, loadAt } from '../film/optics'
import { SOURCE_SD } from '../film/paintOptics'
import { mixSound } from './mixOptics'
import { evenError, waysOff, type DoubtedOptics } from './mixtureError'
import { LEARNED } from './predictMixture'
import { OTHERWISE_SD, TINT_PARTS, TINT_SD } from './strengths'

/** A paint that may be painted out, and what of it was seen already. */
export interface NextPaint {
  id: string
  optics: DoubtedOptics
  seen: { masstone?: boolean; wash?: boolean; tint?: boolean }
}
export interface NextQuestion {
  paints: readonly NextPaint[]
  /** The titanium white that tints are mixed with; without it no tint is named. */
  white?: { id: string; optics: DoubtedOptics }
  /** Pairs of paints that were painted out already, their ids in either order. */
  noted?: readonly (readonly [string, string])[]
  /** At most so many boxes; twelve unless said. */
  most?: number
}
export interface NextBox {
  kind: 'masstone' | 'wash' | 'tint' | 'mixture'
  parts: { paintId: string; parts: number }[]
  water: number
  /** Mean error that is expected of the mixtures once this and the boxes before it are read, CIEDE2000, one standard deviation. */
  leaves: number
}
export interface NextAnswer {
  boxes: NextBox[]
  /** Mean error of the mixtures as it stands. */
  now: number
}

/** So many boxes go on one card. */
export const NEXT_BOXES = 12
/** A box that narrows less than this share of the error is not worth its paint (judgement). */
const WORTH_PAINTING = 0.003
/** Such a note counts to four fifths, see `correctionFor`. */
const NOTED = (1 - LEARNED * 0.8) ** 2
const WATERS = [0, WASH_WATER]

/**
 * What to paint out next: the swatches, tints and mixtures whose reading, by photograph, would narrow most what is
 * expected of the paints alone and in pairs, at masstone and as a wash. Taken one by one, each with those before it read
 * (a greedy choice under a linear model of the errors: Kalman 1960, J. Basic Eng. 82, scalar updates). What a reading
 * narrows is what the application learns from it: a swatch the film, a tint or a mixture how strong a part is.
 *
 * Yields how far it is; deterministic.
 */
export function* paintNext(question: NextQuestion): Generator<{ done: number; of: number }, NextAnswer> {
  const most = question.most ?? NEXT_BOXES
  const state = new Knowledge(question)
  const targets: Target[] = []
  const steps = question.paints.length + most
  for (const [i, one] of question.paints.entries()) {
    yield { done: i, of: steps }
    for (const water of WATERS) {
      targets.push(state.target([one], water))
      for (const other of question.paints.slice(i + 1)) targets.push(state.target([one, other], water))
    }
  }
  const mean = () => targets.reduce((sum, t) => sum + Math.sqrt(state.errorOf(t)), 0) / (targets.length || 1)
  const byPaint = new Map(question.paints.map((p) => [p.id, targets.filter((t) => t.ids.includes(p.id))]))
  const candidates = new Set(candidatesOf(question))
  const now = mean()
  const boxes: NextBox[] = []
  while (boxes.length < most && candidates.size) {
    yield { done: question.paints.length + boxes.length, of: steps }
    let best: { candidate: Candidate; gain: number } | undefined
    for (const candidate of candidates) {
      const touched = [...new Set(candidate.of.flatMap((id) => byPaint.get(id) ?? []))]
      const before = touched.reduce((sum, t) => sum + Math.sqrt(state.errorOf(t)), 0)
      const back = state.read(candidate)
      const gain = before - touched.reduce((sum, t) => sum + Math.sqrt(state.errorOf(t)), 0)
      back()
      if (!best || gain > best.gain + 1e-12) best = { candidate, gain }
    }
    if (!best || best.gain < WORTH_PAINTING * now * targets.length) break
    state.read(best.candidate)
    candidates.delete(best.candidate)
    const { kind, parts, water } = best.candidate
    boxes.push({ kind, parts, water, leaves: mean() })
  }
  return { boxes, now }
}

/** A box that could be painted, and the paints of which it would tell. */
export interface Candidate extends Omit<NextBox, 'leaves'> {
  of: string[]
}

/** Everything that could be painted out of some paints and was not yet. */
export function candidatesOf({ paints, white, noted = [] }: NextQuestion): Candidate[] {
  const alone = (id: string) => [{ paintId: id, parts: 1 }]
  const isNoted = (p: string, q: string) => noted.some(([a, b]) => (a === p && b === q) || (a === q && b === p))
  const singles = paints.flatMap(({ id, seen }): Candidate[] => [
    ...(seen.masstone ? [] : [{ kind: 'masstone' as const, parts: alone(id), water: 0, of: [id] }]),
    ...(seen.wash ? [] : [{ kind: 'wash' as const, parts: alone(id), water: WASH_WATER, of: [id] }]),
    ...(seen.tint || !white || white.id === id
      ? []
      : [
          {
            ...{ kind: 'tint' as const, water: 0, of: [id] },
            parts: [...alone(id), { paintId: white.id, parts: TINT_PARTS }],
          },
        ]),
  ])
  const pairs = paints.flatMap(({ id: p }, i) =>
    paints
      .slice(i + 1)
      .flatMap(({ id: q }): Candidate[] =>
        isNoted(p, q) ? [] : [{ kind: 'mixture', parts: [...alone(p), ...alone(q)], water: 0, of: [p, q] }],
      ),
  )
  return [...singles, ...pairs]
}

/** A colour whose error is to fall: what each way of its paints does to it, in units of CIEDE2000. */
interface Target {
  ids: string[]
  /** By paint: of each shift three numbers, and of its strength. */
  by: { id: string; shifts: Float64Array[]; strength?: Float64Array }[]
  /** What is off besides, before and after a wash of each paint was seen. */
  even: (thinned: ReadonlySet<string>) => number
  key: string
}
interface Known {
  /** Covariance of the film's shifts, by rows; of the strength the share of its variance that is left. */
  film: Float64Array
  ways: number
  strength: number
}

/** What is known of each paint while boxes are tried. */
class Knowledge {
  readonly #paints: ReadonlyMap<string, NextPaint>
  readonly #white: NextQuestion['white']
  readonly #known: Map<string, Known>
  readonly #thinned: Set<string>
  readonly #noted = new Set<string>()
  readonly #seenAs = new Map<string, Target>()

  constructor({ paints, white, noted = [] }: NextQuestion) {
    this.#paints = new Map(paints.map((p) => [p.id, p]))
    this.#white = white
    this.#known = new Map(
      paints.map(({ id, optics }) => {
        const ways = optics.error?.shifts.length ?? 0
        const film = new Float64Array(ways * ways)
        for (let i = 0; i < ways; i += 1) film[i * ways + i] = 1
        return [id, { film, ways, strength: 1 }]
      }),
    )
    this.#thinned = new Set(paints.filter((p) => p.optics.error?.isThinned).map((p) => p.id))
    for (const [p, q] of noted) this.#noted.add(keyOf([p, q], 0))
  }

  target(paints: readonly { id: string; optics: DoubtedOptics }[], water: number, parts?: readonly number[]): Target {
    const shares = paints.map(({ optics }, i) => ({ optics, parts: parts?.[i] ?? 1 }))
    const mixed = mixSound(shares)
    const axes = axesAt(colourAt(mixed, loadAt(mixed, water)))
    const ways = waysOff(shares, water).map((w) => ({
      ...w,
      v: Float64Array.from(axes, (axis) => axis.reduce((sum, x, i) => sum + x * w.v[i]!, 0)),
    }))
    const by = paints.map(({ id, optics }) => {
      const own = ways.filter((w) => w.part.optics.K === optics.K)
      const strength = own.find((w) => w.way === 'strength')?.v
      return { id, shifts: own.filter((w) => w.way !== 'strength').map((w) => w.v), ...(strength ? { strength } : {}) }
    })
    const evens = new Map<string, number>()
    const even = (thinned: ReadonlySet<string>) => {
      const key = paints.map((p) => (thinned.has(p.id) ? '1' : '0')).join('')
      const known = evens.get(key)
      if (known !== undefined) return known
      const error = evenError(
        shares.map(({ optics, parts: n }, i) => ({
          parts: n,
          optics:
            thinned.has(paints[i]!.id) && optics.error
              ? { ...optics, error: { ...optics.error, isThinned: true } }
              : optics,
        })),
        water,
      )
      evens.set(key, error)
      return error
    }
    const ids = paints.map((p) => p.id)
    return { ids, by, even, key: keyOf(ids, water) }
  }

  /** Expected square of a target's error, CIEDE2000. */
  errorOf({ by, even, key }: Target): number {
    let sum = even(this.#thinned)
    for (const { id, shifts, strength } of by) {
      const known = this.#known.get(id)
      if (!known) continue
      sum += spreadOf(known, shifts)
      if (strength) sum += known.strength * squares(strength)
    }
    return this.#noted.has(key) ? sum * NOTED : sum
  }

  /** Takes a box as read. @returns how to take it back. */
  read(candidate: Candidate): () => void {
    const { kind, parts, of } = candidate
    const before = of.map((id) => [id, this.#known.get(id)!] as const)
    const wasThinned = of.map((id) => this.#thinned.has(id))
    const seenAs = this.#targetOf(candidate)
    for (const [i, id] of of.entries()) {
      const known = before[i]![1]
      const own = seenAs.by.find((b) => b.id === id)
      if (!own) continue
      if (kind === 'masstone' || kind === 'wash') {
        this.#known.set(id, { ...known, film: narrowed(known, own.shifts, SOURCE_SD.photo ** 2) })
        if (kind === 'wash') this.#thinned.add(id)
      } else if (own.strength) {
        const noise = (kind === 'tint' ? TINT_SD : OTHERWISE_SD) ** 2
        const tells = known.strength * squares(own.strength)
        this.#known.set(id, { ...known, strength: (known.strength * noise) / (noise + tells) })
      }
    }
    const note =
      kind === 'mixture'
        ? keyOf(
            parts.map((p) => p.paintId),
            0,
          )
        : undefined
    if (note) this.#noted.add(note)
    return () => {
      before.forEach(([id, known], i) => {
        this.#known.set(id, known)
        if (!wasThinned[i]) this.#thinned.delete(id)
      })
      if (note) this.#noted.delete(note)
    }
  }

  #targetOf({ parts, water }: Candidate): Target {
    const key = parts.map((p) => `${p.paintId}*${p.parts}`).join('+') + `@${water}`
    const known = this.#seenAs.get(key)
    if (known) return known
    const paints = parts.flatMap(
      ({ paintId }) => this.#paints.get(paintId) ?? (this.#white?.id === paintId ? [this.#white] : []),
    )
    const target = this.target(
      paints,
      water,
      parts.map((p) => p.parts),
    )
    this.#seenAs.set(key, target)
    return target
  }
}

const keyOf = (ids: readonly string[], water: number) => `${[...ids].sort().join('+')}@${water}`
const squares = (v: Float64Array) => v.reduce((sum, x) => sum + x * x, 0)

/** What the shifts of a film come to in a colour: the sum of its variances. */
function spreadOf({ film, ways }: Known, shifts: readonly Float64Array[]): number {
  let sum = 0
  for (let i = 0; i < ways; i += 1)
    for (let j = 0; j < ways; j += 1) {
      const c = film[i * ways + j]!
      if (c !== 0)
        sum += c * (shifts[i]![0]! * shifts[j]![0]! + shifts[i]![1]! * shifts[j]![1]! + shifts[i]![2]! * shifts[j]![2]!)
    }
  return sum
}

/** Covariance of a film's shifts once a colour of it was read, each axis with some noise. */
function narrowed({ film, ways }: Known, shifts: readonly Float64Array[], noise: number): Float64Array {
  const out = Float64Array.from(film)
  const along = new Float64Array(ways)
  for (let axis = 0; axis < 3; axis += 1) {
    let spread = noise
    for (let i = 0; i < ways; i += 1) {
      along[i] = 0
      for (let j = 0; j < ways; j += 1) along[i]! += out[i * ways + j]! * shifts[j]![axis]!
    }
    for (let i = 0; i < ways; i += 1) spread += along[i]! * shifts[i]![axis]!
    for (let i = 0; i < ways; i += 1)
      for (let j = 0; j < ways; j += 1) out[i * ways + j]! -= (along[i]! * along[j]!) / spread
  }
  return out
}
