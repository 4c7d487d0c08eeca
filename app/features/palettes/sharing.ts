import type { Result } from '@juxtachrome/core/result'
import type { Palette } from '@juxtachrome/core/documents'
import { readPalette, sharedPalette, takePalette, writePalette } from '@juxtachrome/core/formats'
import { ok } from '@juxtachrome/core/result'
import { counted } from '@juxtachrome/core/units'
import { nanoid } from 'nanoid'
import { linkOfPalette, textOfLink } from '~/shared/files/paletteLink'
import { listed } from '~/shared/words/figures'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useUndo } from '~/stores/undo'

/** One palette out to somebody else, and somebody else's in beside one's own. */
export function useSharing() {
  const collection = useCollection()
  const undo = useUndo()
  const notices = useNotices()
  return {
    asText: (palette: Palette, withNotes: boolean): string =>
      writePalette(sharedPalette(palette, collection.paint, collection.recipes, { withNotes })),
    /** A link to the page of palettes at `address` that holds the palette. Errors: as `linkOfPalette`. */
    asLink: (palette: Palette, address: string): Promise<Result<string>> =>
      linkOfPalette(palette, collection.paint, address),
    /** The palette that the fragment of a link holds, as a shared one; nothing where it holds none. */
    async fromLink(hash: string): Promise<Result<{ text: string; name: string; paints: number }> | undefined> {
      const text = await textOfLink(hash)
      if (!text?.ok) return text
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
