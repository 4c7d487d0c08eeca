import * as z from 'zod/mini'
import { Shop } from '../documents/shop'
import { firstIssue } from '../documents/load'
import { fail, ok, type Result } from '../result'
import { readFormat } from './readFormat'

export const SHOP_FORMAT = 'juxtachrome-shop'

/** What a shop's route answers: its terms and its list. */
export const ShopAnswer = z.looseObject({
  format: z.literal(SHOP_FORMAT),
  version: z.literal(1),
  name: Shop.shape.name,
  day: Shop.shape.day,
  currency: Shop.shape.currency,
  delivery: Shop.shape.delivery,
  freeFrom: Shop.shape.freeFrom,
  offers: Shop.shape.offers,
})
export type ShopAnswer = z.infer<typeof ShopAnswer>

/** Longer answers are not looked at. */
const MOST_CHARACTERS = 25_000_000

/**
 * Reads what a shop's route answered; whatever comes, nothing is taken over unchecked.
 * Errors: `no-answer` (far too long), `not-a-shop`, `from-newer-version`, `same-number` (two lines with one number).
 */
export function readShopAnswer(text: string): Result<ShopAnswer> {
  if (text.length > MOST_CHARACTERS)
    return fail('no-answer', 'The shop’s answer is far too long. Nothing was taken over.')
  const raw = readFormat(text, { format: SHOP_FORMAT, code: 'not-a-shop', what: 'list of a shop' })
  if (!raw.ok) return raw
  const read = ShopAnswer.safeParse(raw.value)
  if (!read.success) return fail('not-a-shop', `The shop’s list cannot be read: ${firstIssue(read.error)}`)
  const { offers } = read.data
  if (new Set(offers.map((o) => o.id)).size < offers.length)
    return fail('same-number', 'Two lines of the shop’s list have one number. Nothing was taken over.')
  return ok(read.data)
}
