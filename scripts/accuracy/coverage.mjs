// How many predictions lie within what was stated, on truths other than those that set the figures.
import { named, swatch } from './recorded.mjs'
import { TRUTHS, world } from './truths.mjs'

const COUNT = 60
const WATERS = [0, 2, 6]
const PARTS = [
  [1, 0, 0],
  [0, 1, 0],
  [1, 1, 0],
  [4, 1, 0],
  [0, 1, 2],
  [0, 1, 8],
  [2, 1, 1],
]

export const KNOWN = {
  'both swatches by a reader': { wash: true, source: 'reader' },
  'both swatches, photographed': { wash: true, source: 'photo' },
  'both swatches, typed': { wash: true, source: 'typed' },
  'masstone only, typed': { source: 'typed' },
  'code only': {},
}
/** Rows within the first figure by less or more than these are named. */
const ODD = [0.3, 0.75]

export function coverage(tools) {
  const { core, gaussian } = tools
  const usable = core.REFERENCE_PIGMENTS.filter(core.isPredicted)
  const far = (p, q) => core.ciede2000(p.L, p.a, p.b, q.L, q.a, q.b)

  /** Of one truth and one way of knowing: what was off and what had been stated, alone and mixed, by water. */
  function trial(how, truth) {
    const gauss = gaussian(17)
    const { see, realPaint, on } = world(tools, truth)
    const noise = how.source ? core.SOURCE_SD[how.source] : 0
    const seen = (real, load) => swatch(see(real, load), noise, gauss, how.source, on)
    const found = []
    for (let n = 0; n < COUNT; n += 1) {
      const reals = [0, 1, 2].map((k) => realPaint(usable[(n * 37 + k * 61 + n * k) % usable.length], gauss))
      const known = reals.map((real) =>
        core.opticsOfPaint({
          ...named(real.pigment),
          ...(how.source ? { masstone: seen(real, 1) } : {}),
          ...(how.wash ? { wash: seen(real, real.washLoad) } : {}),
        }),
      )
      if (known.some((k) => !k.ok)) continue
      for (const parts of PARTS) {
        const does = parts.map((p, i) => p * reals[i].perPart * Math.exp(truth.hidden ? gauss() * truth.hidden : 0))
        const total = does.reduce((sum, p) => sum + p, 0)
        const mix = (of) => reals.reduce((sum, r, i) => sum + (does[i] / total) * of(r), 0)
        const body = mix((r) => r.body)
        const film = {
          K: reals[0].K.map((_, i) => mix((r) => (r.K[i] * body) / r.body)),
          S: reals[0].S.map((_, i) => mix((r) => (r.S[i] * body) / r.body)),
        }
        const thinning = mix((r) => 1 / r.washLoad - 1) / 6
        for (const water of WATERS) {
          const optics = known.map((k, i) => ({ optics: k.value, parts: parts[i] }))
          const said = core.predictMixture(optics, { water }).value
          const off = far(see(film, 1 / (1 + water * thinning)), said.lab)
          found.push({ isSingle: parts.filter(Boolean).length === 1, water, off, ...said.expected })
        }
      }
    }
    return found
  }

  const share = (list, within) => list.filter(within).length / list.length
  const percent = (x) => `${(100 * x).toFixed(x > 0.99 && x < 1 ? 1 : 0)} %`
  const middle = (list) => [...list].sort((p, q) => p - q)[list.length >> 1].toFixed(1)
  const half = (list) => share(list, (f) => f.off <= f.median)
  const most = (list) => share(list, (f) => f.off <= f.most)
  const [rows, pooled, named_] = [[], [], []]
  for (const [known, how] of Object.entries(KNOWN)) {
    const all = []
    for (const [name, truth] of Object.entries(TRUTHS)) {
      const found = trial(how, truth)
      all.push(...found)
      for (const isSingle of [true, false]) {
        const row = `${known}; ${isSingle ? 'alone' : 'mixed'} | ${name}`
        const cells = WATERS.flatMap((water) => {
          const own = found.filter((f) => f.isSingle === isSingle && f.water === water)
          const odd = half(own) < ODD[0] || half(own) > ODD[1] || most(own) < 0.88
          if (odd)
            named_.push(
              `${row.replace(' | ', ', ')}, ${water} parts of water (${percent(half(own))}, ${percent(most(own))})`,
            )
          return [
            `${middle(own.map((f) => f.off))} (stated ${middle(own.map((f) => f.median))})`,
            `${percent(half(own))}, ${percent(most(own))}`,
          ]
        })
        rows.push(`| ${row} | ${cells.join(' | ')} |`)
      }
    }
    const [error, stated] = [middle(all.map((f) => f.off)), middle(all.map((f) => f.median))]
    const within = [half(all), most(all)].map(percent).join(' | ')
    pooled.push(`| ${known} | ${error} (stated ${stated}) | ${within} | ${all.length} |`)
  }
  return { rows, pooled, named: named_ }
}
