import { added, type Ranking, removed } from '@juxtachrome/core/documents'
import { nanoid } from 'nanoid'
import { useUndo } from '~/stores/undo'

/** What a person does with rankings by eye. */
export function useRankingCommands() {
  const undo = useUndo()
  return {
    keep(name: string, ranked: Ranking['ranked'], day: string): boolean {
      const ranking: Ranking = { id: nanoid(12), v: 1, name: name.trim(), day, ranked }
      return undo.commit(`kept the ranking ${ranking.name}`, [added('rankings', ranking)]).ok
    },
    remove: (ranking: Ranking) => undo.commit(`removed the ranking ${ranking.name}`, [removed('rankings', ranking)]),
  }
}
