// The mixing kernel, the index of mixtures and the verdict, against the plain loop over predictMixture.
import { line, ms, time } from './tools.mjs'

const NEAR = 5

export function benchReach(core) {
  const usable = core.REFERENCE_PIGMENTS.filter(core.isPredicted)
  const film = (p) => {
    const optics = core.opticsOfPaint({
      pigments: [p.code],
      ...(p.variant ? { variants: { [p.code]: p.variant } } : {}),
    })
    return { id: p.id, optics: optics.value }
  }
  const spread = (n) => {
    const films = Array.from({ length: n }, (_, i) => film(usable[Math.floor((i * usable.length) / n) % usable.length]))
    return films.map((f, i) => ({ ...f, id: `${i} ${f.id}` }))
  }
  const paints = spread(60)
  const optics = paints.map((p) => p.optics)

  // one evaluation: a mixture at one load
  const loop = time((i) => {
    for (let n = 0; n < 40; n += 1)
      core.predictMixture([
        { optics: optics[(i + n) % 60], parts: 3 },
        { optics: optics[(i * 7 + n + 1) % 60], parts: 2 },
        { optics: optics[(i * 13 + n + 2) % 60], parts: 1 },
      ])
  }, 30).median
  // predictMixture looks at ten waters besides masstone and wash
  const plainLoop = (40 * 1000) / loop
  const cubes = time((i) => {
    for (let n = 0; n < 400; n += 1) {
      const mixed = core.mixOptics([
        { optics: optics[(i + n) % 60], parts: 3 },
        { optics: optics[(i * 7 + n + 1) % 60], parts: 2 },
        { optics: optics[(i * 13 + n + 2) % 60], parts: 1 },
      ])
      core.colourAt(mixed.value, 0.5)
    }
  }, 20).median
  const tightLoop = (400 * 1000) / cubes
  const kernelRate = (plain) => {
    const kernel = new core.MixtureKernel(optics, core.targetGrid([], 1), plain)
    const first = core.ratioGroups().first[3]
    const took = time((i) => {
      for (let n = 0; n < 300; n += 1) kernel.mix([(i + n) % 57, 58, 59], first + (n % 7))
    }, 20).median
    return (300 * 48 * 1000) / took
  }
  const [fast, plain] = [kernelRate(false), kernelRate(true)]
  const million = (n) => `${(n / 1e6).toFixed(2)} million a second`
  line('mixtures, plain loop over predictMixture', million(plainLoop))
  line('mixtures, mixOptics and one colour', million(tightLoop))
  line('mixtures, kernel in TypeScript', `${million(plain)}, ${(plain / plainLoop).toFixed(0)} times the plain loop`)
  line(
    'mixtures, kernel in WebAssembly (asked: 40 times)',
    `${million(fast)}, ${(fast / plainLoop).toFixed(0)} times the plain loop, ${(fast / tightLoop).toFixed(0)} times mixOptics and one colour`,
  )

  const table = core.EVERYTHING
  const indexOf = (list, previous) =>
    core.toTheEnd(core.mixtureIndex({ paints: list, table, near: NEAR, previous })).value
  indexOf(spread(8))
  for (const [n, asked] of [
    [24, ''],
    [60, ' (asked: 2 s)'],
    [150, ' (asked: 20 s, two cores)'],
  ]) {
    const list = spread(n)
    const begun = performance.now()
    const index = indexOf(list)
    const took = performance.now() - begun
    line(`index of ${n} paints, one core${asked}`, `${ms(took)}, ${(core.bytesOf(index) / 1e6).toFixed(1)} MB`)
  }
  const index = indexOf(paints)
  const changed = paints.map((p, i) => (i === 31 ? { id: p.id, optics: { ...p.optics, perPart: 1.3 } } : p))
  line('one paint of 60 changed (asked: 200 ms)', ms(time(() => indexOf(changed, index), 3).median))

  const weights = new Float64Array(index.count).fill(1)
  const ids = paints.map((p) => p.id)
  const palette = ids.slice(0, 24)
  const whole = time(() => new core.PaletteReach(index, weights).become(palette), 20).median
  const reach = new core.PaletteReach(index, weights)
  reach.become(palette)
  const one = time((i) => {
    const other = [...palette.slice(0, 23), ids[24 + (i % 30)]]
    reach.become(other)
  }, 60).median
  line(
    'a palette of 24 counted, from the beginning and by one change',
    `${ms(whole)}, ${ms(one)}: ${(whole / one).toFixed(0)} times`,
  )
  const gains = time(() => ids.slice(24).map((id) => reach.gainOf(id)), 20).median
  line('what 36 candidates would bring', ms(gains))

  const holder = core.HOLDERS.find((h) => h.id === 'tin-24-half')
  const collection = usable.slice(0, 60).map((p, i) => ({
    id: `p${i}`,
    v: 1,
    maker: 'A',
    name: p.names[0],
    pigments: [p.code],
    ...(p.variant ? { variants: { [p.code]: p.variant } } : {}),
  }))
  const plan = (shift) =>
    Object.fromEntries(holder.places.map((place, i) => [place.id, { paintId: `p${i === 5 ? 25 + shift : i * 2}` }]))
  const assess = (shift, complete) => {
    const palette_ = { id: 'p', v: 1, name: 'T', use: 'travel', purpose: '', holder, plan: plan(shift) }
    const begun = performance.now()
    let first
    for (const step of core.assessPalette({ palette: palette_, paints: collection, complete }))
      if (first === undefined && step.soFar?.brings) first = performance.now() - begun
    return { first, all: performance.now() - begun }
  }
  assess(0, true)
  const answers = Array.from({ length: 8 }, (_, i) => assess(1 + i * 2, false))
  const middle = (pick) => answers.map(pick).sort((p, q) => p - q)[4]
  line(
    'verdict after one change of 24 (asked: first 100 ms, all 500 ms)',
    `first figures ${ms(middle((a) => a.first))}, all ${ms(middle((a) => a.all))}`,
  )

  const [width, height] = [4000, 3000]
  const data = new Uint8ClampedArray(width * height * 4)
  for (let i = 0; i < data.length; i += 4) {
    const at = (i / 4) % width
    data[i] = (at * 7) % 255
    data[i + 1] = ((i / 4 / width) * 3) % 255
    data[i + 2] = (at + i / 4 / width) % 255
    data[i + 3] = 255
  }
  const took = time(
    () => core.toTheEnd(core.extractTargets({ pictures: [{ width, height, data }], name: 'x' })),
    3,
  ).median
  line('a photograph of 12 megapixels to targets (asked: 2 s)', ms(took))
}
