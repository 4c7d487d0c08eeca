// Films, recipes, charts and sheets.
import { differenceCiede2000 } from 'culori'
import { line, ms, time } from './tools.mjs'

export function benchOptics(core) {
  const usable = core.REFERENCE_PIGMENTS.filter(core.isPredicted)
  const pick = (n) => Array.from({ length: n }, (_, i) => usable[Math.floor((i * usable.length) / n)])
  line(
    'fit a reference pigment, nothing cached',
    ms(time((i) => core.opticsOfPaint({ pigments: [usable[i].code] }), 60).median),
  )
  const paints = pick(48).map((p) => ({ id: p.id, optics: core.referenceFilm(p) }))
  const targets = [
    [55, 20, 25],
    [40, -20, 10],
    [60, -10, -30],
    [35, 5, 5],
    [75, 10, 50],
  ].map(([L, a, b]) => ({ kind: 'colour', lab: core.labD65(L, a, b) }))
  const search = (list, target) => {
    let first
    const begun = performance.now()
    const running = core.searchRecipes({ target, paints: list })
    let step = running.next()
    while (!step.done) {
      first ??= performance.now() - begun
      step = running.next()
    }
    return { first, best: Math.min(...step.value.value.best.map((r) => r.difference)) }
  }

  // the plain way: every triple, every ratio, every load, 36 bands, culori's difference
  const difference = differenceCiede2000()
  const ratios = core.ratiosUpTo(3, 8)
  function plain(list, { lab }) {
    let best = Infinity
    let tried = 0
    for (let i = 0; i < list.length; i += 1)
      for (let j = i + 1; j < list.length; j += 1)
        for (let k = j + 1; k < list.length; k += 1)
          for (const [a, b, c] of ratios) {
            const mixed = core.mixOptics([
              { optics: list[i].optics, parts: a },
              { optics: list[j].optics, parts: b },
              { optics: list[k].optics, parts: c },
            ]).value
            for (const load of core.LOADS) {
              const seen = core.colourAt(mixed, load)
              best = Math.min(
                best,
                difference(
                  { mode: 'lab65', l: seen.L, a: seen.a, b: seen.b },
                  { mode: 'lab65', l: lab.L, a: lab.a, b: lab.b },
                ),
              )
              tried += 1
            }
          }
    return { best, tried }
  }
  const few = paints.filter((_, i) => i % 5 === 0).slice(0, 9)
  const begun = performance.now()
  const regrets = targets.slice(0, 2).map((t) => search(few, t).best - plain(few, t).best)
  plain(few.slice(0, 4), targets[0])
  const rateFrom = performance.now()
  const { tried } = plain(few, targets[0])
  const perTry = (performance.now() - rateFrom) / tried
  line(
    'recipes: worse than trying everything (9 paints, plain loop) by at most',
    `${Math.max(0, ...regrets).toFixed(3)} CIEDE2000 (asked: 0.1); took ${ms(performance.now() - begun)}`,
  )
  line('recipes: worse than trying everything, 30 sets of 8 paints, colours and washes', regretOf(core, usable))
  for (const n of [24, 48]) {
    const list = n === 48 ? paints : paints.filter((_, i) => i % 2 === 0)
    search(list, targets[0])
    const runs = time((i) => search(list, targets[i % targets.length]), 8)
    const whole = ((n * (n - 1) * (n - 2)) / 6) * ratios.length * 4 * perTry
    line(
      `best recipe of up to three of ${n} paints (asked: ${n === 24 ? 150 : 1000} ms)`,
      `${ms(runs.median)}, 95 % ${ms(runs.p95)}; first answer ${ms(search(list, targets[1]).first)}; plain loop / this = ${Math.round(whole / runs.median)} (asked: 20)`,
    )
  }
  const chart = paints.slice(0, 24)
  line(
    '24 x 24 chart of mixtures, masstone and wash (asked: 50 ms)',
    ms(
      time(() => {
        for (const p of chart)
          for (const q of chart) {
            const m = core.mixOptics([
              { optics: p.optics, parts: 1 },
              { optics: q.optics, parts: 1 },
            ]).value
            core.masstoneOf(m)
            core.washOf(m)
          }
      }, 8).median,
    ),
  )
  const sheet = core.simulateSheet(
    usable.slice(0, 48).map((p) => p.masstone),
    8,
    4000,
    3000,
    { tilt: 0.1, uneven: 0.3 },
  ).value
  line(
    'read a sheet of 48 cells from 12 megapixels (asked: 3 s)',
    ms(
      time(() => {
        core.readSwatchSheet(sheet)
      }, 3).median,
    ),
  )
}

/** How much worse the found recipes are than the best of all, over colours near and far from what the paints can do. */
function regretOf(core, usable) {
  const regrets = []
  for (let set = 0; set < 30; set += 1) {
    const paints = Array.from({ length: 8 }, (_, k) => usable[(set * 53 + k * 37 + set * k * 5) % usable.length])
    const list = [...new Set(paints)].map((p) => ({ id: p.id, optics: core.referenceFilm(p) }))
    const wash = usable[(set * 29 + 11) % usable.length].wash
    const colour = core.labD65(25 + ((set * 17) % 65), ((set * 41) % 110) - 50, ((set * 67) % 130) - 50)
    const best = [Infinity, Infinity]
    const targets = [wash, colour]
    const look = (...members) => {
      for (const ratio of core.ratiosUpTo(members.length, 5)) {
        const mixed = core.mixOptics(members.map((m, i) => ({ optics: list[m].optics, parts: ratio[i] }))).value
        for (const load of core.LOADS) {
          const lab = core.colourAt(mixed, load)
          targets.forEach((t, i) => {
            best[i] = Math.min(best[i], core.ciede2000(lab.L, lab.a, lab.b, t.L, t.a, t.b))
          })
        }
      }
    }
    for (let i = 0; i < list.length; i += 1) {
      look(i)
      for (let j = i + 1; j < list.length; j += 1) {
        look(i, j)
        for (let k = j + 1; k < list.length; k += 1) look(i, j, k)
      }
    }
    targets.forEach((lab, i) => {
      const found = core.findRecipes({ target: { kind: 'colour', lab }, paints: list, parts: 5 })
      regrets.push(Math.min(...found.value.best.map((r) => r.difference)) - best[i])
    })
  }
  regrets.sort((p, q) => q - p)
  const over = regrets.filter((r) => r > 0.1).length
  return `at most ${regrets[0].toFixed(2)} CIEDE2000; ${over} of ${regrets.length} above 0.1 (asked: none)`
}
