import type * as z from 'zod/mini'
import { Budget } from './budget'
import { Guide } from './guide'
import { Item, itemFrom1To2 } from './item'
import { JournalEntry, journalEntryFrom1To2 } from './journal/journalEntry'
import { KeptBlend } from './keptBlend'
import { LeftoverRow } from './leftoverRow'
import { NeedAnswer } from './need'
import { OwnHolder } from './ownHolder'
import { Paint } from './paint'
import { Pan } from './pan'
import { Palette } from './palette'
import { Picture } from './picture'
import { Purchase } from './purchase'
import { Ranking } from './ranking'
import { Recipe } from './recipe'
import { Shop } from './shop'
import { Trial } from './trial'
import { Version } from './version'

export type Migration = (old: Record<string, unknown>) => Record<string, unknown>

interface Kind<Schema extends z.ZodMiniType = z.ZodMiniType> {
  schema: Schema
  version: number
  /** Keyed by the version they start from. */
  migrations: Record<number, Migration>
  /** What one of them is called in messages. */
  word: string
}

const kind = <S extends z.ZodMiniType>(
  schema: S,
  version: number,
  word: string,
  migrations: Record<number, Migration> = {},
): Kind<S> => ({ schema, version, word, migrations })

/** Every kind of document there is, under the name of its table. */
export const KINDS = {
  paints: kind(Paint, 1, 'paint'),
  items: kind(Item, 2, 'item', { 1: itemFrom1To2 }),
  palettes: kind(Palette, 1, 'palette'),
  pans: kind(Pan, 1, 'pan'),
  recipes: kind(Recipe, 1, 'recipe'),
  guides: kind(Guide, 1, 'guide'),
  versions: kind(Version, 1, 'version of a palette'),
  rankings: kind(Ranking, 1, 'ranking'),
  trials: kind(Trial, 1, 'trial of a stand-in'),
  holders: kind(OwnHolder, 1, 'box'),
  blends: kind(KeptBlend, 1, 'way of arranging'),
  pictures: kind(Picture, 1, 'picture of a painting'),
  needs: kind(NeedAnswer, 1, 'need'),
  shops: kind(Shop, 1, 'shop'),
  purchases: kind(Purchase, 1, 'purchase'),
  budgets: kind(Budget, 1, 'budget'),
  leftovers: kind(LeftoverRow, 1, 'row kept for correction'),
  journal: kind(JournalEntry, 2, 'journal entry', { 1: journalEntryFrom1To2 }),
} as const

export type KindName = keyof typeof KINDS
/** Kinds that change in place; the journal only grows. */
export type EditableKind = Exclude<KindName, 'journal'>
export const KIND_NAMES = Object.keys(KINDS) as KindName[]
export const EDITABLE_KINDS = KIND_NAMES.filter((k): k is EditableKind => k !== 'journal')

export type DocumentOf<K extends KindName> = z.infer<(typeof KINDS)[K]['schema']>
export type Documents = { [K in KindName]: DocumentOf<K>[] }

export const noDocuments = (): Documents => ({
  paints: [],
  items: [],
  palettes: [],
  pans: [],
  recipes: [],
  guides: [],
  versions: [],
  rankings: [],
  trials: [],
  holders: [],
  blends: [],
  pictures: [],
  needs: [],
  shops: [],
  purchases: [],
  budgets: [],
  leftovers: [],
  journal: [],
})
