import {
  isPlace,
  ownVesselOf,
  versionOf,
  type VesselRef,
  type Documents,
  type JournalEntry,
  type Palette,
  type Paint,
  type Picture,
  type Version,
} from '@juxtachrome/core/documents'
import { daysAfter } from '@juxtachrome/core/units'
import { DEMO_PICTURE } from './picture'

/**
 * Invented paintings of the season: palette | days ago | words | subject | places used, `!` behind a lot of it | wished for.
 * What lay in a place that day is what was painted with.
 */
export const DEMO_PAINTINGS = `
landing-tin|140|Stac in the swell|sea|A5! B2 B5|
landing-tin|133|Kelp line, low water|shore|B1 B2! A6 A5|a darker brown
landing-tin|121|Thrift above the landing|flowers|A4! A1 A6 B1|
landing-tin|112|Guillemot ledge, left half|birds|A5! B2! B5|
landing-tin|104|Fog coming in|weather|A5 B5|
landing-tin|93|Puffins at the burrow|birds|A3 A5 B5! A4|
landing-tin|88|Gully at half tide|sea|A5! A6 B2|a darker brown
landing-tin|74|Lichen on the north face|shore|A1! B1 B2|Green gold
landing-tin|67|Boat at the ring|harbour|A5! B2 B5 A3|
landing-tin|58|Two fulmars|birds|A5 B2|
landing-tin|47|Wet basalt|shore|A5! B2! B5|Indanthrone blue
landing-tin|36|Surge, last light|sea|A5! A4 B2|Indanthrone blue
landing-tin|27|Holm from the thwart|shore|A1 A6 B1 B2|
landing-tin|19|Gannets over the race|birds|A5! B5|a darker brown
landing-tin|16|Bothy door|harbour|A3 B1 B2! A5|
landing-tin|9|Landing, wind against tide|sea|A5! B2|Indanthrone blue
boat-tray|101|Stacs from the sea, one|sea|B1! B2 B8|
boat-tray|100|Stacs from the sea, two|sea|B1! B3 B8|
boat-tray|84|Sail, patched|harbour|A3 A6 B1 B8|
boat-tray|52|Kelp forest|sea|B6! B7 B8 A2|Green gold
boat-tray|31|Rain on the sound|weather|B1! B2 B3|
hut-palette|150|Fog, first sheet|weather|B3! A11 B2|
hut-palette|138|Granite study|shore|A11! B7! B5|
hut-palette|126|Orange bills|birds|L1! A3 B1 A11|
hut-palette|108|Thrift, large|flowers|A6! A7 B11 B10|
hut-palette|80|Window, north|harbour|A12 R1 B7 B2|
hut-palette|61|Holm grass|shore|B11! B10 L6 B9|
hut-palette|40|Granite study, again|shore|A11! B7! A10|
hut-palette|17|Autumn swell|sea|A10! R2 B7 B3|
`

/** Invented looks at pans: palette | days ago | place | share of what was put in. */
export const DEMO_LEVELS = `
landing-tin|92|A5|0.62
landing-tin|45|A5|0.4
landing-tin|45|B2|0.55
hut-palette|70|A11|0.8
`

/** Invented versions, the oldest first: palette | days ago | name | why | place: paint, as the plan was then where it differs. */
export const DEMO_VERSIONS = `
landing-tin|151|As it was packed|first crossing of the season|A3 H:Pyrrole scarlet; B2 H:Burnt sienna; B3 T:Terre verte; B4
landing-tin|79|An orange for the bills|the scarlet is too red for puffins, and nothing here mixes a clean orange|B2 H:Burnt sienna; B3 T:Terre verte; B4
landing-tin|50|Sienna changed, greens exchanged|the earth of two pigments granulated where skies met rock|B3
`

const lines = (text: string) =>
  text
    .trim()
    .split('\n')
    .map((line) => line.split('|').map((cell) => cell.trim()))

/** The paint of which most lay in a place on a day; what is planned there where nothing did. */
function paintAt(
  { journal, palettes }: Documents,
  paletteId: string,
  placeId: string,
  day: string,
): string | undefined {
  const amounts = new Map<string, number>()
  for (const entry of journal) {
    const event = entry.type === 'event' ? entry.event : undefined
    if (!event || event.day > day || (event.kind !== 'fill' && event.kind !== 'clean')) continue
    const vessel = event.vessel as VesselRef
    const at = isPlace(vessel) ? ownVesselOf(vessel) : vessel.vesselId
    if (at !== `${paletteId}/${placeId}`) continue
    if (event.kind === 'clean') amounts.clear()
    else if (event.kind === 'fill') amounts.set(event.paintId, (amounts.get(event.paintId) ?? 0) + event.millilitres)
  }
  const [most] = [...amounts].sort((p, q) => q[1] - p[1])
  return most?.[0] ?? palettes.find((p) => p.id === paletteId)?.plan[placeId]?.paintId
}

/** The paintings of the season with what they used, in order of time, and the looks at pans between them. */
export function paintingsOf(documents: Documents, today: string): { entries: JournalEntry[]; pictures: Picture[] } {
  const pictures: Picture[] = [{ id: 'demo-picture-1', v: 1, day: daysAfter(today, -9), image: DEMO_PICTURE }]
  const entry = (id: string, day: string, event: Extract<JournalEntry, { type: 'event' }>['event']): JournalEntry => ({
    id,
    v: 2,
    recorded: `${day}T18:30:00.000Z`,
    type: 'event',
    event,
  })
  const painted = lines(DEMO_PAINTINGS).map(
    ([paletteId = '', ago, words = '', subject = '', places = '', wished = ''], i) => {
      const day = daysAfter(today, -Number(ago))
      const used = places.split(' ').flatMap((text) => {
        const placeId = text.replace('!', '')
        const paintId = paintAt(documents, paletteId, placeId, day)
        return paintId
          ? [{ vessel: { paletteId, placeId }, paintId, ...(text.endsWith('!') ? { much: true } : {}) }]
          : []
      })
      const paint = documents.paints.find((p) => p.name === wished)
      return entry(`demo-painting-${i + 1}`, day, {
        kind: 'sitting',
        day,
        paletteId,
        words,
        subject,
        used,
        ...(wished ? { wished: [{ words: wished, ...(paint ? { paintId: paint.id } : {}) }] } : {}),
        ...(words === 'Landing, wind against tide' ? { pictureId: pictures[0]!.id } : {}),
      })
    },
  )
  const looks = lines(DEMO_LEVELS).map(([paletteId = '', ago, placeId = '', share], i) => {
    const day = daysAfter(today, -Number(ago))
    return entry(`demo-level-${i + 1}`, day, {
      kind: 'level',
      day,
      vessel: { paletteId, placeId },
      share: Number(share),
    })
  })
  return { entries: [...painted, ...looks], pictures }
}

/** Versions of palettes as they were planned then. */
export function versionsOf(palettes: readonly Palette[], paintOf: (key: string) => Paint, today: string): Version[] {
  return lines(DEMO_VERSIONS).map(([paletteId = '', ago, name = '', reason = '', was = ''], i) => {
    const palette = palettes.find((p) => p.id === paletteId)!
    const plan = new Map(Object.entries(palette.plan))
    for (const change of was.split(';').map((t) => t.trim())) {
      const [placeId, ...key] = change.split(' ')
      if (!placeId) continue
      if (key.length) plan.set(placeId, { paintId: paintOf(key.join(' ')).id })
      else plan.delete(placeId)
    }
    return {
      id: `demo-version-${i + 1}`,
      v: 1,
      paletteId,
      name,
      day: daysAfter(today, -Number(ago)),
      reason,
      ...versionOf({ ...palette, plan: Object.fromEntries(plan) }),
    }
  })
}
