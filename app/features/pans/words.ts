import { capital } from '~/shared/words/capital'
import type { Whereabouts } from '@juxtachrome/core/documents'
import type { Stay } from '@juxtachrome/core/ledger'
import { dayInWords } from '~/shared/words/days'
import { useItemWords } from '~/shared/words/itemWords'
import { useNaming } from '~/shared/words/naming'

export const WHERE_CHOICES: readonly { id: Whereabouts['kind']; text: string; asks?: string }[] = [
  { id: 'master set', text: 'the loose pans' },
  { id: 'tin', text: 'a tin', asks: 'Which tin' },
  { id: 'bag', text: 'a bag', asks: 'Which bag' },
  { id: 'lent', text: 'somebody who borrows it', asks: 'To whom' },
  { id: 'given away', text: 'somebody who keeps it', asks: 'To whom' },
  { id: 'thrown away', text: 'nowhere: thrown away' },
]

/** A heading for pans that lie together: `Among the loose pans`, `Bag “leftovers”`, `Lent to Una`. */
export function whereHeading(where: Whereabouts | undefined): string {
  if (!where) return 'Nobody said where'
  const { kind, words } = where
  if (kind === 'master set') return 'Among the loose pans'
  const name = capital(kind)
  if (!words) return name
  return kind === 'lent' || kind === 'given away' ? `${name} to ${words}` : `${name} “${words}”`
}

/** What lay in a pan, where, and how that ended. */
export function usePanWords() {
  const { contentWords } = useItemWords()
  const name = useNaming()
  const ENDED = { cleaned: ', cleaned out', gone: ', gone with it', moved: '' } as const
  return (stay: Stay): string =>
    `${contentWords(stay.content)}, ${stay.at ? `in ${name.place(stay.at)}` : 'loose'}, ${dayInWords(stay.since)} to ${
      stay.until ? dayInWords(stay.until) : 'now'
    }${stay.ended ? ENDED[stay.ended] : ''}`
}
