// What buying and use take: a plan of purchases on a large problem, a review of many paintings, needs of a large collection.
import loadHighs from 'highs'
import { line, ms } from './tools.mjs'

export async function benchRestocking(vite) {
  const load = (path) => vite.ssrLoadModule(path)
  const { planPurchases, solveWithHighs } = await load('/core/src/restocking/index.ts')
  const { firstPlan } = await load('/core/src/restocking/firstPlan.ts')
  const { reviewPalette } = await load('/core/src/using/index.ts')
  const { madeUpPurchases } = await load('/core/src/restocking/madeUpPurchases.fixture.ts')
  const highs = await loadHighs()
  const solve = (model, options) => Promise.resolve(solveWithHighs(highs, model, options))
  for (const [paints, shops, sets, periods] of [
    [12, 2, 3, 8],
    [60, 3, 12, 12],
    [300, 5, 150, 26],
  ]) {
    const problem = madeUpPurchases(paints, shops, sets, periods)
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
