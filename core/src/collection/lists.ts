import type { Budget } from '../documents/budget'
import type { Item } from '../documents/item'
import { same } from '../documents/diff'
import {
  EDITABLE_KINDS,
  KIND_NAMES,
  KINDS,
  type DocumentOf,
  type EditableKind,
  type KindName,
} from '../documents/kinds'
import { SWATCH_KINDS, type Paint } from '../documents/paint'
import { type Settings, SETTINGS_ID } from '../documents/settings'
import { derived, derivedOf } from './caches'
import type { Reading } from './reading'

/** Documents that were not removed, in their kind's order, so that undo and a reload leave every list as it was. */
function present<K extends EditableKind>(reading: Reading, name: K): readonly DocumentOf<K>[] {
  const all = [...reading.table(name).values()].filter((d) => !('removed' in d && d.removed))
  all.sort((p, q) => (p.id < q.id ? -1 : 1))
  const order = KINDS[name].order as ((one: DocumentOf<K>, other: DocumentOf<K>) => number) | undefined
  return order ? all.sort(order) : all
}

type ListOf<K extends EditableKind> = (reading: Reading) => readonly DocumentOf<K>[]
/** The list of each kind, worked out anew only when one of the kind changed. */
export const LISTS = Object.fromEntries(
  EDITABLE_KINDS.map((name) => [name, derived((reading) => present(reading, name))]),
) as unknown as { [K in EditableKind]: ListOf<K> }

export const paintsIn = LISTS.paints
export const itemsIn = LISTS.items
export const palettesIn = LISTS.palettes
export const recipesIn = LISTS.recipes
export const trialsIn = LISTS.trials
export const needAnswersIn = LISTS.needs
export const shopsIn = LISTS.shops
export const purchasesIn = LISTS.purchases

/** What may be spent, where that was said. */
export const budgetIn = derived((r): Budget | undefined => LISTS.budgets(r)[0])
/** What holds for the whole collection. */
export const settingsIn = derived((r): Settings | undefined => r.get('settings', SETTINGS_ID))

/** Items by the paint they hold. */
export const itemsByPaint = derived((r): ReadonlyMap<string, readonly Item[]> => {
  const byPaint = new Map<string, Item[]>()
  for (const item of itemsIn(r)) {
    const list = byPaint.get(item.paintId)
    if (list) list.push(item)
    else byPaint.set(item.paintId, [item])
  }
  return byPaint
})

/** Paints that are wished for and not there: on the list of what to buy by their own name, and nothing of them is owned. */
export const wishedIn = derived((r): ReadonlySet<string> => {
  const owned = itemsByPaint(r)
  const wished = needAnswersIn(r).flatMap(({ key, own, said }) =>
    own && said === 'accepted' && key.startsWith('paint:') ? [key.slice('paint:'.length)] : [],
  )
  return new Set(wished.filter((id) => !owned.get(id)?.length))
})

const unnoted = <T extends { note?: unknown; day?: unknown }>(swatch: T | undefined): T | undefined =>
  swatch && { ...swatch, note: undefined, day: undefined }

/** A paint without what no judgement of colour and handling looks at; the same object until something else changes. */
const paintAsJudged = derivedOf((r, id): Paint | undefined => {
  const paint = r.get('paints', id)
  if (!paint) return undefined
  const swatches = SWATCH_KINDS.flatMap((of) => (paint[of] ? [[of, unnoted(paint[of])] as const] : []))
  return {
    ...paint,
    ...Object.fromEntries(swatches),
    note: undefined,
    marks: undefined,
    pictureId: undefined,
    density: undefined,
    series: undefined,
  }
}, same)
export const paintJudged = (reading: Reading, id: string | undefined): Paint | undefined =>
  id === undefined ? undefined : paintAsJudged(reading, id)

/** The paints as they are judged: a note, a price or a day changes nothing of them. */
export const paintsJudged = derived((r): readonly Paint[] => paintsIn(r).flatMap(({ id }) => paintJudged(r, id) ?? []))

/** How many there are of each kind, in the kind's own words: everything that a wipe would take. */
export const inventoryOf = derived((r): readonly { kind: KindName; many: string; count: number }[] =>
  KIND_NAMES.map((kind) => ({
    kind,
    many: KINDS[kind].many,
    count: kind === 'journal' ? r.journal.size : LISTS[kind](r).length,
  })),
)
