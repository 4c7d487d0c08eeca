import type { Result } from '@juxtachrome/core/result'
import { updated, type Palette } from '@juxtachrome/core/documents'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useUndo } from '~/stores/undo'

/** How a palette is changed: always from what it is now, also when another window changed it, as one entry of the undo list. */
export function useChangePalette() {
  const collection = useCollection()
  const undo = useUndo()
  const notices = useNotices()

  /** Whether it is as wanted now. Nothing is done where `how` gives no palette, or the same. */
  function change(paletteId: string, label: string, how: (palette: Palette) => Palette | undefined): boolean {
    const before = collection.palette(paletteId)
    const after = before && how(before)
    if (!before || !after) return false
    return after === before || undo.commit(label, [updated('palettes', before, after)]).ok
  }
  /** The same for what may be refused; the refusal is said. */
  const attempt = (paletteId: string, label: string, how: (palette: Palette) => Result<Palette>): boolean =>
    change(paletteId, label, (palette) => {
      const after = how(palette)
      if (after.ok) return after.value
      notices.trouble(after.error.message)
      return undefined
    })
  return { change, attempt }
}
