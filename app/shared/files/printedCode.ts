import { fail, ok, type Result } from '@juxtachrome/core/result'

/** What a printed code is made of: which of its squares are dark, row by row. */
export type CodeSquares = readonly (readonly boolean[])[]

/** The most bytes that a code takes: version 40 at the lowest level of correction (ISO/IEC 18004). */
const MOST_BYTES = 2953

/**
 * A text as a code that a camera reads (ISO/IEC 18004), at the level of correction that its length leaves room for.
 * Errors: `too-long-for-a-code`.
 */
export async function printedCode(text: string): Promise<Result<CodeSquares>> {
  const bytes = new TextEncoder().encode(text).length
  if (bytes > MOST_BYTES)
    return fail('too-long-for-a-code', 'This palette is too large for a printed code. Share it as a file.')
  const { create } = await import('qrcode')
  // paper is creased and stained: more correction where the squares stay large
  const { modules } = create(text, { errorCorrectionLevel: bytes < 800 ? 'M' : 'L' })
  return ok(
    Array.from({ length: modules.size }, (_, row) =>
      Array.from({ length: modules.size }, (_, column) => Boolean(modules.get(row, column))),
    ),
  )
}
