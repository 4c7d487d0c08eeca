import { describe, expect, it } from 'vitest'
import { heldIndex, holdIndex } from './heldIndexes'
import type { MixtureIndex } from './mixtureIndex'

/** An index that says it takes so many megabytes. */
const ofSize = (megabytes: number) =>
  ({
    sets: Object.fromEntries(
      [1, 2, 3].map((size) => [
        size,
        { starts: { byteLength: 0 }, targets: { byteLength: size === 3 ? megabytes * 1e6 : 0 } },
      ]),
    ),
  }) as unknown as MixtureIndex

describe('indexes at hand', () => {
  it('what is used stays, what was used longest ago goes, and small ones stay however many', () => {
    const small = Array.from({ length: 40 }, (_, i) => `small ${i}`)
    for (const key of small) holdIndex(key, ofSize(1))
    expect(small.every((key) => heldIndex(key))).toBe(true)
    holdIndex('the palette that is open', ofSize(60))
    for (let i = 0; i < 6; i += 1) {
      holdIndex(`another ${i}`, ofSize(60))
      expect(heldIndex('the palette that is open'), `after ${i}`).toBeDefined()
    }
    expect(heldIndex('small 0')).toBeUndefined()
    expect(heldIndex('another 5')).toBeDefined()
  })

  it('one question has all its indexes, however large', () => {
    const keys = Array.from({ length: 8 }, (_, i) => `large ${i}`)
    for (const key of keys) holdIndex(key, ofSize(100))
    expect(keys.every((key) => heldIndex(key))).toBe(true)
  })
})
