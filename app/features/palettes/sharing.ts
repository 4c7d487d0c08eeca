import type { Result } from '@juxtachrome/core/result'
import type { Palette } from '@juxtachrome/core/documents'
import { readPalette, sharedPalette, takePalette, writeForLink, writePalette } from '@juxtachrome/core/formats'
import { fail, ok } from '@juxtachrome/core/result'
import { counted } from '@juxtachrome/core/units'
import { nanoid } from 'nanoid'
import { packText, unpackText } from '~/shared/files/packedText'
import { listed } from '~/shared/words/figures'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useUndo } from '~/stores/undo'

/** What stands before a packed palette in the fragment of a link: what follows is never sent to any server. */
const MARK = '#palette='
/** The most letters of a link that mail and messengers carry whole (common practice, no source). */
const MOST_LETTERS = 8000

/** One palette out to somebody else, and somebody else's in beside one's own. */
export function useSharing() {
  const collection = useCollection()
  const undo = useUndo()
  const notices = useNotices()
  return {
    asText: (palette: Palette, withNotes: boolean): string =>
      writePalette(sharedPalette(palette, collection.paint, collection.recipes, { withNotes })),
    /** A link to the page of palettes at `address` whose fragment holds the palette. Errors: `too-long-for-a-link`. */
    async asLink(palette: Palette, address: string): Promise<Result<string>> {
      const packed = await packText(writeForLink(sharedPalette(palette, collection.paint, [])))
      const link = address + MARK + packed
      return link.length <= MOST_LETTERS
        ? ok(link)
        : fail('too-long-for-a-link', 'This palette is too large for a link. Share it as a file.')
    },
    /** The palette that the fragment of a link holds, as a shared one; nothing where it holds none. */
    async fromLink(hash: string): Promise<Result<{ text: string; name: string; paints: number }> | undefined> {
      if (!hash.startsWith(MARK)) return undefined
      const text = await unpackText(hash.slice(MARK.length))
      if (!text.ok) return text
      const read = readPalette(text.value)
      if (!read.ok) return read
      return ok({ text: text.value, name: read.value.palette.name, paints: read.value.paints.length })
    },
    /** Takes a shared palette in under ids of its own; nothing that is here is changed. Errors: as `readPalette`. */
    takeIn(text: string): Result<Palette> {
      const read = readPalette(text)
      if (!read.ok) return read
      const taken = takePalette(read.value, collection.paints, collection.palettes, () => nanoid(12))
      const kept = undo.commit(`took in the palette ${taken.palette.name}`, taken.changes)
      if (!kept.ok) return kept
      notices.say(
        `${taken.palette.name} is here: ${counted(taken.known, 'paint')} of it you have listed, ${taken.fresh} came in without a tube.`,
      )
      if (taken.lacking.length)
        notices.trouble(
          `It is planned for places that its box lacks: ${listed(taken.lacking)}. What is planned there is kept; move it, or give the palette another box.`,
        )
      return ok(taken.palette)
    },
  }
}
