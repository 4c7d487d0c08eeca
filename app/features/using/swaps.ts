import { added, type Palette, updated } from '@juxtachrome/core/documents'
import { changed, type Proposal } from '@juxtachrome/core/using'
import { useChangePalette } from '~/shared/tray/changePalette'
import { usePaintName } from '~/shared/words/paintName'
import { madeVersion } from '~/features/palettes'
import { useCollection } from '~/stores/collection'
import { useUndo } from '~/stores/undo'

/** What a person answers to a proposal of a review. */
export function useSwapCommands() {
  const collection = useCollection()
  const undo = useUndo()
  const { change } = useChangePalette()
  const nameOf = usePaintName()

  function answer(paletteId: string, key: string, words: string, said: 'refused' | 'later', until?: string): boolean {
    return change(paletteId, words, (palette) => {
      const rest = (palette.answered ?? []).filter((a) => a.key !== key)
      return { ...palette, answered: [...rest, { key, said, ...(until ? { until } : {}) }].slice(-400) }
    })
  }

  return {
    /** What a proposal does, in words: `Viridian for Sap green`. */
    inWords({ out, in: incoming }: Proposal): string {
      if (out && incoming) return `${nameOf(incoming.paintId)} for ${nameOf(out.paintId)}`
      return incoming ? `${nameOf(incoming.paintId)} into ${incoming.placeId}` : `${nameOf(out!.paintId)} taken out`
    },
    /** Plans the change; the palette as it was is kept as a version first, the new one after it, with the reason. */
    accept(palette: Palette, proposal: Proposal, reason: string, words: string, day: string, isKept: boolean): boolean {
      const before = collection.palette(palette.id)
      const { out, in: incoming } = proposal
      if (!before || (incoming && !collection.paint(incoming.paintId))) return false
      const after = changed(before, out?.paintId, incoming)
      const kept = isKept ? [] : [added('versions', madeVersion(before, { name: `before ${words}`, day }))]
      return undo.commit(`${words} in ${before.name}`, [
        ...kept,
        updated('palettes', before, after),
        added('versions', madeVersion(after, { name: words, day, reason })),
      ]).ok
    },
    refuse: (paletteId: string, key: string, words: string) => answer(paletteId, key, `refused ${words}`, 'refused'),
    later: (paletteId: string, key: string, words: string, until: string) =>
      answer(paletteId, key, `put off ${words}`, 'later', until),
  }
}
