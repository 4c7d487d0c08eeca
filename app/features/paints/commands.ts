import { fail, ok, type Result } from '@juxtachrome/core/result'
import {
  added,
  removed,
  SETTINGS_ID,
  SWATCH_KINDS,
  updated,
  type Change,
  type Item,
  type JournalEntry,
  type LeftoverRow,
  type Paint,
} from '@juxtachrome/core/documents'
import { recordEvent } from '@juxtachrome/core/filling'
import {
  collectRows,
  millilitresLeft,
  samePaint,
  USUAL_MILLILITRES,
  type OwnedMeans,
  type PaintRow,
} from '@juxtachrome/core/paints'
import { answerNeed } from '@juxtachrome/core/restocking'
import { nanoid } from 'nanoid'
import { keptPicture } from '~/shared/files/keptPicture'
import { useToday } from '~/shared/ui/useToday'
import { useCollection } from '~/stores/collection'
import { stamp, useUndo } from '~/stores/undo'
import type { LongWork } from '~/storage/longWork'

const newId = () => nanoid(12)

/** What a person does to paints and to the items that hold them. */
export function usePaintCommands() {
  const collection = useCollection()
  const undo = useUndo()
  const today = useToday()

  /** Whether history or a palette still names it, so that it must stay readable. */
  const itemHasHistory = (id: string) => collection.ledger.account(id).events.length > 0
  const palettesWith = (paintId: string) =>
    collection.palettes.filter((p) => Object.values(p.plan).some((plan) => plan.paintId === paintId))

  const isInRecipe = (paintId: string) => collection.recipes.some((r) => r.paints.some((p) => p.paintId === paintId))

  const dropItem = (item: Item): Change =>
    itemHasHistory(item.id) ? updated('items', item, { ...item, removed: true }) : removed('items', item)

  function wishOf({ id, name, pigments }: Paint): Change {
    const key = `paint:${id}`
    const before = collection.needs.find((n) => n.key === key)
    return answerNeed(before, { key, name, pigments }, { said: 'accepted', own: true }, { day: today.value, newId })
  }

  /** What was a maker stays one for lines and lists, also when the last paint of it goes. */
  function rememberMaker({ id, maker }: Paint): Change[] {
    const before = collection.settings
    const isOther = collection.paints.some((p) => p.id !== id && p.maker === maker)
    if (!maker || isOther || before?.makers?.includes(maker)) return []
    const after = {
      ...(before ?? { id: SETTINGS_ID, v: 1 as const }),
      makers: [...(before?.makers ?? []), maker].slice(-2000),
    }
    return [before ? updated('settings', before, after) : added('settings', after)]
  }

  function removePaint(paint: Paint) {
    const items = collection.itemsOf(paint.id)
    const all = [...collection.core.table('items').values()].filter((i) => i.paintId === paint.id)
    const keep = all.some((i) => itemHasHistory(i.id)) || palettesWith(paint.id).length > 0 || isInRecipe(paint.id)
    const plans = palettesWith(paint.id).map((palette) => {
      const plan = Object.fromEntries(Object.entries(palette.plan).filter(([, p]) => p.paintId !== paint.id))
      return updated('palettes', palette, { ...palette, plan })
    })
    const own = keep ? updated('paints', paint, { ...paint, removed: true }) : removed('paints', paint)
    undo.commit(`removed ${paint.name}`, [...plans, ...items.map(dropItem), own, ...rememberMaker(paint)])
  }

  /** What enters the collection for rows, and what the journal says of what is left of them. */
  function taken(rows: readonly PaintRow[], means?: (row: number) => OwnedMeans) {
    const journal: JournalEntry[] = []
    const diff = collectRows(rows, collection.paints, newId, means, (item, { left }) => {
      if (!left) return
      const millilitres = millilitresLeft(left, item.millilitres)
      if (millilitres >= item.millilitres && 'share' in left) return
      const note = 'share' in left ? 'by eye' : undefined
      const event = {
        kind: 'measure',
        day: today.value,
        itemId: item.id,
        millilitres,
        ...(note ? { note } : {}),
      } as const
      const entry = recordEvent(event, stamp())
      if (entry.ok) journal.push(entry.value)
    })
    return { diff, journal }
  }

  return {
    itemHasHistory,
    palettesWith,
    removePaint,
    /** Takes in what was typed; returns the ids of the paints that are new. */
    addRows(rows: readonly PaintRow[], label: string): Result<string[]> {
      const { diff: changes, journal } = taken(rows)
      const kept = undo.commit(label, changes, journal)
      return kept.ok ? ok(changes.filter((c) => c.kind === 'paints').map((c) => c.id)) : kept
    },
    /** Takes in many rows and those kept for correction as one step; it is on disk when this answers. */
    addManyRows(
      rows: readonly PaintRow[],
      label: string,
      leftovers: readonly LeftoverRow[],
      how: LongWork,
      means?: (row: number) => OwnedMeans,
    ) {
      const { diff, journal } = taken(rows, means)
      const all = [...diff, ...leftovers.map((l) => added('leftovers', l))]
      return undo.commitLong(label, { diff: all, journal }, how)
    },
    /** Another paint like it, without its swatches and its tubes: the same paint after a reformulation, a neighbour of a series. */
    copyPaint(paint: Paint): Paint {
      const bare = Object.fromEntries(SWATCH_KINDS.map((kind) => [kind, undefined]))
      const after: Paint = { ...paint, ...bare, id: newId(), name: `${paint.name}, copy`.slice(0, 120) }
      undo.commit(`copied ${paint.name}`, [added('paints', after)])
      return after
    },
    changePaint: (before: Paint, after: Paint) =>
      undo.commit(`changed ${after.name}`, [updated('paints', before, after)]),
    /** A photograph of the paint, kept with the pictures, as one step. */
    keepPhoto(paint: Paint, image: string) {
      const { id, changes } = keptPicture(image, today.value)
      const after = { ...paint, pictureId: id }
      return undo.commit(`kept a photograph of ${paint.name}`, [...changes, updated('paints', paint, after)])
    },
    removePhoto: (paint: Paint) =>
      undo.commit(`removed the photograph of ${paint.name}`, [
        updated('paints', paint, { ...paint, pictureId: undefined }),
      ]),
    /** What was said of many paints at once. */
    changeMany: (label: string, diff: readonly Change[]) => undo.commit(label, diff),
    /** Wishes for a paint of which nothing is owned: it stands on the list of what to buy, too. */
    wish: (paint: Paint) => undo.commit(`wished for ${paint.name}`, [wishOf(paint)]),
    unwish(paint: Paint) {
      const before = collection.needs.find((n) => n.key === `paint:${paint.id}`)
      return before && undo.commit(`no longer wished for ${paint.name}`, [removed('needs', before)])
    },
    /** A paint that is wished for, not owned: the paint without a tube, and the need of it, in one step. */
    addWish(row: PaintRow): Result<string> {
      const diff = collectRows([{ ...row, count: 0 }], collection.paints, newId)
      const paint = diff.find((c) => c.kind === 'paints')?.after ?? samePaint(collection.paints, row)
      if (!paint) return fail('no-paint', 'A name is needed.')
      const kept = undo.commit(`wished for ${row.name}`, [...diff, wishOf(paint as Paint)])
      return kept.ok ? ok((paint as Paint).id) : kept
    },
    addItem(paint: Paint, kind: Item['kind'] = 'tube'): Item {
      const item: Item = {
        id: newId(),
        v: 2,
        paintId: paint.id,
        kind,
        millilitres: USUAL_MILLILITRES[kind],
        sizeAssumed: true,
        supply: 'sealed',
        remarks: [],
      }
      undo.commit(`added a ${kind} of ${paint.name}`, [added('items', item)])
      return item
    },
    changeItem: (before: Item, after: Item, paintName: string) =>
      undo.commit(`changed a ${after.kind} of ${paintName}`, [updated('items', before, after)]),
    removeItem: (item: Item, paintName: string) =>
      undo.commit(`removed a ${item.kind} of ${paintName}`, [dropItem(item)]),
    /** A kept row was corrected into paints, or let go. */
    settleLeftover(row: LeftoverRow, corrected?: PaintRow) {
      const { diff, journal } = taken(corrected ? [corrected] : [])
      undo.commit(
        corrected ? `took in ${corrected.name} from a corrected row` : `let go of line ${row.line} of ${row.file}`,
        [...diff, removed('leftovers', row)],
        journal,
      )
    },
    letGoOfLeftovers: (rows: readonly LeftoverRow[]) =>
      undo.commit(
        `let go of ${rows.length} rows`,
        rows.map((r) => removed('leftovers', r)),
      ),
  }
}
