import type { Assessment } from '@juxtachrome/core/choosing'
import { paintToken } from '~/shared/said/paintTokens'
import { figure, listed } from '~/shared/words/figures'
import { percent, tallyInWords, valueInWords } from './words'

/** What two palettes that lie side by side are compared in: a term, and of a verdict its words; none while it is worked out. */
interface Row {
  term: string
  of(verdict: Assessment): string | undefined
}

const darkestOf = ({ values }: Assessment): number | undefined =>
  values && (values.mixed ?? values.alone)
    ? Math.min(values.mixed?.L ?? Infinity, values.alone?.L ?? Infinity)
    : undefined
const paintsOrNone = (ids: readonly string[]) => (ids.length ? listed(ids.map(paintToken)) : 'none')

const IN_WORDS: readonly Row[] = [
  { term: 'Judged for', of: (v) => (v.tables.length ? listed(v.tables.map((t) => t.name)) : undefined) },
  { term: 'Missing', of: (v) => v.gaps && (listed(v.gaps.filter((g) => !g.quiet).map((g) => g.kind)) || 'nothing') },
  {
    term: 'Look-alikes',
    of: (v) => v.twins && (v.twins.map((t) => t.paintIds.map(paintToken).join(' and ')).join('; ') || 'none'),
  },
  { term: 'You would hardly miss', of: (v) => v.spares && paintsOrNone(v.spares.map((s) => s.paintId)) },
  {
    term: 'Without a partner that greys it',
    of: (v) => v.neutrals && paintsOrNone(v.neutrals.filter((n) => !n.best).map((n) => n.paintId)),
  },
  {
    term: 'The darkest',
    of: (v) => {
      const L = darkestOf(v)
      return L === undefined ? undefined : valueInWords(L)
    },
  },
  { term: 'Lightfastness', of: (v) => v.handling && tallyInWords(v.handling.lightfastness) },
  { term: 'Granulation', of: (v) => v.handling && tallyInWords(v.handling.granulation) },
  { term: 'Different pigments', of: (v) => v.handling && String(v.handling.pigments) },
]
const IN_FIGURES: readonly Row[] = [
  { term: 'Reach', of: (v) => v.reach && percent(v.reach.reach) },
  { term: 'Straight from the pan', of: (v) => v.reach && percent(v.reach.one) },
  { term: 'With two paints', of: (v) => v.reach && percent(v.reach.two) },
  {
    term: 'Deepest dark',
    of: (v) => {
      const L = darkestOf(v)
      return L === undefined ? undefined : `L* ${figure(L)}`
    },
  },
]

/** The rows of a comparison, in words, with the figures where they are asked for; `…` where something is still worked out. */
export const besideRows = (
  verdicts: readonly (Assessment | undefined)[],
  withFigures: boolean,
): { term: string; words: string[] }[] =>
  [...IN_WORDS, ...(withFigures ? IN_FIGURES : [])].map(({ term, of }) => ({
    term,
    words: verdicts.map((v) => (v && of(v)) ?? '…'),
  }))
