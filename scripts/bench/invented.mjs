// Invented collections of real size.
import { random } from './tools.mjs'

const NAMES = [
  'ultramarine',
  'burnt sienna',
  'lemon yellow',
  'viridian',
  'rose',
  'cerulean',
  'raw umber',
  'perylene maroon',
  'green gold',
  'cobalt violet',
]
export function manyPaints(count) {
  const next = random(7)
  return Array.from({ length: count }, (_, i) => ({
    id: `p${i}`,
    v: 1,
    maker: `Maker ${i % 40}`,
    name: `${NAMES[i % NAMES.length]} ${i}`,
    pigments: [`P${'YORVBG'[i % 6]}${1 + (i % 200)}`],
    masstone: { L: 20 + next() * 70, a: next() * 120 - 60, b: next() * 120 - 60, source: 'typed' },
  }))
}

const entry = (i, event) => ({
  id: `e${String(i).padStart(7, '0')}`,
  v: 2,
  recorded: new Date(Date.UTC(2020, 0, 1) + i * 60_000).toISOString(),
  type: 'event',
  event: { day: new Date(Date.UTC(2020, 0, 1) + Math.floor(i / 60) * 86_400_000).toISOString().slice(0, 10), ...event },
})

/** Fillings and cleanings of twelve palettes of 36 places. */
export function manyEntries(count) {
  const next = random(11)
  return Array.from({ length: count }, (_, i) => {
    const vessel = { vesselId: `pal${i % 12}/A${1 + (i % 36)}` }
    if (next() >= 0.9) return entry(i, { kind: 'clean', vessel })
    const from = { itemId: `t${i % 300}`, paintId: `p${i % 200}` }
    return entry(i, { kind: 'fill', vessel, ...from, millilitres: 0.5, dryingDays: 3 })
  })
}

/** Fillings of a single place. */
export const fillingsOfOnePlace = (count) =>
  Array.from({ length: count }, (_, i) => {
    const what = { itemId: 't0', paintId: 'p0', millilitres: 0.1, dryingDays: 1 }
    return entry(i, { kind: 'fill', vessel: { vesselId: 'pal0/A1' }, ...what })
  })

export const paletteOf = (holder) => ({
  id: 'pal0',
  v: 1,
  name: 'P',
  use: 'studio',
  purpose: '',
  holder,
  plan: Object.fromEntries(holder.places.map((p, i) => [p.id, { paintId: `p${i}` }])),
})

/** A table of paints as a shop might export it. */
export function manyRows(count) {
  const next = random(5)
  const row = (i) => [
    `${NAMES[i % NAMES.length]} ${i}`,
    `Maker ${i % 40}`,
    `PB${1 + (i % 80)}`,
    `${5 + Math.floor(next() * 10)}`,
  ]
  return ['name,maker,pigments,size', ...Array.from({ length: count }, (_, i) => row(i).join(','))].join('\n')
}
