// The choice of the best paints from a ready index: first answer, how soon within a hundredth of the final one, and its bound.
import { manyPaints } from './invented.mjs'
import { line, ms, time } from './tools.mjs'

const NEAR = 5

/** Who of 300 paints answers a call, with all reasons. */
function benchCalls(core) {
  const paints = manyPaints(300).map((p) => ({ ...p, wash: { ...p.masstone, L: Math.min(99, p.masstone.L + 25) } }))
  const calls = core.METHODS.flatMap((way) => way.calls({ places: 24 }))
  const context = {
    planned: paints.slice(0, 12),
    gains: new Map(paints.map((p) => [p.id, { paintId: p.id, reach: 0.01, worth: 0.01 }])),
    evidence: () => ({ items: 1, palettes: 0 }),
  }
  const { median, p95 } = time((i) => core.rankCall(calls[i % calls.length], paints, context), 60)
  line('candidates of a call among 300 paints: median, 95 %', `${ms(median)}, ${ms(p95)}`)
}

export function benchChoosing(core) {
  benchCalls(core)
  const usable = core.REFERENCE_PIGMENTS.filter(core.isPredicted)
  const spread = (n) =>
    Array.from({ length: n }, (_, i) => usable[Math.floor((i * usable.length) / n)]).map((p, i) => ({
      id: `${i} ${p.id}`,
      optics: core.referenceFilm(p),
    }))
  for (const [n, k] of [
    [20, 8],
    [60, 12],
    [150, 24],
  ]) {
    const paints = spread(n)
    const index = core.toTheEnd(core.mixtureIndex({ paints, table: core.EVERYTHING, near: NEAR })).value
    const weights = Float64Array.from(core.sizesOverAll(index, 3), (s) => (s ? 1 : 0))
    const begun = performance.now()
    const cover = core.coverOf({
      tables: [{ index, weights, share: 1 }],
      paints: paints.map((p) => ({ id: p.id, own: 0 })),
      most: 3,
    })
    const question = { cover, places: k, fixed: [] }
    const found = []
    const search = core.searchChoice(question)
    let best
    for (;;) {
      const step = search.next()
      if (step.value && step.value.worth !== best?.worth) {
        best = step.value
        found.push([performance.now() - begun, best.worth])
      }
      if (step.done) break
    }
    const searched = performance.now() - begun
    const bounds = []
    const proof = core.proveChoice(question, best)
    let end
    for (;;) {
      const step = proof.next()
      bounds.push([performance.now() - begun, step.value.bound])
      if (step.done) {
        end = step.value
        break
      }
    }
    const final = end.best.worth
    const within = found.find(([, worth]) => worth >= 0.99 * final)?.[0]
    const near = (points) => ms(bounds.find(([, bound]) => bound - final < points)?.[0] ?? Infinity)
    line(
      `best ${k} of ${n}: first answer; within 1 % of the final; searched`,
      `${ms(found[0][0])}; ${ms(within ?? Infinity)}; ${ms(searched)}`,
    )
    line(
      `best ${k} of ${n}: bound within 3 points; within 1; at the end`,
      `${near(0.03)}; ${near(0.01)}; ${(100 * (end.bound - final)).toFixed(2)} points after ${ms(bounds.at(-1)[0])}${end.isProven ? ', proven' : ''}`,
    )
  }
}
