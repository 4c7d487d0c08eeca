// What tint tests and notes of real mixtures teach: mixtures of paints whose strength is not what their codes say.
import { named, swatch } from './recorded.mjs'

const COUNT = 60
/** Spread of the hidden strength, natural logarithm: one paint in three does half as much again, or two thirds. */
const HIDDEN = 0.4
const NOISE = 1.5
const NOTES = [
  [1, 1, 0],
  [0, 1, 1],
  [2, 0, 1],
]
const ASKED = [
  [4, 1, 0],
  [1, 3, 0],
  [0, 1, 4],
  [0, 3, 1],
  [1, 0, 4],
  [2, 1, 1],
]

export function learned({ core, gaussian, row, stats, must }) {
  const usable = core.REFERENCE_PIGMENTS.filter((p) => core.isPredicted(p) && p.family !== 'white')
  const white = { id: 'white', parts: core.TINT_PARTS }
  const far = (p, q) => core.ciede2000(p.L, p.a, p.b, q.L, q.a, q.b)
  const off = { nothing: [], 'a tint test each': [], 'three notes': [], 'tint tests and notes': [] }
  const gauss = gaussian(23)
  for (let n = 0; n < COUNT; n += 1) {
    const pigments = [0, 1, 2].map((k) => usable[(n * 37 + k * 61 + n * k) % usable.length])
    const known = pigments.map((pigment) => {
      const film = core.referenceFilm(pigment)
      return must(
        core.opticsOfPaint({
          ...named(pigment),
          masstone: swatch(core.masstoneOf(film), NOISE, gauss, 'typed'),
          wash: swatch(core.washOf(film), NOISE, gauss, 'typed'),
        }),
      )
    })
    const real = pigments.map((pigment) => ({
      ...core.referenceFilm(pigment),
      perPart: core.referenceFilm(pigment).perPart * Math.exp(gauss() * HIDDEN),
    }))
    const titanium = must(core.opticsOfPaint({ pigments: ['PW6'] }))
    const truth = (parts, list = real) =>
      must(core.predictMixture(parts.map((p, i) => ({ optics: list[i], parts: p })).filter(({ parts: p }) => p > 0)))
    const seen = (lab) => swatch(lab, NOISE, gauss, 'typed')
    const tests = real.map((optics, i) => ({
      paints: [{ id: String(i), parts: 1 }, white],
      masstone: seen(truth([1, core.TINT_PARTS], [optics, titanium]).masstone),
      isTint: true,
    }))
    const notes = NOTES.map((parts) => {
      const { masstone, wash } = truth(parts)
      const paints = parts.map((p, i) => ({ id: String(i), parts: p })).filter(({ parts: p }) => p > 0)
      return { paints, masstone: seen(masstone), wash: seen(wash) }
    })
    const optics = new Map([...known.map((o, i) => [String(i), o]), ['white', titanium]])
    for (const [what, evidence] of [
      ['nothing', []],
      ['a tint test each', tests],
      ['three notes', notes],
      ['tint tests and notes', [...tests, ...notes]],
    ]) {
      const strengths = core.learnStrengths(optics, evidence)
      const learnedOptics = known.map((o, i) => core.asItMixes(o, strengths.get(String(i))))
      for (const parts of ASKED) {
        const [is, said] = [truth(parts), truth(parts, learnedOptics)]
        off[what].push(far(is.masstone, said.masstone), far(is.wash, said.wash))
      }
    }
  }
  return Object.entries(off).map(([what, list]) => row(what, stats(list)))
}
