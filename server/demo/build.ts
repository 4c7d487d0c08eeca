import { daysAfter } from '@juxtachrome/core/units'
import {
  noDocuments,
  type Documents,
  type Event,
  type Item,
  type JournalEntry,
  type Paint,
  type Palette,
  type Pan,
  type Recipe,
  type Trial,
  type Whereabouts,
  ownVesselOf,
} from '@juxtachrome/core/documents'
import { HOLDERS } from '@juxtachrome/core/arranging'
import { callsOf, METHODS } from '@juxtachrome/core/choosing'
import { dryingDays } from '@juxtachrome/core/filling'
import { DEMO_APART, DEMO_BLENDS, DEMO_BOXES } from './boxes'
import { noted } from './collecting'
import { paintOf, slug, swatch } from './paintLines'
import { DEMO_PAINTS, DEMO_TINTS } from './paints'
import { buyingOf } from './buying'
import { paintingsOf, versionsOf } from './paintings'
import { DEMO_PANS } from './pans'
import { DEMO_RANKINGS, DEMO_RECIPES, DEMO_TRIALS } from './recipes'
import { DEMO_ITEMS, DEMO_PALETTES } from './season'

const lines = (text: string) =>
  text
    .trim()
    .split('\n')
    .map((line) => line.split('|').map((cell) => cell.trim()))
/** The demo collection of a season on a seabird island, its dates counted back from a day. */
export function buildDemo(today: string): Documents {
  const documents = noDocuments()
  const paints = new Map(lines(DEMO_PAINTS).map(paintOf))
  for (const [key, tint] of lines(DEMO_TINTS)) found(paints, key!).tint = { ...swatch(tint!)!, source: 'typed' }
  documents.paints = [...paints.values()]
  documents.items = lines(DEMO_ITEMS).map((cells, i) => itemOf(cells, i, paints, today))
  Object.assign(documents, noted(documents))
  for (const { journal, plan, holder, brief, mustIn = [], ...rest } of DEMO_PALETTES) {
    const apart = (DEMO_APART[rest.id] ?? []).map(
      (pair) => pair.map((key) => found(paints, key).id) as [string, string],
    )
    const palette: Palette = {
      v: 1,
      ...rest,
      holder: HOLDERS.find((h) => h.id === holder)!,
      plan: planOf(plan, paints),
      ...(apart.length ? { apart } : {}),
      ...(brief ? { brief: { ...brief, mustIn: mustIn.map((key) => found(paints, key).id) } } : {}),
    }
    documents.palettes.push(palette.id === GUIDED ? guided(palette) : palette)
    documents.journal.push(
      ...lines(journal)
        .filter((cells) => cells.length > 1)
        .map((cells, i) => entryOf(cells, i, palette, paints, documents.items, today)),
    )
  }
  documents.guides = [
    {
      id: 'demo-cliffs',
      v: 1,
      name: 'Cliffs and holm',
      calls: callsOf('cool yellow; yellow earth; 2 orange earth or red earth; cool red; 2 blue leaning violet; dark'),
    },
  ]
  for (const [i, cells] of lines(DEMO_PANS).entries()) {
    const { pan, entries } = panOf(cells, i, paints, documents.items, today)
    documents.pans.push(pan)
    documents.journal.push(...entries)
  }
  documents.holders = [...DEMO_BOXES]
  documents.blends = [...DEMO_BLENDS]
  documents.fadeTests = [
    {
      id: 'demo-fade-window',
      v: 1,
      day: daysAfter(today, -95),
      paintIds: ['demo-h-quinacridone-rose', 'demo-g-burnt-sienna', 'demo-h-viridian'],
      looks: [{ day: daysAfter(today, -62), faded: 'no change' }],
    },
  ]
  documents.trials = lines(DEMO_TRIALS).map((cells, i) => trialOf(cells, i, paints, today))
  documents.rankings = lines(DEMO_RANKINGS).map(([name, ago, ...ranked]) => ({
    id: `demo-${slug(name!)}`,
    v: 1,
    name: name!,
    day: daysAfter(today, -Number(ago)),
    ranked: ranked.map((text) => {
      const [key, note] = text.split(': ')
      const isMention = key!.startsWith('(')
      const paintId = found(paints, key!.replace(/[()]/g, '').replace('/', ':')).id
      return { paintId, ...(note ? { note } : {}), ...(isMention ? { mention: true } : {}) }
    }),
  }))
  documents.recipes = lines(DEMO_RECIPES).map((cells) => recipeOf(cells, paints))
  const { entries, pictures } = paintingsOf(documents, today)
  documents.journal.push(...entries)
  documents.pictures = pictures
  documents.versions = versionsOf(documents.palettes, (key) => found(paints, key), today)
  Object.assign(documents, buyingOf(documents, today))
  return documents
}

/** The palette that is being chosen by a way. */
const GUIDED = 'boat-tray'
function guided(palette: Palette): Palette {
  const way = METHODS.find((w) => w.id === 'wheel')!
  const calls = way.calls({ places: palette.holder.places.length })
  return { ...palette, guide: { way: way.id, name: way.name, calls, said: [] } }
}

function trialOf(cells: string[], i: number, paints: Map<string, Paint>, today: string): Trial {
  const [wanted, parts, water, held, ago, note] = cells as [string, string, string, Trial['held'], string, string]
  const own = parts.split(' + ').map((part) => {
    const [, n, key] = /^(\d+) (.+)$/.exec(part)!
    return { paintId: found(paints, key!).id, parts: Number(n) }
  })
  return {
    id: `demo-trial-${i}`,
    v: 1,
    wanted: { kind: 'paint', paintId: found(paints, wanted).id },
    instead:
      own.length > 1
        ? { kind: 'mixture', paints: own, water: Number(water) }
        : { kind: 'paint', paintId: own[0]!.paintId },
    ...(held ? { held } : {}),
    day: daysAfter(today, -Number(ago)),
    ...(note ? { note } : {}),
  }
}

function recipeOf(cells: string[], paints: Map<string, Paint>): Recipe {
  const [name, parts, water, masstone, wash, note] = cells as [string, string, string, string, string, string]
  const recipe: Recipe = {
    id: `demo-${slug(name)}`,
    v: 1,
    name,
    water: Number(water),
    paints: parts.split(' + ').map((part) => {
      const [, n, key] = /^(\d+) (.+)$/.exec(part)!
      return { paintId: found(paints, key!).id, parts: Number(n) }
    }),
  }
  if (masstone) recipe.masstone = { ...swatch(masstone)!, source: 'typed' }
  if (wash) recipe.wash = { ...swatch(wash)!, source: 'typed' }
  if (note) recipe.note = note
  return recipe
}

function found(paints: Map<string, Paint>, key: string): Paint {
  const paint = paints.get(key)
  if (!paint) throw new Error(`The demo names a paint it does not hold: ${key}`)
  return paint
}

function itemOf(cells: string[], i: number, paints: Map<string, Paint>, today: string): Item {
  const [key, kind, ml, supply, remarks, price, bought] = cells as [
    string,
    Item['kind'],
    string,
    Item['supply'],
    string,
    string,
    string,
  ]
  const item: Item = {
    id: `demo-item-${i + 1}`,
    v: 2,
    paintId: found(paints, key).id,
    kind,
    millilitres: Number(ml),
    supply,
    remarks: (remarks ? remarks.split(',') : []) as Item['remarks'],
  }
  if (price) item.price = { minor: Number(price), currency: 'EUR' }
  if (bought) item.bought = daysAfter(today, -Number(bought))
  return item
}

function planOf(text: string, paints: Map<string, Paint>): Palette['plan'] {
  return Object.fromEntries(
    text.split(';').map((piece) => {
      const [, lock, placeId, what] = /^\s*(!?)(\S+)\s+(.+?)\s*$/s.exec(piece) as unknown as [
        string,
        string,
        string,
        string,
      ]
      const reserved = /^reserved: (.+)$/.exec(what)?.[1]
      const [own, away] = reserved ? [] : what.split(' for ')
      const standsFor = away && { paintId: found(paints, away).id, words: found(paints, away).name }
      const plan = reserved ? { reserved } : { paintId: found(paints, own!).id, ...(standsFor ? { standsFor } : {}) }
      return [placeId, lock ? { ...plan, locked: true } : plan]
    }),
  )
}

/** A pan without a box, filled some day and laid somewhere. */
function panOf(cells: string[], i: number, paints: Map<string, Paint>, items: Item[], today: string) {
  const [label, size, key, ml, filled, kind, words, laid] = cells as [
    string,
    Pan['size'],
    string,
    string,
    string,
    string,
    string,
    string,
  ]
  const pan: Pan = { id: `demo-pan-${i + 1}`, v: 1, size, label }
  const vessel = { vesselId: pan.id }
  const entry = (n: number, ago: string, what: (day: string) => Event): JournalEntry => {
    const day = daysAfter(today, -Number(ago))
    return { id: `${pan.id}-${n}`, v: 2, recorded: `${day}T10:0${i}:00.000Z`, type: 'event', event: what(day) }
  }
  const paintId = key && found(paints, key).id
  const item = items.find((it) => it.paintId === paintId && it.supply !== 'on order')
  const where = { kind: kind as Whereabouts['kind'], ...(words ? { words } : {}) }
  const entries = [
    ...(item && paintId
      ? [
          entry(1, filled, (day) => ({
            kind: 'fill',
            day,
            vessel,
            itemId: item.id,
            paintId,
            millilitres: Number(ml),
            dryingDays: 7,
          })),
        ]
      : []),
    entry(2, laid, (day) => ({ kind: 'stow', day, vessel, where })),
  ]
  return { pan, entries }
}

function entryOf(
  cells: string[],
  i: number,
  palette: Palette,
  paints: Map<string, Paint>,
  items: Item[],
  today: string,
): JournalEntry {
  const [ago, placeId, what, amount] = cells as [string, string, string, string]
  const day = daysAfter(today, -Number(ago))
  const place = { paletteId: palette.id, placeId }
  const own = { vesselId: ownVesselOf(place) }
  let event: Event
  if (what === 'cleaned') event = { kind: 'clean', day, vessel: own }
  else if (what === 'exchange')
    event = { kind: 'exchange', day, place, other: { paletteId: palette.id, placeId: amount } }
  else if (what === 'taken out') event = { kind: 'takeOut', day, vessel: own }
  else if (what === 'put back') event = { kind: 'put', day, vessel: own, place }
  else {
    const paintId = found(paints, what).id
    const item = items.find((it) => it.paintId === paintId && it.supply !== 'on order')!
    const well = palette.holder.places.find((p) => p.id === placeId)!
    event = {
      kind: 'fill',
      day,
      vessel: place,
      itemId: item.id,
      paintId,
      millilitres: Number(amount),
      dryingDays: dryingDays(well, Number(amount)),
    }
  }
  const minute = String(i % 60).padStart(2, '0')
  return { id: `demo-${palette.id}-${i + 1}`, v: 2, recorded: `${day}T09:${minute}:00.000Z`, type: 'event', event }
}
