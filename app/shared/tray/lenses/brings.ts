import type { Assessment } from '@juxtachrome/core/choosing'
import { points } from '~/shared/words/figures'
import type { Lens } from '../lens'

/** Below this share nothing is missed. */
const HARDLY = 0.0005
const missedInWords = ({ reach, worth }: { reach: number; worth: number }) =>
  reach > HARDLY ? points(reach) : worth > HARDLY ? 'saves mixing' : 'not missed'

export const brings: Lens<Assessment | undefined> = {
  id: 'brings',
  label: 'What each brings',
  seen: (_paint, placeId, verdict) => {
    const own = verdict?.brings?.find((b) => b.placeId === placeId)
    const most = Math.max(0.0001, ...(verdict?.brings ?? []).map((b) => b.worth))
    return own ? { words: missedInWords(own), grey: 96, bar: own.worth / most } : { words: 'not known yet', grey: 96 }
  },
}
