import {
  added,
  type Event,
  type FillEvent,
  type Item,
  type JournalEntry,
  type Paint,
  type Palette,
  updated,
} from '@juxtachrome/core/documents'
import { correctEvent, recordEvent, usualFilling } from '@juxtachrome/core/filling'
import { pigmentById } from '@juxtachrome/core/pigments'
import { paintOfPigment } from '@juxtachrome/core/standins'
import { nanoid } from 'nanoid'
import { useCollection } from '~/stores/collection'
import { stamp, useUndo } from '~/stores/undo'

/** What a pan without a label was found to hold: a paint of the collection, or a pigment of the reference. */
export interface Found {
  paintId?: string
  pigment?: string
}

/** Gives unlabelled pans their names, in the collection and in the ledger; each is one entry of the undo list. */
export function useIdentifyCommands() {
  const collection = useCollection()
  const undo = useUndo()

  function paintOf({ paintId, pigment }: Found): { paint?: Paint; isNew: boolean } {
    const known = collection.paint(paintId)
    const reference = pigment ? pigmentById(pigment) : undefined
    if (known || !reference) return { ...(known ? { paint: known } : {}), isNew: false }
    return { paint: { ...paintOfPigment(reference), id: nanoid(12) }, isNew: true }
  }

  return {
    /** The item is of that paint, and so is what was filled from it. */
    nameItem(item: Item, found: Found): boolean {
      const { paint, isNew } = paintOf(found)
      if (!paint) return false
      const after: Item = { ...item, paintId: paint.id, remarks: item.remarks.filter((r) => r !== 'label lost') }
      const fills = collection.ledger
        .account(item.id)
        .events.flatMap(({ entryId, event }) => (event.kind === 'fill' ? [{ entryId, event }] : []))
      const corrections = fills.flatMap(({ entryId, event }): JournalEntry[] => {
        const becomes: FillEvent = { ...event, paintId: paint.id }
        const entry = correctEvent(collection.core.ledger, entryId, becomes, stamp())
        return entry.ok ? [entry.value] : []
      })
      const diff = [...(isNew ? [added('paints', paint)] : []), updated('items', item, after)]
      return undo.commit(`named a pan: ${paint.name}`, diff, corrections).ok
    },
    /** An unlabelled pan lies in a place: it is taken in as a thing of its own, and lies there from today. */
    namePlace(palette: Palette, placeId: string, found: Found, day: string): boolean {
      const { paint, isNew } = paintOf(found)
      const place = palette.holder.places.find((p) => p.id === placeId)
      if (!paint || !place) return false
      const millilitres = usualFilling(place)
      const item: Item = {
        id: nanoid(12),
        v: 2,
        paintId: paint.id,
        kind: 'bought pan',
        millilitres,
        sizeAssumed: true,
        supply: 'open',
        remarks: [],
        note: 'Found without a label; known by its swatches.',
      }
      const vessel = { paletteId: palette.id, placeId }
      const event: Event = { kind: 'fill', day, vessel, itemId: item.id, paintId: paint.id, millilitres, dryingDays: 0 }
      const entry = recordEvent(event, stamp())
      if (!entry.ok) return false
      const diff = [...(isNew ? [added('paints', paint)] : []), added('items', item)]
      return undo.commit(`named the pan in ${placeId}: ${paint.name}`, diff, [entry.value]).ok
    },
  }
}
