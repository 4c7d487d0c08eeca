import type { Problem } from '@juxtachrome/core/result'
import { added, type Change, type SittingEvent, updated } from '@juxtachrome/core/documents'
import { nanoid } from 'nanoid'
import { useFillCommands } from './filling'
import { useCollection } from '~/stores/collection'

/** What a person records about painting. Each record is an entry of the journal; corrections are too. */
export function useSittingCommands(paletteId?: () => string | undefined) {
  const collection = useCollection()
  const filling = useFillCommands(paletteId)

  /** The painting with its picture, where there is one, as one step. */
  function withPicture(event: SittingEvent, image: string | undefined): { event: SittingEvent; diff: Change[] } {
    if (!image) return { event, diff: [] }
    const known = collection.core.get('pictures', event.pictureId)
    if (known?.image === image) return { event, diff: [] }
    const picture = { id: known?.id ?? nanoid(12), v: 1 as const, day: event.day, image }
    const diff = known ? [updated('pictures', known, { ...known, image })] : [added('pictures', picture)]
    return { event: { ...event, pictureId: picture.id }, diff }
  }

  return {
    log(plain: SittingEvent, image?: string): Problem | undefined {
      const { event, diff } = withPicture(plain, image)
      return filling.recordAll(filling.describe(event), [event], diff)
    },
    correct: (entryId: string, event: SittingEvent): Problem | undefined => filling.correct(entryId, event),
    strike: (entryId: string): Problem | undefined => filling.correct(entryId, null),
    /** What is left in a place of what was put in, as it was seen, a share. */
    look(palette: string, placeId: string, share: number, day: string): Problem | undefined {
      const vessel = filling.vesselIn({ paletteId: palette, placeId })
      return filling.record({ kind: 'level', day, vessel, share })
    },
  }
}
