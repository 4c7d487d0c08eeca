import { buildDemo } from '../../server/demo/build'
import { Collection } from '../src/collection/collection'
import { noContents } from '../src/collection/contents'
import type { Documents } from '../src/documents/kinds'
import type { LeftoverRow } from '../src/documents/leftoverRow'
import { plannedPaints } from '../src/documents/plan'
import type { Ranking } from '../src/documents/ranking'
import type { Recipe } from '../src/documents/recipe'
import { SETTINGS_ID } from '../src/documents/settings'
import type { Trial } from '../src/documents/trial'
import { versionOf } from '../src/documents/version'

export const TODAY = '2026-09-14'

export const TIN = 'landing-tin'
export const [BLUE, SIENNA] = ['demo-h-french-ultramarine', 'demo-g-burnt-sienna']
const parts = [
  { paintId: BLUE, parts: 2 },
  { paintId: SIENNA, parts: 3 },
]
const RECIPE: Recipe = {
  id: 'grey',
  v: 1,
  name: 'Wet basalt',
  paints: parts,
  water: 0,
  masstone: { L: 28, a: 1, b: -4, source: 'typed' },
}
const TRIAL: Trial = {
  id: 'trial',
  v: 1,
  wanted: { kind: 'paint', paintId: BLUE },
  instead: { kind: 'mixture', paints: parts, water: 1 },
  held: 'badly',
  day: '2026-08-03',
}
const RANKING: Ranking = {
  id: 'ranking',
  v: 1,
  name: 'Blues',
  day: '2026-08-02',
  ranked: parts.map(({ paintId }) => ({ paintId })),
}
const LEFTOVER: LeftoverRow = {
  id: 'row',
  v: 1,
  file: 'list.csv',
  line: 3,
  cells: [['Name', '?']],
  reason: 'no name',
  kept: '2026-08-01T10:00:00.000Z',
}

/** The demo cut down to a few paints and all that speaks of them, so that every job answers in a moment. */
export function smallCollection(): Collection {
  const demo = buildDemo(TODAY)
  const palettes = demo.palettes.filter((p) => p.holder.places.length <= 12)
  const planned = palettes.flatMap((p) => [...plannedPaints(p)])
  const keep = new Set([
    ...planned.slice(0, 8),
    ...demo.paints
      .filter((p) => p.tint)
      .map((p) => p.id)
      .slice(0, 1),
  ])
  const items = demo.items.filter((i) => keep.has(i.paintId))
  const ids = new Set([...keep, ...items.map((i) => i.id), ...palettes.map((p) => p.id)])
  const speaksOfOthers = (value: unknown) => {
    const named = JSON.stringify(value).match(/"(?:paintId|itemId|paletteId)":"[^"]+"/g) ?? []
    return named.some((n) => !ids.has(/:"([^"]+)"/.exec(n)![1]!))
  }
  const cut = palettes.map((p) => ({
    ...p,
    plan: Object.fromEntries(Object.entries(p.plan).filter(([, { paintId }]) => !paintId || keep.has(paintId))),
    guide: undefined,
  }))
  const own = <K extends 'recipes' | 'versions' | 'trials' | 'rankings' | 'pictures' | 'purchases'>(
    kind: K,
  ): Documents[K] => (demo[kind] as unknown[]).filter((d) => !speaksOfOthers(d)) as Documents[K]
  const journal = demo.journal.filter((e) => e.type === 'event' && !speaksOfOthers(e))
  const documents: Documents = {
    ...demo,
    paints: demo.paints.filter((p) => keep.has(p.id)),
    items,
    palettes: cut,
    recipes: [RECIPE],
    versions: [{ id: 'version', v: 1, paletteId: TIN, name: 'before', day: '2026-08-01', ...versionOf(cut[0]!) }],
    trials: [TRIAL],
    rankings: [RANKING],
    settings: [{ id: SETTINGS_ID, v: 1, currency: 'GBP' }],
    leftovers: [LEFTOVER],
    pictures: own('pictures').slice(0, 1),
    purchases: own('purchases'),
    journal,
  }
  return new Collection({ ...noContents(), documents })
}

/** All of the demo. */
export const wholeDemo = (): Collection =>
  new Collection({ ...noContents(), documents: { ...buildDemo(TODAY), leftovers: [LEFTOVER] } })
