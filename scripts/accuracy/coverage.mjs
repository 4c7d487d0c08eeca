// How many predictions lie within what was stated, on truths other than those that set the figures.
import { named, swatch } from './recorded.mjs'

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
/** Cream paper: less light at short wavelengths; a shinier surface: Saunderson k1 0.04, k2 0.4. */
const CREAM = Array.from({ length: 36 }, (_, i) => 0.93 * (0.86 + 0.13 * Math.min(1, i / 20)))

const TRUTHS = {
  'other bends of the spectra': {},
  'other, narrower bumps': { bumps: true },
  'cream paper, shinier surface': { cream: true },
  'hidden strength of 30 % a part': { hidden: 0.3 },
}
const KNOWN = {
  'both swatches by a reader': { wash: true, noise: 0.35, source: 'reader' },
  'both swatches, typed': { wash: true, noise: 1.5, source: 'typed' },
  'masstone only, typed': { noise: 1.5, source: 'typed' },
  'code only': {},
}

export function coverage({ core, km, labOfReflectance, gaussian }) {
  const usable = core.REFERENCE_PIGMENTS.filter((p) => p.kind !== 'effect' && p.kind !== 'dye')
  const far = (p, q) => core.ciede2000(p.L, p.a, p.b, q.L, q.a, q.b)
  const onWhite = ({ K, S }, load) => labOfReflectance(km.filmOnPaper(K, S, load))
  const onCream = ({ K, S }, load) =>
    labOfReflectance(
      Float64Array.from(K, (k, i) => {
        const R = km.filmOver(k, S[i], load, CREAM[i])
        return 0.04 + (0.96 * 0.6 * R) / (1 - 0.4 * R)
      }),
    )

  function realPaint(pigment, gauss, bumps) {
    const film = core.referenceFilm(pigment)
    const strength = Math.exp(gauss() * 0.3)
    const bends = [gauss(), gauss(), gauss(), gauss()].map((g) => g * 0.15)
    const peaks = [420, 490, 560, 630].map((nm) => ({ nm: nm + gauss() * 20, height: gauss() * 0.25 }))
    const bent = (i) =>
      bumps
        ? peaks.reduce((sum, { nm, height }) => sum + height * Math.exp(-0.5 * ((380 + 10 * i - nm) / 20) ** 2), 0)
        : bends[0] * Math.sin(i / 4) +
          bends[1] * Math.cos(i / 4) +
          bends[2] * Math.sin(i / 9) +
          bends[3] * Math.cos(i / 9)
    return {
      pigment,
      K: film.K.map((k, i) => Math.min(60, k * strength * Math.exp(bent(i)))),
      S: film.S.map((s) => s * Math.exp(bends[0])),
      washLoad: Math.min(1, Math.max(0.03, 0.15 * Math.exp(gauss() * 0.2))),
      body: core.bodyOf(pigment),
    }
  }

  function recorded(real, how, see, gauss) {
    const seen = (load) => swatch(see(real, load), how.noise, gauss, how.source)
    return core.opticsOfPaint({
      ...named(real.pigment),
      ...(how.source ? { masstone: seen(1) } : {}),
      ...(how.wash ? { wash: seen(real.washLoad) } : {}),
    })
  }

  /** Of one truth and one way of knowing: what was off and what had been stated, alone and mixed, by water. */
  function trial(how, truth) {
    const gauss = gaussian(17)
    const see = truth.cream ? onCream : onWhite
    const found = []
    for (let n = 0; n < COUNT; n += 1) {
      const reals = [0, 1, 2].map((k) =>
        realPaint(usable[(n * 37 + k * 61 + n * k) % usable.length], gauss, truth.bumps),
      )
      const known = reals.map((r) => recorded(r, how, see, gauss))
      if (known.some((k) => !k.ok)) continue
      for (const parts of PARTS) {
        const does = parts.map((p) => p * Math.exp(truth.hidden ? gauss() * truth.hidden : 0))
        const total = does.reduce((sum, p) => sum + p, 0)
        const mix = (of) => reals.reduce((sum, r, i) => sum + (does[i] / total) * of(r), 0)
        const body = mix((r) => r.body)
        const film = {
          K: reals[0].K.map((_, i) => mix((r) => (r.K[i] * body) / r.body)),
          S: reals[0].S.map((_, i) => mix((r) => (r.S[i] * body) / r.body)),
        }
        const thinning = mix((r) => 1 / r.washLoad - 1) / 6
        for (const water of WATERS) {
          const said = core.predictMixture(
            known.map((k, i) => ({ optics: k.value, parts: parts[i] })),
            { water },
          ).value
          const off = far(see(film, 1 / (1 + water * thinning)), said.lab)
          found.push({ isSingle: parts.filter(Boolean).length === 1, water, off, ...said.expected })
        }
      }
    }
    return found
  }

  const share = (list, within) => `${Math.round((100 * list.filter(within).length) / list.length)} %`
  const middle = (list) => [...list].sort((p, q) => p - q)[list.length >> 1].toFixed(1)
  return Object.entries(KNOWN).flatMap(([known, how]) =>
    Object.entries(TRUTHS).flatMap(([name, truth]) => {
      const found = trial(how, truth)
      return [true, false].map((isSingle) => {
        const cells = WATERS.flatMap((water) => {
          const own = found.filter((f) => f.isSingle === isSingle && f.water === water)
          const [half, most] = [share(own, (f) => f.off <= f.median), share(own, (f) => f.off <= f.most)]
          return [`${middle(own.map((f) => f.off))} (stated ${middle(own.map((f) => f.median))})`, `${half}, ${most}`]
        })
        return `| ${known}; ${isSingle ? 'alone' : 'mixed'} | ${name} | ${cells.join(' | ')} |`
      })
    }),
  )
}
