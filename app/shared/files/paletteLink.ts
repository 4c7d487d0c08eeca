import type { Paint, Palette } from '@juxtachrome/core/documents'
import { openedLink, sharedPalette, writeForLink } from '@juxtachrome/core/formats'
import { fail, ok, type Result } from '@juxtachrome/core/result'
import { packText, unpackText } from './packedText'

/** What stands before a packed palette in the fragment of a link: what follows is never sent to any server. */
const MARK = '#palette='
/** The most letters of a link that mail and messengers carry whole (common practice, no source). */
const MOST_LETTERS = 8000

/** A link to the page at `address` whose fragment holds the palette. Errors: `too-long-for-a-link`. */
export async function linkOfPalette(
  palette: Palette,
  paintOf: (id: string) => Paint | undefined,
  address: string,
): Promise<Result<string>> {
  const link = address + MARK + (await packText(writeForLink(sharedPalette(palette, paintOf, []))))
  return link.length <= MOST_LETTERS
    ? ok(link)
    : fail('too-long-for-a-link', 'This palette is too large for a link. Share it as a file.')
}

/** The text of the shared palette that the fragment of a link holds; nothing where it holds none. Errors: `damaged-link`. */
export async function textOfLink(hash: string): Promise<Result<string> | undefined> {
  if (!hash.startsWith(MARK)) return undefined
  const text = await unpackText(hash.slice(MARK.length))
  return text.ok ? ok(openedLink(text.value)) : text
}
