import { toLch } from '../colour/lch'
import { sectorOf } from '../colour/wheel'
import type { Paint } from '../documents/paint'
import { behaviourOfMixture } from '../mixing/behaviour'
import { viewOfPaint } from '../paints/view'
import type { LabD65 } from '../units'
import type { PaintedBox } from './marks'

/** Something to look at on a chart. */
export interface Remarkable {
  kind: 'neutral' | 'clean' | 'dark' | 'separates'
  boxes: PaintedBox[]
  words: string
}

/** Mixtures with no more chroma than this are greys, C* (judgement). */
const GREY = 7
const MOST = 3

/**
 * What is remarkable among mixtures of two paints: pairs that neutralise each other, the cleanest greens, oranges and
 * violets, the deepest dark, and paints that part as they dry. Predicted colours; the eye has the last word.
 */
export function remarkableOn(
  boxes: readonly PaintedBox[],
  labOf: (box: PaintedBox) => LabD65 | undefined,
  paint: (id: string) => Paint | undefined,
): Remarkable[] {
  // each pair once: the side with less water
  const pairs = new Map<string, { box: PaintedBox; L: number; C: number; h: number }>()
  for (const box of boxes) {
    const lab = labOf(box)
    if (!lab || box.filling.parts.length !== 2) continue
    const key = box.filling.parts
      .map((p) => p.paintId)
      .sort()
      .join('+')
    const known = pairs.get(key)
    if (!known || (box.filling.water ?? 0) < (known.box.filling.water ?? 0)) pairs.set(key, { box, ...toLch(lab) })
  }
  const all = [...pairs.values()]
  const found: Remarkable[] = []
  const say = (
    kind: Remarkable['kind'],
    list: typeof all,
    lead: string,
    number: (p: (typeof all)[number]) => string,
  ) => {
    if (list.length === 0) return
    const named = list.map((p) => `${p.box.label} (${number(p)})`)
    found.push({ kind, boxes: list.map((p) => p.box), words: `${lead}: ${named.join('; ')}.` })
  }
  const chroma = (p: (typeof all)[number]) => `C* ${p.C.toFixed(0)}`
  // a grey with anything is a grey, and a white with anything its tint: neither is news
  const coloured = all.filter(({ box }) =>
    box.filling.parts.every(({ paintId }) => {
      const own = paint(paintId)
      const family = own && viewOfPaint(own).family
      return family !== 'neutral' && family !== 'white'
    }),
  )
  const greys = coloured.filter((p) => p.C <= GREY && p.L < 75).sort((p, q) => p.C - q.C)
  say('neutral', greys.slice(0, MOST), 'Neutral pairs', chroma)
  for (const family of ['green', 'orange', 'violet'] as const) {
    const own = coloured.filter((p) => p.C > 15 && sectorOf(p.h).family === family).sort((p, q) => q.C - p.C)
    say('clean', own.slice(0, MOST), `Cleanest ${family}s`, chroma)
  }
  const dark = [...all].sort((p, q) => p.L - q.L)
  say('dark', dark.slice(0, 1), 'Deepest dark', (p) => `L* ${p.L.toFixed(0)}`)
  const parting = all.flatMap(({ box }) => {
    const paints = box.filling.parts.flatMap((p) => paint(p.paintId) ?? [])
    const words =
      paints.length === 2 ? behaviourOfMixture(paints.map((p) => ({ paint: p, share: 0.5 }))).separates : undefined
    return words ? [{ box, words }] : []
  })
  if (parting.length) {
    const shown = parting.slice(0, MOST)
    const more = parting.length > MOST ? `, and ${parting.length - MOST} pairs more` : ''
    found.push({
      kind: 'separates',
      boxes: shown.map((p) => p.box),
      words: `${shown.map((p) => p.words).join('; ')}${more}.`,
    })
  }
  return found
}
