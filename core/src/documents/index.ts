/** Records: schema, version, migration; one file a kind. What is shared of it, by name. */
export { Budget, BUDGET_PERIODS, type BudgetPeriod } from './budget'
export { Brief, type BriefCount, type BriefWish, COUNTED_TRAITS, type TargetChoice, TargetColour } from './brief'
export { added, applyToDocument, type Change, type Diff, removed, same, updated } from './diff'
export {
  type ColumnField,
  COLUMNS,
  type Field,
  ITEM_FIELDS,
  PAINT_FIELDS,
  paintField,
  type PaintFieldKey,
  valueOf,
  WORD_FIELDS,
  wordOf,
} from './fieldTable'
export { Day, isDay, Name, type Price, text } from './fields'
export { CallWants, Guide, GuideCall, GuideState } from './guide'
export { MEDIA } from './paint'
export { isUsable, Item, ITEM_KINDS, REMARKS, SUPPLIES } from './item'
export { Event, EVENT_NAMES, eventInWords, eventLine, type FillEvent, type SittingEvent } from './journal/event'
export { MUCH, type Used, type Wished } from './journal/events/sitting'
export type { Naming } from './journal/eventKind'
export { type CorrectionEntry, JournalEntry } from './journal/journalEntry'
export { isGone, STOWED, type Whereabouts, whereaboutsInWords } from './journal/whereabouts'
export { homeOf, isPlace, ownVesselOf, PlaceRef, samePlace, VesselRef } from './journal/vessel'
export {
  type DocumentOf,
  type Documents,
  type EditableKind,
  EDITABLE_KINDS,
  KIND_NAMES,
  type KindName,
  KINDS,
  noDocuments,
} from './kinds'
export { KeptBlend } from './keptBlend'
export { LeftoverRow } from './leftoverRow'
export { NEED_ANSWERS, NeedAnswer } from './need'
export { Offer, OfferedPaint } from './offer'
export { OwnHolder } from './ownHolder'
export { isFieldName, loadDocument } from './load'
export { Settings, SETTINGS_ID, settingsKind } from './settings'
export { Paint, SheetOfPaper, Swatch, SWATCH_KINDS, type SwatchKind, Wash } from './paint'
export { Holder, Palette, Place, PlacePlan, PlaceShape, type StandsFor } from './palette'
export { CONTAINERS } from './palette'
export { Pan, PAN_SIZES, PanMeasures, type PanSize } from './pan'
export { Picture } from './picture'
export { lackingPlaces, planAt, plannedPaints } from './plan'
export { isStanding, Purchase, PURCHASE_STATES, type PurchaseLine, type PurchaseState } from './purchase'
export { Ranking } from './ranking'
export { type PaintParts, Recipe } from './recipe'
export { Shop } from './shop'
export { FADED, FadeTest } from './fadeTest'
export { HELD, Trial, Wanted } from './trial'
export { atVersion, Version, versionOf } from './version'
