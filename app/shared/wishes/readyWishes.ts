import { wishOf } from '@juxtachrome/core/choosing'
import type { BriefWish } from '@juxtachrome/core/documents'

/** A wish as it is said at the table; the whole list of wishes stands beside the palette. */
export interface ReadyWish extends Pick<BriefWish, 'wish' | 'value'> {
  words: string
}

/** Wishes that many have from the start. */
export const READY_WISHES: readonly ReadyWish[] = [
  { wish: 'lightfastness', value: 'very good', words: 'lasting' },
  { wish: 'staining', value: 'lifts', words: 'lifts' },
  { wish: 'granulation', value: 'liked', words: 'granulates' },
  { wish: 'granulation', value: 'disliked', words: 'smooth' },
  { wish: 'transparency', value: 'transparent', words: 'transparent only' },
  { wish: 'pigments', value: 'single', words: 'single pigments' },
  { wish: 'rewetting', value: 'readily', words: 'rewets readily' },
  { wish: 'caution', value: 'mild', words: 'nothing that needs caution' },
  { wish: 'black', value: 'none', words: 'no black' },
  { wish: 'white', value: 'none', words: 'no white' },
  { wish: 'cadmium', value: 'none', words: 'no cadmium' },
  { wish: 'cobalt', value: 'none', words: 'no cobalt' },
]

const isThat = (ready: ReadyWish) => (own: BriefWish) => own.wish === ready.wish && own.value === ready.value
export const wishAmong = (wishes: readonly BriefWish[], ready: ReadyWish): BriefWish | undefined =>
  wishes.find(isThat(ready))

/** Wishes for it, or no longer; of a kind there is one wish. */
export function toggledWish(wishes: readonly BriefWish[], ready: ReadyWish): BriefWish[] {
  const others = wishes.filter((w) => w.wish !== ready.wish)
  const { wish, value } = ready
  return wishAmong(wishes, ready) ? others : [...others, { wish, value, hard: false }]
}

/** Makes a wish a must, or a wish only. */
export const hardened = (wishes: readonly BriefWish[], one: BriefWish, hard: boolean): BriefWish[] =>
  wishes.map((w) => (w === one ? { ...w, hard } : w))

export const wordsOfWish = (own: BriefWish): string =>
  READY_WISHES.find((ready) => ready.wish === own.wish && ready.value === own.value)?.words ??
  wishOf(own.wish)?.label ??
  own.wish
