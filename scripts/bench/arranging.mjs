// Arrangements of trays of 24 and 64 wells: the first answer, the whole search, an exchange scored anew, and how far many
// more runs would still come.
import { line, ms } from './tools.mjs'

const BLEND = { wheel: 1, 'clean yellows': 0.7, 'look-alikes': 0.5, complements: 0.4, textures: 0.4 }

export function benchArranging(core) {
  const usable = core.REFERENCE_PIGMENTS.filter((p) => p.kind !== 'effect' && p.code)
  for (const places of [24, 64]) {
    const holder = core.HOLDERS.find((h) => h.places.length === places && h.places[0].container === 'well')
    const paints = Array.from({ length: places - 2 }, (_, i) => {
      const p = usable[Math.floor((i * 7919) % usable.length)]
      return { id: `${i}`, v: 2, maker: '', name: p.names[0], pigments: [p.code] }
    })
    const plan = Object.fromEntries(paints.map((p, i) => [holder.places[i].id, { paintId: p.id }]))
    const palette = { id: 'p', v: 1, name: '', use: 'studio', purpose: '', holder, plan }
    const question = { palette, paints, blend: BLEND }
    const begun = performance.now()
    const search = core.arrangePalette(question)
    search.next()
    const first = performance.now() - begun
    const found = core.toTheEnd(search).value
    const whole = performance.now() - begun
    line(`arrange ${places} wells: first answer; whole search`, `${ms(first)}; ${ms(whole)}`)
    const problem = new core.ArrangeProblem({ ...question, palette: { ...palette, plan: found.plan } })
    const own = core.costOf(problem.problem, problem.start)
    const scored = performance.now()
    for (let i = 0; i < 20; i += 1) problem.scoresOf(problem.start)
    line('... the scores of a plan after a move by hand', ms((performance.now() - scored) / 20))
    let best = own
    for (let seed = 2; seed <= 4; seed += 1) {
      const more = core.searchAssignment({ problem: problem.problem, start: problem.start, seed, runs: 40, kicks: 10 })
      best = Math.min(best, core.toTheEnd(more).cost)
    }
    line('... from the best of 120 more runs', `${((100 * (own - best)) / Math.abs(best)).toFixed(2)} %`)
  }
}

/** How many pans fit: the answer by blocks, which is there at once, against the smallest tin. */
export function benchPacking(core) {
  const first = (width, height) => {
    const begun = performance.now()
    const { soFar } = core.packTin({ width, height }).next().value
    return { took: performance.now() - begun, half: soFar.onlyHalf.half, full: soFar.onlyFull.full }
  }
  first(60, 45)
  const small = first(110, 65)
  for (const [width, height] of [
    [140, 70],
    [205, 95],
  ]) {
    const { took, half, full } = first(width, height)
    line(
      `pack ${width} x ${height} mm: ${half} half or ${full} full pans, all mixtures`,
      `${ms(took)}, ${(took / small.took).toFixed(1)} times 110 x 65 mm`,
    )
  }
}

/** A plan of filling for 64 wells (asked: 100 ms). */
export function benchFilling(core) {
  const holder = core.HOLDERS.find((h) => h.places.length === 64 && h.places[0].container === 'well')
  const codes = core.REFERENCE_PIGMENTS.filter((p) => p.code).map((p) => p.code)
  const paints = new Map(
    holder.places.map(({ id }, i) => [id, { id, v: 2, maker: '', name: id, pigments: [codes[i % codes.length]] }]),
  )
  const tube = { v: 2, kind: 'tube', millilitres: 15, supply: 'open', remarks: [] }
  const question = {
    palette: { id: 'p', holder, plan: Object.fromEntries(holder.places.map(({ id }) => [id, { paintId: id }])) },
    state: new Map(),
    paint: (id) => paints.get(id),
    stock: { itemsOf: (id) => [1, 2, 3].map((n) => ({ ...tube, id: `${id}${n}`, paintId: id })), left: () => 15 },
    today: '2026-05-01',
    readyBy: '2026-05-04',
    layers: 'thirds',
    order: 'light first',
  }
  const begun = performance.now()
  core.planFilling(question)
  const first = performance.now() - begun
  const again = performance.now()
  for (let i = 0; i < 10; i += 1) core.planFilling(question)
  line(
    'plan the filling of 64 wells: first; again (asked: 100 ms)',
    `${ms(first)}; ${ms((performance.now() - again) / 10)}`,
  )
}
