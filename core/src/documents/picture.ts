import * as z from 'zod/mini'
import { Day, Id } from './fields'
import { kind } from './kind'

/** A small picture, of a painting or of a tube, a card, kept with the collection: a JPEG, PNG or WebP as a data URL. */
export const Picture = z.looseObject({
  id: Id,
  v: z.literal(1),
  day: Day,
  image: z
    .string()
    .check(
      z.maxLength(80_000, 'A small picture: at most 80,000 characters.'),
      z.regex(/^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/=]+$/, 'A JPEG, PNG or WebP picture.'),
    ),
})
export type Picture = z.infer<typeof Picture>

export const pictureKind = kind({
  schema: Picture,
  version: 1,
  word: 'picture',
  many: 'pictures',
  since: 8,
  apart: 'image',
})
