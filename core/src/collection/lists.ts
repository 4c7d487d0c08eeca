import type { Budget } from '../documents/budget'
import type { Guide } from '../documents/guide'
import type { Item } from '../documents/item'
import type { DocumentOf, EditableKind } from '../documents/kinds'
import type { KeptBlend } from '../documents/keptBlend'
import type { LeftoverRow } from '../documents/leftoverRow'
import type { NeedAnswer } from '../documents/need'
import type { OwnHolder } from '../documents/ownHolder'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import type { Pan } from '../documents/pan'
import type { Picture } from '../documents/picture'
import type { Purchase } from '../documents/purchase'
import type { Ranking } from '../documents/ranking'
import type { Recipe } from '../documents/recipe'
import type { Shop } from '../documents/shop'
import type { Trial } from '../documents/trial'
import type { Version } from '../documents/version'
import { byKinds } from './caches'
import type { Collection } from './collection'

/** Documents that were not removed, in the database's own order, so that undo and a reload leave every list as it was. */
function present<K extends EditableKind>(collection: Collection, kind: K): DocumentOf<K>[] {
  const all = [...collection.table(kind).values()].filter((d) => !('removed' in d && d.removed))
  return all.sort((p, q) => (p.id < q.id ? -1 : 1))
}
const byName = <T extends { name: string }>(list: T[]): T[] => list.sort((p, q) => p.name.localeCompare(q.name))

export const paintsIn = byKinds(['paints'], (c): readonly Paint[] => present(c, 'paints'))
export const itemsIn = byKinds(['items'], (c): readonly Item[] => present(c, 'items'))
export const palettesIn = byKinds(['palettes'], (c): readonly Palette[] => byName(present(c, 'palettes')))
export const pansIn = byKinds(['pans'], (c): readonly Pan[] => present(c, 'pans'))
export const recipesIn = byKinds(['recipes'], (c): readonly Recipe[] => byName(present(c, 'recipes')))
export const guidesIn = byKinds(['guides'], (c): readonly Guide[] => byName(present(c, 'guides')))
/** Versions of palettes, the newest first. */
export const versionsIn = byKinds(['versions'], (c): readonly Version[] =>
  present(c, 'versions').sort((p, q) => (p.day < q.day ? 1 : p.day > q.day ? -1 : 0)),
)
/** Rankings by eye, the newest first. */
export const rankingsIn = byKinds(['rankings'], (c): readonly Ranking[] =>
  present(c, 'rankings').sort((p, q) => (p.day < q.day ? 1 : p.day > q.day ? -1 : 0)),
)
export const trialsIn = byKinds(['trials'], (c): readonly Trial[] => present(c, 'trials'))
export const holdersIn = byKinds(['holders'], (c): readonly OwnHolder[] => byName(present(c, 'holders')))
export const blendsIn = byKinds(['blends'], (c): readonly KeptBlend[] => byName(present(c, 'blends')))
export const picturesIn = byKinds(['pictures'], (c): readonly Picture[] => present(c, 'pictures'))
export const needAnswersIn = byKinds(['needs'], (c): readonly NeedAnswer[] => present(c, 'needs'))
export const shopsIn = byKinds(['shops'], (c): readonly Shop[] => byName(present(c, 'shops')))
/** Purchases, the newest first. */
export const purchasesIn = byKinds(['purchases'], (c): readonly Purchase[] =>
  present(c, 'purchases').sort((p, q) => (p.day < q.day ? 1 : p.day > q.day ? -1 : 0)),
)
/** What may be spent, where that was said. */
export const budgetIn = byKinds(['budgets'], (c): Budget | undefined => present(c, 'budgets')[0])
export const leftoversIn = byKinds(['leftovers'], (c): readonly LeftoverRow[] =>
  present(c, 'leftovers').sort((p, q) => p.file.localeCompare(q.file) || p.line - q.line),
)

/** Items by the paint they hold. */
export const itemsByPaint = byKinds(['items'], (c): ReadonlyMap<string, readonly Item[]> => {
  const byPaint = new Map<string, Item[]>()
  for (const item of itemsIn(c)) {
    const list = byPaint.get(item.paintId)
    if (list) list.push(item)
    else byPaint.set(item.paintId, [item])
  }
  return byPaint
})
