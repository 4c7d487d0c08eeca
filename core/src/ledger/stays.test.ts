import { describe, expect, it } from 'vitest'
import { contentInWords, isMixed, mainPaintOf, portionsOf, topPaintOf, type Content } from './stays'

const layer = (paintId: string, day: string, millilitres = 1, dryingDays = 5) => ({
  entryId: `${paintId}-${day}`,
  itemId: `t-${paintId}`,
  paintId,
  day,
  millilitres,
  dryingDays,
})
const content = (...layers: ReturnType<typeof layer>[]): Content => ({ layers, dryFrom: '2026-07-01' })
const words = (c: Content) => contentInWords(c, (id) => id.toUpperCase())

describe('what lies in a vessel, in words', () => {
  it('is one paint however often it was topped up', () => {
    expect(words(content(layer('sienna', '2026-05-01'), layer('sienna', '2026-06-01')))).toBe('SIENNA')
  })
  it('is layers where the one below was dry, the top one first', () => {
    const c = content(layer('sienna', '2026-05-01', 2), layer('umber', '2026-05-06', 0.5))
    expect([words(c), isMixed(c)]).toEqual(['UMBER over SIENNA', false])
    expect([topPaintOf(c), mainPaintOf(c)]).toEqual(['umber', 'sienna'])
    expect(portionsOf(c)).toEqual([
      { paintId: 'sienna', millilitres: 2 },
      { paintId: 'umber', millilitres: 0.5 },
    ])
  })
  it('is a mixture where it was wet still, by a day', () => {
    const c = content(layer('sienna', '2026-05-01'), layer('umber', '2026-05-05'))
    expect([words(c), isMixed(c)]).toEqual(['SIENNA and UMBER, mixed', true])
  })
  it('names each of several once', () => {
    const c = content(layer('a', '2026-01-01'), layer('b', '2026-02-01'), layer('a', '2026-03-01'))
    expect(words(c)).toBe('A over B')
  })
})
