// What every measurement needs: lines, times, repeatable numbers.
export const line = (name, value) => console.log(`${name.padEnd(68)} ${value}`)
export const ms = (n) => `${n.toFixed(n < 10 ? 2 : 0)} ms`

/** Median and 95th percentile of repeated times, ms. */
export function time(work, runs) {
  const times = Array.from({ length: runs }, (_, i) => {
    const t = performance.now()
    work(i)
    return performance.now() - t
  }).sort((p, q) => p - q)
  return { median: times[times.length >> 1], p95: times[Math.floor(times.length * 0.95)] }
}

/** Numbers from 0 to 1 that are the same every time. */
export function random(seed) {
  let s = seed
  return () => {
    s = (s * 1664525 + 1013904223) % 4294967296
    return s / 4294967296
  }
}
