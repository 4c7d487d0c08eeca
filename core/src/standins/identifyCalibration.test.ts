import { expect, it } from 'vitest'
import { gaussian } from '../paints/colourReader'
import { commonnessOf } from '../pigments/trade'
import { REFERENCE_PIGMENTS, isPredicted } from '../pigments/reference'
import type { Paint, Swatch } from '../documents/paint'
import { identifyPaint } from './identifyPaint'

/** A drawer of which every paint was painted out, and a pan of one of them, read with some noise along each axis. */
const OWNED: readonly Paint[] = REFERENCE_PIGMENTS.filter(
  (p) => isPredicted(p) && (commonnessOf(p.code)?.common ?? 0) >= 2,
).map(({ id, code, variant, names, masstone, wash }) => ({
  id,
  v: 2,
  maker: '',
  name: names[0]!,
  pigments: [code],
  ...(variant ? { variants: { [code]: variant } } : {}),
  masstone: { L: masstone.L, a: masstone.a, b: masstone.b, source: 'typed' },
  wash: { L: wash.L, a: wash.a, b: wash.b, source: 'typed' },
}))
const SOURCES: readonly (readonly [noise: number, source: Swatch['source']])[] = [
  [1, 'reader'],
  [2, 'photo'],
  [4, 'typed'],
]

it('a stated share is as often right as it says, within 0.1 in ten bins, for reads with noise 1, 2 and 4', () => {
  const gauss = gaussian(30)
  const bins = Array.from({ length: 10 }, () => ({ said: 0, right: 0, n: 0 }))
  for (const [noise, source] of SOURCES)
    for (const paint of OWNED)
      for (let again = 0; again < 1; again += 1) {
        // a pan is painted out otherwise than the tube was, too
        const read = (s: Swatch): Swatch => ({
          L: Math.max(0, Math.min(100, s.L + gauss() * Math.hypot(noise, 1.5))),
          a: s.a + gauss() * Math.hypot(noise, 1.5),
          b: s.b + gauss() * Math.hypot(noise, 1.5),
          source,
        })
        const observed = { masstone: read(paint.masstone!), wash: read(paint.wash!) }
        const found = identifyPaint({ observed, owned: OWNED, count: 20 })
        if (!found.ok) throw new Error(found.error.message)
        for (const { share, paintId } of found.value.candidates) {
          const bin = bins[Math.min(9, Math.floor(share * 10))]!
          bin.said += share
          bin.right += Number(paintId === paint.id)
          bin.n += 1
        }
      }
  // within 0.1, and what so few reads leave open: two standard errors
  for (const { said, right, n } of bins) {
    const share = said / n
    expect(Math.abs(share - right / n)).toBeLessThan(0.1 + 2 * Math.sqrt((share * (1 - share)) / n))
  }
  // it is not hedged: some reads are told almost surely
  expect(bins[9]!.n).toBeGreaterThan(20)
})
