import * as z from 'zod/mini'
import './validator'

/** Field validators shared by all record kinds. Messages are shown beside the field. */
export const Id = z.string().check(z.regex(/^[\w:.-]{1,64}$/, 'An id holds 1 to 64 letters, digits, - _ : or .'))

export const text = (longest: number) => z.string().check(z.maxLength(longest, `At most ${longest} characters.`))

/**
 * Control characters, line and paragraph separators, and marks that turn the direction of what follows (Unicode 16.0,
 * general categories Cc, Zl and Zp; UAX 9): a name with one of them could break a line of a file that it stands in.
 */
const BREAKS = /[\p{Cc}\p{Zl}\p{Zp}\u202A-\u202E\u2066-\u2069]+/gu

/** Words that stand on one line, as names do. */
export const oneLine = (words: string): string => words.replace(BREAKS, ' ')

/** Words of one line. */
export const line = (longest: number) => text(longest).check(z.overwrite(oneLine))

export const Name = z
  .string()
  .check(
    z.overwrite(oneLine),
    z.trim(),
    z.minLength(1, 'A name is needed.'),
    z.maxLength(120, 'At most 120 characters.'),
  )

/** A calendar day, `YYYY-MM-DD`, in the artist's own time zone. */
export const Day = z.string().check(z.refine(isDay, 'A day such as 2026-05-14.'))

export function isDay(text: string): boolean {
  const match = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text)
  if (!match) return false
  const [year, month, day] = match.slice(1).map(Number) as [number, number, number]
  const date = new Date(Date.UTC(year, month - 1, day))
  return year >= 1900 && date.getUTCMonth() === month - 1 && date.getUTCDate() === day
}

/** The moment of recording, ISO 8601 in UTC. */
export const Instant = z
  .string()
  .check(z.regex(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}(\.\d+)?Z$/, 'A moment such as 2026-05-14T09:30:00.000Z.'))

/** Millilitres; a studio bucket is the most that makes sense. */
export const Volume = z
  .number('A number of millilitres.')
  .check(z.gte(0, 'Not below 0 ml.'), z.lte(5000, 'At most 5000 ml.'))

export const Price = z.looseObject({
  /** In hundredths of the currency's unit, also where none are coined. */
  minor: z.int().check(z.gte(0), z.lte(100_000_00)),
  currency: z.string().check(z.regex(/^[A-Z]{3}$/, 'A currency such as EUR.')),
})
export type Price = z.infer<typeof Price>
