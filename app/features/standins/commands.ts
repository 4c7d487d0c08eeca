import { added, removed, type Trial, type Wanted } from '@juxtachrome/core/documents'
import { restoreAt, standInAt, type StandIn } from '@juxtachrome/core/standins'
import { nanoid } from 'nanoid'
import { useChangePalette } from '~/shared/tray/changePalette'
import { usePaintName } from '~/shared/words/paintName'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useUndo } from '~/stores/undo'

/** What a person does with stand-ins: takes one, gives it back, notes how it did. Each is one entry of the undo list. */
export function useStandInCommands() {
  const collection = useCollection()
  const undo = useUndo()
  const notices = useNotices()
  const nameOf = usePaintName()

  const { attempt, change } = useChangePalette()
  const insteadOf = ({ paintId, mixture }: StandIn): Trial['instead'] | undefined =>
    mixture
      ? {
          kind: 'mixture',
          paints: mixture.paints.map(({ id, parts }) => ({ paintId: id, parts })),
          water: mixture.water,
        }
      : paintId
        ? { kind: 'paint', paintId }
        : undefined

  return {
    take: (paletteId: string, placeId: string, standIn: StandIn, words: string) =>
      attempt(paletteId, `planned ${words} in ${placeId}`, (p) => standInAt(p, placeId, standIn, nameOf)),
    /** Several places at once, as one step; those that are refused are left as they are and said. */
    takeAll(paletteId: string, takes: readonly { placeId: string; standIn: StandIn }[], words: string): void {
      const refused: string[] = []
      change(paletteId, words, (before) =>
        takes.reduce((palette, { placeId, standIn }) => {
          const next = standInAt(palette, placeId, standIn, nameOf)
          if (!next.ok) refused.push(`${placeId}: ${next.error.message}`)
          return next.ok ? next.value : palette
        }, before),
      )
      if (refused.length) notices.trouble(refused.join(' '))
    },
    restore: (paletteId: string, placeId: string) =>
      attempt(paletteId, `put back what was away from ${placeId}`, (p) =>
        restoreAt(p, placeId, (id) => Boolean(collection.paint(id) && !collection.paint(id)!.removed)),
      ),
    /** How a stand-in did on paper, or that it is refused; an earlier word on the same gives way. */
    note(
      wanted: Wanted,
      standIn: StandIn,
      said: { held?: Trial['held']; refused?: true; note?: string },
      day: string,
      words: string,
    ) {
      const instead = insteadOf(standIn)
      if (!instead) return
      const old = standIn.trial && collection.core.get('trials', standIn.trial.id)
      const trial: Trial = { id: nanoid(12), v: 1, wanted, instead, day, ...said }
      undo.commit(words, [...(old ? [removed('trials', old)] : []), added('trials', trial)])
    },
    forget(standIn: StandIn) {
      const old = standIn.trial && collection.core.get('trials', standIn.trial.id)
      if (old) undo.commit('took back a note on a stand-in', [removed('trials', old)])
    },
  }
}
