import { wishOf } from '@juxtachrome/core/choosing'
import fc from 'fast-check'
import { expect, it } from 'vitest'
import { hardened, READY_WISHES, toggledWish, wishAmong, wordsOfWish } from './readyWishes'

it('every ready wish is one of the wishes, with one of its values', () => {
  for (const { wish, value } of READY_WISHES)
    expect(
      wishOf(wish)?.options.map((o) => o.value),
      wish,
    ).toContain(value)
})

it('of a kind there is one wish; tapped twice it is gone; a must says so, and nothing else changes', () => {
  fc.assert(
    fc.property(fc.array(fc.constantFrom(...READY_WISHES), { maxLength: 8 }), (taps) => {
      const wishes = taps.reduce(toggledWish, [])
      expect(new Set(wishes.map((w) => w.wish)).size).toBe(wishes.length)
      const last = taps.at(-1)
      if (last) expect(wishAmong(toggledWish(wishes, last), last) === undefined).toBe(Boolean(wishAmong(wishes, last)))
      for (const own of wishes) {
        const hard = hardened(wishes, own, true)
        expect(hard.filter((w) => w.hard).map(wordsOfWish)).toEqual([wordsOfWish(own)])
        expect(hard.map((w) => w.wish)).toEqual(wishes.map((w) => w.wish))
      }
    }),
  )
})
