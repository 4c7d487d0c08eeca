import { added, type Holder, type OwnHolder, removed, updated } from '@juxtachrome/core/documents'
import { changeHolder, type Drawing, redrawHolder, type ThingKey } from '@juxtachrome/core/drawing'
import { fail, ok } from '@juxtachrome/core/result'
import { nanoid } from 'nanoid'
import { useChangePalette } from '~/shared/tray/changePalette'
import { copied } from '~/shared/words/copied'
import { useCollection } from '~/stores/collection'
import { useNotices } from '~/stores/notices'
import { useUndo } from '~/stores/undo'

/** A change of a drawing: what it is called, and the drawing after it. */
export type Redraw = (label: string, how: (holder: Holder) => Drawing) => ThingKey[] | undefined

/** A holder without what is said of it as a document. */
export function asHolder({ v: _v, ...holder }: OwnHolder | (Holder & { v?: unknown })): Holder {
  return copied(holder) as Holder
}

/** What a person does with boxes: drawn by themselves, or that of a palette. */
export function useBoxCommands() {
  const collection = useCollection()
  const undo = useUndo()
  const notices = useNotices()
  const { attempt } = useChangePalette()

  /** Places of a palette of which the journal says anything. */
  const usedIn = (paletteId: string): ReadonlySet<string> => new Set(collection.ledger.places(paletteId).keys())

  function keep(label: string, holders: readonly Holder[]): OwnHolder[] | undefined {
    const own = holders.map((h): OwnHolder => ({ ...asHolder(h), id: nanoid(12), v: 1 }))
    return undo.commit(
      label,
      own.map((h) => added('holders', h)),
    ).ok
      ? own
      : undefined
  }
  return {
    usedIn,
    draw: (holder: Holder) => keep(`drew the box ${holder.name}`, [holder])?.[0]?.id,
    take: (holders: readonly Holder[]) =>
      keep(holders.length === 1 ? `took in the box ${holders[0]!.name}` : `took in ${holders.length} boxes`, holders),
    duplicate: (holder: OwnHolder) =>
      keep(`copied the box ${holder.name}`, [{ ...holder, name: `${holder.name}, copy`.slice(0, 120) }])?.[0]?.id,
    remove: (holder: OwnHolder) => undo.commit(`removed the box ${holder.name}`, [removed('holders', holder)]),
    /** Redraws one's own box, always from what it is now: another window may have changed it. */
    redraw(id: string): Redraw {
      return (label, how) => {
        const before = collection.holder(id)
        if (!before) return void notices.trouble('This box is no longer here.')
        const drawn = how(before)
        if (!drawn.ok) return void notices.trouble(drawn.error.message)
        const after = { ...before, ...drawn.value.holder }
        return undo.commit(`${before.name}: ${label}`, [updated('holders', before, after)]).ok
          ? drawn.value.keys
          : undefined
      }
    },
    /** Redraws the box of a palette: what lies in it, or should, keeps its place and its name. */
    redrawOf(paletteId: string): Redraw {
      return (label, how) => {
        let keys: ThingKey[] = []
        const isDone = attempt(paletteId, label, (palette) => {
          const drawn = how(palette.holder)
          if (!drawn.ok) return drawn
          keys = drawn.value.keys
          return redrawHolder(palette, drawn.value.holder, usedIn(paletteId))
        })
        return isDone ? keys : undefined
      }
    },
    /** Another box for a palette in use; what lies in it, or should, keeps its name. */
    changeTo(paletteId: string, holder: Holder): boolean {
      return attempt(paletteId, `into another box: ${holder.name}`, (palette) => {
        if (palette.removed) return fail('no-such-palette', 'This palette is no longer here.')
        const changed = changeHolder(palette, asHolder(holder), usedIn(paletteId))
        return changed.ok ? ok(changed.value.palette) : changed
      })
    },
  }
}
