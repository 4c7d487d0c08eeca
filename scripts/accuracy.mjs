// How accurate core is, on films and photographs with known truth: writes docs/accuracy.md. Seeded; the same every time.
import { writeFile } from 'node:fs/promises'
import spectral from 'spectral.js'
import { createServer } from 'vite'
import { classics } from './accuracy/classics.mjs'
import { learned } from './accuracy/learned.mjs'
import { coverage } from './accuracy/coverage.mjs'
import { doubts } from './accuracy/doubts.mjs'
import { photographs } from './accuracy/photographs.mjs'
import { named, swatch } from './accuracy/recorded.mjs'

const WHAT_THIS_CANNOT_SHOW = [
  '**What this cannot show.** No measured films of watercolour were to be had: the truth below is a model',
  "too (films of the reference's pigments, each bent, shifted, stronger or weaker, and thinned by amounts",
  'that the fit is not told). It shows what the fit loses, not how well two-constant Kubelka-Munk describes',
  'a given paint. Real paint adds granulation, dry-down and paper. Keep notes of real mixtures: they correct',
  'the predictions.',
].join(' ')
const vite = await createServer({
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
  optimizeDeps: { noDiscovery: true },
})
const core = await vite.ssrLoadModule('/core/src/index.ts')
const { gaussian } = await vite.ssrLoadModule('/core/src/paints/colourReader.ts')
const pairs = await vite.ssrLoadModule('/core/tests/published/mixtures.ts')
const trade = await vite.ssrLoadModule('/core/tests/published/trade.ts')
const classic = await vite.ssrLoadModule('/core/tests/published/classics.ts')
const { buildDemo } = await vite.ssrLoadModule('/server/demo/build.ts')
const km = await vite.ssrLoadModule('/core/src/film/kubelkaMunk.ts')
const sheet = await vite.ssrLoadModule('/core/src/film/sheet.ts')
const { labOfReflectance } = await vite.ssrLoadModule('/core/src/colour/tristimulus.ts')
const usable = core.REFERENCE_PIGMENTS.filter(core.isPredicted)
const far = (p, q) => core.ciede2000(p.L, p.a, p.b, q.L, q.a, q.b)
const must = (r) => {
  if (!r.ok) throw new Error(r.error.message)
  return r.value
}
function stats(list) {
  const s = [...list].sort((p, q) => p - q)
  const at = (x) => s[Math.min(s.length - 1, Math.floor(s.length * x))].toFixed(1)
  return {
    median: at(0.5),
    mean: (s.reduce((a, b) => a + b, 0) / s.length).toFixed(1),
    p95: at(0.95),
    worst: s.at(-1).toFixed(1),
    n: s.length,
  }
}
const row = (name, s) => `| ${name} | ${s.median} | ${s.mean} | ${s.p95} | ${s.worst} | ${s.n} |`
const HEAD = '| | median | mean | 95 % | worst | n |\n|---|---|---|---|---|---|'

/** A real paint: its pigment's film, but stronger or weaker, bent and shifted by amounts that nobody told us. */
function realPaint(pigment, gauss) {
  const film = core.referenceFilm(pigment)
  const strength = Math.exp(gauss() * 0.3)
  const bends = [gauss(), gauss(), gauss(), gauss()].map((g) => g * 0.15)
  const shift = gauss() * 0.5
  const at = (i) => {
    const x = Math.max(0, Math.min(34.999, i - shift))
    const k = Math.floor(x)
    return film.K[k] + (x - k) * (film.K[k + 1] - film.K[k])
  }
  const K = film.K.map((_, i) =>
    Math.min(
      60,
      at(i) *
        strength *
        Math.exp(
          bends[0] * Math.sin(i / 4) +
            bends[1] * Math.cos(i / 4) +
            bends[2] * Math.sin(i / 9) +
            bends[3] * Math.cos(i / 9),
        ),
    ),
  )
  const S = film.S.map((s) => s * Math.exp(bends[0]))
  const washLoad = Math.min(1, Math.max(0.03, film.washLoad * Math.exp(gauss() * 0.3)))
  return { pigment, optics: { K, S, washLoad, body: core.bodyOf(pigment), perPart: film.perPart } }
}
function singles() {
  const lines = []
  for (const [source, sd] of [
    ['reader', 0.35],
    ['photo', 1],
    ['typed', 1.5],
  ]) {
    const gauss = gaussian(11)
    const off = usable.flatMap((pigment) => {
      const { optics } = realPaint(pigment, gauss)
      const paint = {
        ...named(pigment),
        masstone: swatch(core.masstoneOf(optics), sd, gauss, source),
        wash: swatch(core.washOf(optics), sd, gauss, source),
      }
      const fit = core.opticsOfPaint(paint)
      return fit.ok ? [fit.value.residual.masstone, fit.value.residual.wash] : []
    })
    lines.push(row(`${source} (noise ${sd}), tolerance ${core.SOURCE_SD[source]}`, stats(off)))
  }
  return lines
}

const KNOWN = [
  ['pigment known, both swatches', { shape: true, wash: true }],
  ['pigment unknown, both swatches', { shape: false, wash: true }],
  ['pigment known, masstone only', { shape: true, wash: false }],
  ['code only, no swatch', { shape: true, none: true }],
]
function mixtures() {
  const lines = []
  for (const [name, how] of KNOWN) {
    for (const noise of how.none ? [0] : [0, 1.5, 3]) {
      const gauss = gaussian(5)
      const off = []
      for (let t = 0; t < 60; t += 1) {
        const reals = Array.from({ length: 3 }, (_, k) => realPaint(usable[(t * 37 + k * 61) % usable.length], gauss))
        const known = reals.map(({ pigment, optics }) =>
          core.opticsOfPaint({
            ...(how.shape ? named(pigment) : { pigments: [] }),
            ...(how.none ? {} : { masstone: swatch(core.masstoneOf(optics), noise, gauss, 'typed') }),
            ...(how.wash ? { wash: swatch(core.washOf(optics), noise, gauss, 'typed') } : {}),
          }),
        )
        if (known.some((k) => !k.ok)) continue
        for (const parts of [
          [1, 1, 0],
          [3, 1, 0],
          [0, 1, 2],
          [2, 1, 1],
        ]) {
          const [truth, guess] = [reals.map((r) => r.optics), known.map((k) => k.value)].map((o) =>
            must(core.predictMixture(o.map((optics, i) => ({ optics, parts: parts[i] })))),
          )
          off.push(far(truth.masstone, guess.masstone), far(truth.wash, guess.wash))
        }
      }
      lines.push(row(`${name}, noise ${noise}`, stats(off)))
    }
  }
  return lines
}
function against() {
  const gauss = gaussian(5)
  const [ours, theirs] = [[], []]
  for (let t = 0; t < 60; t += 1) {
    const reals = Array.from({ length: 3 }, (_, k) => realPaint(usable[(t * 37 + k * 61) % usable.length], gauss))
    const known = reals.map(({ pigment, optics }) =>
      core.opticsOfPaint({
        pigments: [pigment.code],
        masstone: swatch(core.masstoneOf(optics), 1.5, gauss, 'typed'),
        wash: swatch(core.washOf(optics), 1.5, gauss, 'typed'),
      }),
    )
    const screens = reals.map(({ optics }) => new spectral.Color(core.toScreen(core.masstoneOf(optics)).hex))
    if (known.some((k) => !k.ok)) continue
    for (const parts of [
      [1, 1, 0],
      [3, 1, 0],
      [0, 1, 2],
      [2, 1, 1],
    ]) {
      const truth = core.masstoneOf(must(core.mixOptics(reals.map((r, i) => ({ optics: r.optics, parts: parts[i] })))))
      ours.push(
        far(truth, must(core.predictMixture(known.map((k, i) => ({ optics: k.value, parts: parts[i] })))).masstone),
      )
      const mixed = spectral.mix(...screens.map((c, i) => [c, parts[i]]).filter(([, p]) => p > 0))
      theirs.push(far(truth, must(core.fromHex(mixed.toString()))))
    }
  }
  return [
    row('this model, pigment known, both swatches, noise 1.5', stats(ours)),
    row('spectral.js 3.0.0 on the masstones as sRGB', stats(theirs)),
  ]
}

function sheets() {
  const colours = usable
    .filter((p) => core.toScreen(p.masstone).shown && core.toScreen(p.wash).shown)
    .slice(0, 45)
    .flatMap((p) => [p.masstone, p.wash])
  const conditions = [
    ['flat scan', {}],
    ['noise 3 %', { noise: 0.03 }],
    ['tilted', { tilt: 0.25 }],
    ['uneven light', { uneven: 0.5 }],
    ['warm light', { light: [1, 0.85, 0.62] }],
    ['a telephone’s tone curve', { tone: 0.15 }],
    ['all of it', { noise: 0.03, tone: 0.1, tilt: 0.18, uneven: 0.45, light: [1, 0.88, 0.7] }],
    ['grid laid 3 pixels off', { noise: 0.02, off: 3 }],
  ]
  return conditions.map(([name, { off = 0, ...how }]) => {
    const all = []
    for (let seed = 1; seed <= 3; seed += 1) {
      const sheet = must(core.simulateSheet(colours, 10, 1600, 1200, { ...how, seed }))
      const reading = must(
        core.readSwatchSheet({ ...sheet, corners: sheet.corners.map(({ x, y }) => ({ x: x + off, y: y - off })) }),
      )
      reading.cells.forEach((cell, i) => {
        if (colours[i]) all.push(far(cell.lab, colours[i]))
      })
    }
    return row(name, stats(all))
  })
}

const facts = [
  ['PB29', 'PBr7 burnt sienna'],
  ['PB15:3', 'PO71'],
  ['PG7', 'PV19 rose'],
  ['PG7', 'PR83'],
  ['PG18', 'PR83'],
  ['PB35', 'PBr7 burnt sienna'],
  ['PB36', 'PBr7 burnt sienna'],
]
function neutrals() {
  return facts.map(([one, other]) => {
    const rows = pairs.row(one, other)
    const { parts, masstone } = pairs.least(rows, 'masstone')
    const wash = pairs.least(rows, 'wash').wash.C
    return `| ${one} + ${other} | ${parts.join(':')} | ${masstone.C.toFixed(1)} | ${masstone.L.toFixed(0)} | ${wash.toFixed(1)} |`
  })
}

const WHAT_WAS_STATED = [
  'Beside a prediction stand two figures: half of such predictions lie within the first, nineteen in',
  'twenty within the second. They are worked out: what the fit leaves open of each film, the strength of a part and the',
  'water, carried to the colour. Below, how many lay within the one and within the other, first pooled over all truths.',
].join(' ')
const WHICH_RULES = [
  'All these truths share: Kubelka-Munk films, the pigments of the reference with films bent by some 20 %, a masstone',
  'laid a third thicker or thinner, a wash counted to a fifth. These share no more than that: cream paper of which the',
  'fit is not told, another surface, water that does not thin by its parts (its load to the power 1.25), films that',
  'granulate (the mean over a spread of loads), other scattering (half as much again, and its slope). Swatches are noisy by',
  'what the program itself says of their source.',
].join(' ')
const WHICH_DOUBTS = [
  'A pair is doubted when one honest pair in a hundred would come out as unlikely. Mistaken are a pair that belongs to',
  'another paint (two labels exchanged), and a wash that does. Nothing chosen: partners are as the table has them.',
].join(' ')
const covered = coverage({ core, km, sheet, labOfReflectance, gaussian })
const doubted = doubts({ core, km, sheet, labOfReflectance, gaussian })

const FACTS_SHOWN = [
  `Of ${trade.FACTS.length} facts of the trade about mixtures, written down from memory before they were`,
  `run, the reference's films show ${trade.FACTS.filter((f) => f.holds()).length}`,
  '(`core/tests/published/trade.ts`). Missed:',
].join(' ')

const classicsText = classics({ core, classic, paint: pairs.paint, demo: buildDemo('2026-06-01').paints })

const WHAT_IS_TAUGHT = [
  'Paints known from both swatches whose strength in mixtures is not what those let expect (a factor of 1.5 either',
  'way is one standard deviation). A tint test is one part in ten of titanium white; the notes are of three',
  'mixtures other than those asked for.',
].join(' ')

const text = `# Accuracy

Written by \`node scripts/accuracy.mjs\`; do not edit. All differences are CIEDE2000 under D65, 2 degree. Seeds are fixed.

${WHAT_THIS_CANNOT_SHOW}

## Single paints: how far the fitted film lies from the recorded swatches

${HEAD}
${singles().join('\n')}

## Mixtures of two and three paints, masstone and wash together

${HEAD}
${mixtures().join('\n')}

A wash swatch is worth more than a better measurement of the masstone.

## How often predictions lie within what was stated

${WHAT_WAS_STATED}

| known of the paints | median error | within the first | within the second | n |
|---|---|---|---|---|
${covered.pooled.join('\n')}

${WHICH_RULES}

| known of the paints | truth | no water | within | 2 parts | within | 6 parts | within |
|---|---|---|---|---|---|---|---|
${covered.rows.join('\n')}

Rows with less than 30 or more than 75 % within the first figure, or less than 88 % within the second:

${covered.named.map((line) => `- ${line}`).join('\n')}

## How often swatches are doubted

${WHICH_DOUBTS}

| source | truth | honest pairs | another paint's pair | another paint's wash |
|---|---|---|---|---|
${doubted.join('\n')}

## What tint tests and notes of real mixtures teach

${WHAT_IS_TAUGHT}

${HEAD}
${learned({ core, gaussian, row, stats, must }).join('\n')}

## Beside an independent, general-purpose mixing library

The same mixtures, masstones only. The library mixes colours as they stand on a screen; it knows neither pigments nor washes, and was not made for paint films.

${HEAD}
${against().join('\n')}

## Neutrals that painters know (common practice, no source)

${FACTS_SHOWN}

${[...trade.MISSED].map(([says, why]) => `- ${says}: ${why}.`).join('\n')}

${classicsText}

Below, the least chroma on the way from one to the other, reference pigments, parts up to 8:1.

| pair | parts | least C* at masstone | its L* | least C* in the wash |
|---|---|---|---|---|
${neutrals().join('\n')}

## Photographed sheets with known truth

90 cells in 9 rows, three seeds each, colours that sRGB can hold.

${HEAD}
${sheets().join('\n')}

A scan, or a photograph developed without a tone curve, is read best; boxes of known colour take the curve out again.

## Photographs of printed sheets, found and checked

${(await photographs({ vite, core, must, far })).join('\n')}
`
await writeFile(new URL('../docs/accuracy.md', import.meta.url), text)
await vite.close()
