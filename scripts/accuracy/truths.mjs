// Paint as it may be: films that the model shares its rules with, and films that it does not.

/** Cream paper: less light at short wavelengths; a shinier surface: Saunderson k1 0.04, k2 0.4. */
const CREAM = Array.from({ length: 36 }, (_, i) => 0.93 * (0.86 + 0.13 * Math.min(1, i / 20)))
const SHINY = { k1: 0.04, k2: 0.4 }

export const TRUTHS = {
  'other bends of the spectra': { shares: true },
  'other, narrower bumps': { shares: true, bumps: true },
  'hidden strength of 30 % a part': { shares: true, hidden: 0.3 },
  'cream paper, shinier surface, told': { shares: true, cream: true, told: true },
  'cream paper, shinier surface, not told': { cream: true },
  'another surface': { surface: { k1: 0.03, k2: 0.3 } },
  'water that does not thin by its parts': { power: 1.25 },
  'granulating films': { grains: 0.6 },
  'other scattering': { scatter: true },
}

export function world({ core, km, sheet, labOfReflectance }, truth) {
  const surface = truth.cream ? SHINY : (truth.surface ?? sheet.SURFACE)
  const paper = sheet.sheetOf(truth.cream ? Float64Array.from(CREAM) : sheet.PAPER, surface)
  const bare = labOfReflectance(truth.cream ? CREAM : new Float64Array(36).fill(sheet.PAPER))
  const at = ({ K, S }, load) => km.filmOnPaper(K, S, load, paper)
  /** Grains lie thick and thin: the mean of what such places send back. */
  const grained = (film, load) => {
    const places = [-1.2, -0.5, 0, 0.5, 1.2].map((z) =>
      at(film, load * Math.exp(truth.grains * z - truth.grains ** 2 / 4)),
    )
    return places[0].map((_, i) => places.reduce((sum, r) => sum + r[i], 0) / places.length)
  }
  const see = (film, load) =>
    labOfReflectance(truth.grains ? grained(film, load ** (truth.power ?? 1)) : at(film, load ** (truth.power ?? 1)))

  /** A real paint: its pigment's film, but stronger or weaker, bent and thinned by amounts that nobody told us. */
  function realPaint(pigment, gauss) {
    const film = core.referenceFilm(pigment)
    const strength = Math.exp(gauss() * 0.3)
    const bends = [gauss(), gauss(), gauss(), gauss()].map((g) => g * 0.15)
    const peaks = [420, 490, 560, 630].map((nm) => ({ nm: nm + gauss() * 20, height: gauss() * 0.25 }))
    const bent = (i) =>
      truth.bumps
        ? peaks.reduce((sum, { nm, height }) => sum + height * Math.exp(-0.5 * ((380 + 10 * i - nm) / 20) ** 2), 0)
        : bends[0] * Math.sin(i / 4) +
          bends[1] * Math.cos(i / 4) +
          bends[2] * Math.sin(i / 9) +
          bends[3] * Math.cos(i / 9)
    const scatter = truth.scatter ? Math.exp(gauss() * 0.5) : Math.exp(bends[0])
    const slope = truth.scatter ? gauss() * 0.8 : 0
    return {
      pigment,
      K: film.K.map((k, i) => Math.min(60, k * strength * Math.exp(bent(i)))),
      S: film.S.map((s, i) => s * scatter * ((380 + 10 * i) / 550) ** slope),
      washLoad: Math.min(1, Math.max(0.03, film.washLoad * Math.exp(gauss() * 0.2))),
      body: core.bodyOf(pigment),
      perPart: film.perPart,
    }
  }
  return { see, realPaint, on: truth.told ? { L: bare.L, a: bare.a, b: bare.b, ...surface } : undefined }
}
