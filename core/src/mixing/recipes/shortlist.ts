/** Of a shortlist, this share is taken by nearness; the rest by being unlike what is on it already. */
const NEAREST = 0.4

/**
 * Places of at most `count` paints: all, or the first of `nearest` and then, one by one, the paint least
 * like any taken so far (farthest-first, after Gonzalez 1985, Theor. Comput. Sci. 38), since what pulls
 * a mixture over is often far from the target. In rising order.
 *
 * @param K absorption of each paint at the same wavelengths, 0 upward.
 */
export function shortlist(K: readonly Float64Array[], nearest: readonly number[], count: number): number[] {
  if (K.length <= count) return K.map((_, i) => i)
  const logs = K.map((k) => k.map((v) => Math.log(v + 1e-3)))
  const apart = (p: Float64Array, q: Float64Array) => p.reduce((sum, v, i) => sum + (v - q[i]!) ** 2, 0)
  const taken = nearest.slice(0, Math.max(1, Math.round(count * NEAREST)))
  const distance = logs.map((own) => Math.min(...taken.map((t) => apart(own, logs[t]!))))
  while (taken.length < count) {
    const next = distance.reduce((best, d, i) => (d > distance[best]! ? i : best), 0)
    taken.push(next)
    for (let i = 0; i < logs.length; i += 1) distance[i] = Math.min(distance[i]!, apart(logs[i]!, logs[next]!))
  }
  return taken.sort((p, q) => p - q)
}
