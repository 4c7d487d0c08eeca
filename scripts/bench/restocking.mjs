// What buying and use take: a plan of purchases on a large problem, a review of many paintings, needs of a large collection.
import loadHighs from 'highs'
import { line, ms } from './tools.mjs'

/** Paints at a few shops, and sets of some of them; what they cost is made up. */
function madeUp(paints, shops, sets, periods) {
  const keys = Array.from({ length: paints }, (_, i) => `p${i}`)
  const singles = keys.flatMap((key, i) =>
    Array.from({ length: shops }, (_, s) => ({
      id: `${key} ${s}`,
      shop: `s${s}`,
      minor: 500 + ((i * 137 + s * 61) % 1200),
      covers: [key],
      spare: 0,
    })),
  )
  const bundles = Array.from({ length: sets }, (_, i) => {
    const covers = keys.filter((_, k) => (k * 7 + i * 13) % 11 < 2).slice(0, 6)
    return { id: `set ${i}`, shop: `s${i % shops}`, minor: covers.length * 520, covers, spare: 6 - covers.length }
  })
  return {
    needs: keys.map((key, i) => ({ key, weight: 10 + ((i * 31) % 80) })),
    offers: [...singles, ...bundles],
    shops: Array.from({ length: shops }, (_, s) => ({ id: `s${s}`, delivery: 390 + 50 * s, freeFrom: 6000 })),
    budget: { minor: 2500, periods, carries: true, over: 0 },
  }
}

export async function benchRestocking(vite) {
  const load = (path) => vite.ssrLoadModule(path)
  const { planPurchases, solveWithHighs } = await load('/core/src/restocking/index.ts')
  const { firstPlan } = await load('/core/src/restocking/firstPlan.ts')
  const { reviewPalette } = await load('/core/src/using/index.ts')
  const highs = await loadHighs()
  const solve = (model, options) => Promise.resolve(solveWithHighs(highs, model, options))
  for (const [paints, shops, sets, periods] of [
    [12, 2, 3, 8],
    [60, 3, 12, 12],
    [300, 5, 150, 26],
  ]) {
    const problem = madeUp(paints, shops, sets, periods)
    let begun = performance.now()
    firstPlan(problem)
    const first = performance.now() - begun
    begun = performance.now()
    const plan = await planPurchases(problem, { order: 'best value', solve })
    const gap = plan.bound
      ? `, at most ${(100 * (1 - plan.figures.value / plan.bound)).toFixed(1)} % from the best`
      : ''
    line(
      `purchases, ${paints} paints, ${shops} shops, ${sets} sets, ${periods} periods: first plan, all (asked: 200 ms, 5 s)`,
      `${ms(first)}, ${ms(performance.now() - begun)}: ${plan.state}${gap}`,
    )
  }
  const places = Array.from({ length: 36 }, (_, i) => `A${i}`)
  const sittings = Array.from({ length: 2000 }, (_, n) => ({
    entryId: `s${n}`,
    event: {
      kind: 'sitting',
      day: new Date(n * 864e5).toISOString().slice(0, 10),
      paletteId: 'tin',
      words: '',
      used: Array.from({ length: 9 }, (_, k) => ({ vessel: { vesselId: 'x' }, paintId: `p${(n * 7 + k * k) % 36}` })),
    },
  }))
  const palette = {
    holder: { places: places.map((id) => ({ id })) },
    plan: Object.fromEntries(places.map((id, i) => [id, { paintId: `p${i}` }])),
  }
  const begun = performance.now()
  reviewPalette({ palette, state: new Map(), sittings, today: '2026-01-01' })
  line('review of 2,000 paintings of nine colours (asked: 200 ms)', ms(performance.now() - begun))
}
