import { added, type Palette, updated, versionOf } from '@juxtachrome/core/documents'
import { changed, type Proposal } from '@juxtachrome/core/using'
import { nanoid } from 'nanoid'
import { useChangePalette } from './changePalette'
import { copied } from './copied'
import { useCollection } from '~/stores/collection'
import { useUndo } from '~/stores/undo'

/** What a person answers to a proposal of a review. */
export function useSwapCommands() {
  const collection = useCollection()
  const undo = useUndo()
  const { change } = useChangePalette()
  const nameOf = (id: string) => collection.paint(id)?.name ?? 'a paint that is gone'

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
      const paint = incoming && collection.paint(incoming.paintId)
      if (!before || (incoming && !paint)) return false
      const places = out
        ? before.holder.places.filter((p) => before.plan[p.id]?.paintId === out.paintId).map((p) => p.id)
        : []
      const after = changed(before, places, incoming && paint ? { paint, placeId: incoming.placeId } : undefined)
      const version = (name: string, of: Palette, why?: string) =>
        added('versions', {
          id: nanoid(12),
          v: 1,
          paletteId: before.id,
          name: name.slice(0, 120),
          day,
          ...(why ? { reason: why.slice(0, 300) } : {}),
          ...copied(versionOf(of)),
        })
      return undo.commit(`${words} in ${before.name}`, [
        ...(isKept ? [] : [version(`before ${words}`, before)]),
        updated('palettes', before, after),
        version(words, after, reason),
      ]).ok
    },
    refuse: (paletteId: string, key: string, words: string) => answer(paletteId, key, `refused ${words}`, 'refused'),
    later: (paletteId: string, key: string, words: string, until: string) =>
      answer(paletteId, key, `put off ${words}`, 'later', until),
  }
}
