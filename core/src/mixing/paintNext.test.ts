import { describe, expect, it } from 'vitest'
import { ciede2000 } from '../colour/ciede2000'
import { opticsOfPaint } from '../film/paintOptics'
import { colourAt, loadAt, type Optics } from '../film/optics'
import { bodyOf, referenceFilm } from '../film/referenceFilm'
import type { OpticalPaint } from '../film/swatch'
import { gaussian } from '../paints/colourReader'
import { isPredicted, pigmentByCode, REFERENCE_PIGMENTS, type ReferencePigment } from '../pigments/reference'
import { randomFrom } from '../random'
import { toTheEnd } from '../steps'
import { labD65, type LabD65 } from '../units'
import { mixSound } from './mixOptics'
import type { Observation, StrengthNote } from './observations'
import { candidatesOf, NEXT_BOXES, paintNext, type NextBox, type NextPaint, type NextQuestion } from './paintNext'
import { predictMixture } from './predictMixture'
import { asItMixes, learnStrengths } from './strengths'

const must = <T>(r: { ok: true; value: T } | { ok: false; error: { message: string } }): T => {
  if (!r.ok) throw new Error(r.error.message)
  return r.value
}
const opticsOf = (paint: OpticalPaint) => must(opticsOfPaint(paint))
const WHITE = { id: 'white', optics: opticsOf({ pigments: ['PW6'] }) }
const paint = (code: string, seen: NextPaint['seen'] = {}): NextPaint => {
  const { masstone, wash } = pigmentByCode(code)!
  return {
    id: code,
    optics: opticsOf({
      pigments: [code],
      ...(seen.masstone ? { masstone: { ...masstone, source: 'typed' as const } } : {}),
      ...(seen.wash ? { wash: { ...wash, source: 'typed' as const } } : {}),
    }),
    seen,
  }
}
const asked = (question: NextQuestion) => toTheEnd(paintNext(question))

describe('what to paint next', () => {
  it('of paints known by code alone is swatches first, each expected to leave less', () => {
    const { boxes, now } = asked({ paints: ['PY3', 'PR254', 'PB15:3', 'PBr7'].map((c) => paint(c)), white: WHITE })
    expect(boxes.length).toBeGreaterThan(4)
    expect(boxes.length).toBeLessThanOrEqual(NEXT_BOXES)
    // common practice, no source: paint out what you have before you mix it
    expect(['masstone', 'wash']).toContain(boxes[0]!.kind)
    for (const [i, box] of boxes.entries()) expect(box.leaves).toBeLessThan(boxes[i - 1]?.leaves ?? now)
  })
  it('of paints whose swatches are there is how strong they are: a tint, or a mixture', () => {
    const seen = { masstone: true, wash: true }
    const { boxes } = asked({ paints: ['PY3', 'PR254', 'PB15:3'].map((c) => paint(c, seen)), white: WHITE })
    expect(boxes.length).toBeGreaterThan(0)
    expect(boxes.every((b) => b.kind === 'tint' || b.kind === 'mixture')).toBe(true)
    const without = asked({ paints: ['PY3', 'PR254', 'PB15:3'].map((c) => paint(c, seen)) })
    expect(without.boxes.every((b) => b.kind === 'mixture')).toBe(true)
  })
  it('is nothing twice, nothing that was painted, and nothing of no paints', () => {
    const paints = ['PY3', 'PR254', 'PB15:3'].map((c) => paint(c, { masstone: true }))
    const question: NextQuestion = { paints, white: WHITE, noted: [['PR254', 'PY3']] }
    const { boxes } = asked(question)
    const said = boxes.map((b) => JSON.stringify([b.parts, b.water]))
    expect(new Set(said).size).toBe(said.length)
    expect(boxes.some((b) => b.kind === 'masstone')).toBe(false)
    const ofBoth = (b: { parts: { paintId: string }[] }) => b.parts.map((p) => p.paintId).join() === 'PY3,PR254'
    expect(candidatesOf(question).some(ofBoth)).toBe(false)
    expect(asked({ paints: [] })).toEqual({ boxes: [], now: 0 })
  })
})

/** A paint as it is: its pigment's film, bent, stronger or weaker by what nobody told, and a part that does more or less. */
function realPaint(pigment: ReferencePigment, gauss: () => number): Optics {
  const film = referenceFilm(pigment)
  const strength = Math.exp(gauss() * 0.3)
  const bends = [gauss(), gauss(), gauss(), gauss()].map((g) => g * 0.2)
  const bent = (i: number) =>
    bends[0]! * Math.sin(i / 4) +
    bends[1]! * Math.cos(i / 4) +
    bends[2]! * Math.sin(i / 9) +
    bends[3]! * Math.cos(i / 9)
  return {
    K: film.K.map((k, i) => k * strength * Math.exp(bent(i))),
    S: film.S.map((s) => s * Math.exp(bends[0]!)),
    washLoad: film.washLoad * Math.exp(gauss() * 0.3),
    body: bodyOf(pigment),
    perPart: film.perPart * Math.exp(gauss() * 0.4),
  }
}
type Box = Omit<NextBox, 'leaves'>

/** Paints whose truth is hidden, and how far mixtures of them lie from it once some boxes were painted and read. */
class Hidden {
  readonly #truth = new Map<string, Optics>()
  readonly #recorded = new Map<string, OpticalPaint>()
  readonly #seed: number
  readonly ids: string[]
  constructor(seed: number, count: number) {
    this.#seed = seed
    const gauss = gaussian(seed)
    const usable = REFERENCE_PIGMENTS.filter((p) => isPredicted(p) && p.family !== 'white')
    const chosen = Array.from({ length: count }, (_, k) => usable[(seed * 17 + k * 41) % usable.length]!)
    this.ids = chosen.map((p, i) => `${i} ${p.id}`)
    chosen.forEach((pigment, i) => {
      const truth = realPaint(pigment, gauss)
      this.#truth.set(this.ids[i]!, truth)
      const typed = (water: number) => ({ ...this.#seen([[truth, 1]], water, gauss, 1.5), source: 'typed' as const })
      const { code, variant } = pigment
      // a third each: codes alone, a masstone, both swatches
      this.#recorded.set(this.ids[i]!, {
        pigments: [code],
        ...(variant ? { variants: { [code]: variant } } : {}),
        ...(i % 3 > 0 ? { masstone: typed(0) } : {}),
        ...(i % 3 > 1 ? { wash: typed(6) } : {}),
      })
    })
  }
  #seen(parts: [Optics, number][], water: number, gauss: () => number, noise: number): LabD65 {
    const mixed = mixSound(parts.map(([optics, n]) => ({ optics, parts: n })))
    const { L, a, b } = colourAt(mixed, loadAt(mixed, water))
    return labD65(L + gauss() * noise, a + gauss() * noise, b + gauss() * noise)
  }
  #truthOf = (id: string) => (id === WHITE.id ? WHITE.optics : this.#truth.get(id)!)
  question(): NextQuestion {
    const paints = this.ids.map((id): NextPaint => {
      const own = this.#recorded.get(id)!
      return { id, optics: opticsOf(own), seen: { masstone: Boolean(own.masstone), wash: Boolean(own.wash) } }
    })
    return { paints, white: WHITE }
  }
  /** Mean error of all paints and pairs, at masstone and as a wash, once these boxes came back by photograph. */
  errorAfter(boxes: readonly Box[]): number {
    const gauss = gaussian(this.#seed + 1000)
    const paints = new Map([...this.#recorded].map(([id, p]) => [id, { ...p }]))
    const notes: StrengthNote[] = []
    const observations: Observation[] = []
    for (const { kind, parts, water } of boxes) {
      const seen = this.#seen(
        parts.map((p) => [this.#truthOf(p.paintId), p.parts]),
        water,
        gauss,
        1.2,
      )
      const mixture = { paints: parts.map((p) => ({ id: p.paintId, parts: p.parts })), masstone: seen }
      if (kind === 'masstone' || kind === 'wash') {
        const own = paints.get(parts[0]!.paintId)!
        own[kind] = { ...seen, source: 'photo' }
      } else if (kind === 'tint') notes.push({ ...mixture, isTint: true })
      else {
        notes.push(mixture)
        observations.push(mixture)
      }
    }
    const optics = new Map([...paints].map(([id, p]) => [id, opticsOf(p)]))
    const learned = learnStrengths(new Map([...optics, [WHITE.id, WHITE.optics]]), notes)
    const mixes = (id: string) => asItMixes(optics.get(id)!, learned, id)
    let [sum, count] = [0, 0]
    this.ids.forEach((p, i) => {
      for (const q of [undefined, ...this.ids.slice(i + 1)])
        for (const water of [0, 6]) {
          const own = q ? [p, q] : [p]
          const parts = own.map((id) => ({ id, optics: mixes(id), parts: 1 }))
          const guess = must(predictMixture(parts, { water, observations })).lab
          const mixed = mixSound(own.map((id) => ({ optics: this.#truth.get(id)!, parts: 1 })))
          const is = colourAt(mixed, loadAt(mixed, water))
          sum += ciede2000(guess.L, guess.a, guess.b, is.L, is.a, is.b)
          count += 1
        }
    })
    return sum / count
  }
}

it('makes errors fall at least one and a half times as far as as many boxes at random, on hidden truths', () => {
  const random = randomFrom(20_261_201)
  let [ours, theirs] = [0, 0]
  for (let seed = 1; seed <= 6; seed += 1) {
    const hidden = new Hidden(seed, 9)
    const question = hidden.question()
    const before = hidden.errorAfter([])
    const { boxes } = asked(question)
    ours += before - hidden.errorAfter(boxes)
    const all = candidatesOf(question)
    for (let draw = 0; draw < 3; draw += 1) {
      const some = all
        .map((box) => ({ box, at: random() }))
        .sort((p, q) => p.at - q.at)
        .slice(0, boxes.length)
      theirs += (before - hidden.errorAfter(some.map((s) => s.box))) / 3
    }
  }
  expect(ours).toBeGreaterThan(1.5 * theirs)
})
