import type * as z from 'zod/mini'
import { blendKind } from './keptBlend'
import { budgetKind } from './budget'
import { fadeTestKind } from './fadeTest'
import { guideKind } from './guide'
import { holderKind } from './ownHolder'
import { itemKind } from './item'
import { journalKind } from './journal/journalEntry'
import { leftoverKind } from './leftoverRow'
import { needKind } from './need'
import { paintKind } from './paint'
import { paletteKind } from './palette'
import { panKind } from './pan'
import { pictureKind } from './picture'
import { purchaseKind } from './purchase'
import { rankingKind } from './ranking'
import { recipeKind } from './recipe'
import { settingsKind } from './settings'
import { shopKind } from './shop'
import { trialKind } from './trial'
import { versionKind } from './version'

/** Every kind of document there is, under the name of its table. A new one is a file of its own and a line here. */
export const KINDS = {
  paints: paintKind,
  items: itemKind,
  palettes: paletteKind,
  pans: panKind,
  recipes: recipeKind,
  guides: guideKind,
  versions: versionKind,
  rankings: rankingKind,
  trials: trialKind,
  holders: holderKind,
  blends: blendKind,
  pictures: pictureKind,
  needs: needKind,
  shops: shopKind,
  purchases: purchaseKind,
  budgets: budgetKind,
  leftovers: leftoverKind,
  fadeTests: fadeTestKind,
  settings: settingsKind,
  journal: journalKind,
} as const

export type KindName = keyof typeof KINDS
/** Kinds that change in place; the journal only grows. */
export type EditableKind = Exclude<KindName, 'journal'>
export const KIND_NAMES = Object.keys(KINDS) as KindName[]
export const EDITABLE_KINDS = KIND_NAMES.filter((k): k is EditableKind => k !== 'journal')

export const isEditableKind = (name: string): name is EditableKind => name !== 'journal' && Object.hasOwn(KINDS, name)

export type DocumentOf<K extends KindName> = z.infer<(typeof KINDS)[K]['schema']>
export type Documents = { [K in KindName]: DocumentOf<K>[] }

export const noDocuments = (): Documents => Object.fromEntries(KIND_NAMES.map((k) => [k, []])) as unknown as Documents
