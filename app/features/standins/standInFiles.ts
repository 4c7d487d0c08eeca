import { writeCsv } from '@juxtachrome/core/formats'
import type { ValueOf } from '~/workers/client'
import { costInWords, KIND_WORDS, nameOfStandIn } from './words'
import { slug } from '~/shared/files/slug'
import { saveFile } from '~/shared/files/saveFile'
import type { NameOf } from '~/shared/words/lists'
import { figure } from '~/shared/words/figures'

/** A list with its stand-ins as a table: a line each, and for every level of price three columns. */
export function standInListFile(
  name: string,
  levels: readonly { title: string; answer: ValueOf<'substitutePalette'> }[],
  nameOf: NameOf,
): void {
  const [first] = levels
  if (!first) return
  const heads = ['Paint', 'Pigments', ...levels.flatMap(({ title }) => [title, 'how near', 'what it does not do'])]
  const rows = first.answer.lines.map(({ words, pigments }, i) => [
    words,
    pigments.join(' '),
    ...levels.flatMap(({ answer }) => {
      const line = answer.lines[i]
      const best = line?.best
      if (!best) return [line?.message ?? '', '', '']
      const near = best.kind === 'another item' ? 'the very same' : figure(best.alone.difference, 1)
      const how = `${nameOfStandIn(best, nameOf)} (${KIND_WORDS[best.kind]}; ${costInWords(best)})`
      return [how, near, best.unlike.map((u) => u.words).join('; ')]
    }),
  ])
  saveFile(`stand-ins-${slug(name)}.csv`, `\uFEFF${writeCsv([heads, ...rows])}`, 'text/csv;charset=utf-8')
}
