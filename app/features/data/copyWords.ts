import type { Compared, Difference } from '@juxtachrome/core/collection'
import { KINDS } from '@juxtachrome/core/documents'
import { counted } from '@juxtachrome/core/units'
import { listed } from '~/shared/words/figures'

/** `56 paints, 63 tubes and pans and 410 journal entries` */
export function holdsInWords({ holds }: Compared): string {
  const parts = holds.map(({ kind, count }) => `${count} ${count === 1 ? KINDS[kind].word : KINDS[kind].many}`)
  return parts.length ? listed(parts) : 'nothing'
}

/** How a copy differs from what is here, in a sentence. */
export function differsInWords({ differences, entries }: Compared): string {
  const changed = differences.filter((d) => d.copy && d.here).length
  const gone = differences.filter((d) => !d.here).length
  const fresh = differences.filter((d) => !d.copy).length
  const parts = [
    changed ? `${counted(changed, 'record')} changed since` : '',
    gone ? `${counted(gone, 'record')} only in the copy` : '',
    fresh ? `${counted(fresh, 'record')} only here` : '',
    entries.onlyCopy ? `${entries.onlyCopy} journal entries only in the copy` : '',
    entries.onlyHere ? `${entries.onlyHere} journal entries only here` : '',
  ].filter(Boolean)
  return parts.length ? `${listed(parts)}.` : 'nothing.'
}

/** `palette, changed since` */
export function stateInWords({ kind, copy, here }: Difference): string {
  const state = copy && here ? 'changed since' : copy ? 'only in the copy' : 'only here'
  return `${KINDS[kind].word}, ${state}`
}
