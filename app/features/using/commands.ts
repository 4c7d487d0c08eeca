import type { Problem } from '@juxtachrome/core/result'
import type { SittingEvent } from '@juxtachrome/core/documents'
import { useFillCommands } from '~/features/filling'
import { keptPicture } from '~/shared/files/keptPicture'

/** What a person records about painting. Each record is an entry of the journal; corrections are too. */
export function useSittingCommands(paletteId?: () => string | undefined) {
  const filling = useFillCommands(paletteId)

  return {
    /** A painting, with its picture where there is one, as one step. */
    log(event: SittingEvent, image?: string): Problem | undefined {
      if (!image) return filling.record(event)
      const { id, changes } = keptPicture(image, event.day)
      const shown = { ...event, pictureId: id }
      return filling.recordAll(filling.describe(shown), [shown], changes)
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
