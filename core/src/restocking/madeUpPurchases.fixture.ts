import type { PurchaseProblem } from './problem'

/** Invented: paints at a few shops, and sets of some of them, for tests and speeds. */
export function madeUpPurchases(paints: number, shops: number, sets: number, periods: number): PurchaseProblem {
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
  const many = Array.from({ length: sets }, (_, i) => {
    const covers = keys.filter((_, k) => (k * 7 + i * 13) % 11 < 2).slice(0, 6)
    return { id: `set ${i}`, shop: `s${i % shops}`, minor: covers.length * 520, covers, spare: 6 - covers.length }
  })
  return {
    needs: keys.map((key, i) => ({ key, weight: 10 + ((i * 31) % 80) })),
    offers: [...singles, ...many],
    shops: Array.from({ length: shops }, (_, s) => ({
      id: `s${s}`,
      delivery: 390 + 50 * s,
      ...(s ? { freeFrom: 6000 } : {}),
    })),
    budget: { minor: 2500, periods, carries: true, over: 0 },
  }
}
