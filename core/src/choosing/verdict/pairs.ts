import { toLch } from '../../colour/lch'
import { sectorOf } from '../../colour/wheel'
import { colourAt, type Optics } from '../../film/optics'
import { KERNEL_LOADS } from '../../mixing/kernel/layout'
import { MixtureKernel } from '../../mixing/kernel/mixtureKernel'
import { mixtureOf, ratioGroups } from '../../mixing/kernel/ratios'
import { targetGrid } from '../../mixing/kernel/targetGrid'
import { mixOptics, mixSound } from '../../mixing/mixOptics'
import type { PaintFamily } from '../../colour/wheel'
import { inOrder, isMoreUsual, lasts } from '../../order'
import { chromaOf, compareText, viewOfPaint } from '../../paints/view'
import type { FoundMixture, Neutral, Values } from './assessment'
import { printed } from './indexes'
import type { Usable } from './planned'

/** Below this C* a colour passes for grey (common practice, no source). */
export const NEAR_GREY = 8
/** Paints duller than this need no neutraliser and are none: a black greys everything (judgement). */
const CHROMATIC = 10
/** At half load a mixture shows its hue and still has depth; some pairs are grey only as darks: places among the kernel's loads. */
const GREYS = [2, 0] as const

interface Pairs {
  neutrals: Neutral[]
  mixedDark?: FoundMixture
}
const knownPairs = new Map<string, Pairs>()
const MOST_KNOWN = 50

/** Every pair of paints in every ratio: which brings which to grey, and how dark two together get. */
export function pairsOf(usable: readonly Usable[]): Pairs {
  const key = usable.map((u) => `${u.id} ${printed(u)}`).join()
  const before = knownPairs.get(key)
  if (before) return before
  if (knownPairs.size > MOST_KNOWN) knownPairs.clear()
  const pairs = workOutPairs(usable)
  knownPairs.set(key, pairs)
  return pairs
}

/** Paints that are grey themselves, or hold a black, grey everything: they are no neutralisers (common practice, no source). */
const isColour = ({ paint }: Usable) =>
  chromaOf(viewOfPaint(paint)) >= CHROMATIC &&
  viewOfPaint(paint).family !== 'neutral' &&
  !paint.pigments.some((code) => /^[PN]Bk/.test(code))

function workOutPairs(usable: readonly Usable[]): Pairs {
  const kernel = new MixtureKernel(
    usable.map((u) => u.optics),
    targetGrid([], 1),
  )
  const { first, count } = ratioGroups()
  const isChromatic = usable.map(isColour)
  const partners = usable.map((): Partner[] => [])
  let dark = { L: Infinity, i: 0, j: 0, choice: 0 }
  const mixture = (i: number, j: number, choice: number, load: number) =>
    inFull([usable[Math.min(i, j)]!, usable[Math.max(i, j)]!], mixtureOf(choice, 2).ratio, load)
  for (let j = 1; j < usable.length; j += 1)
    for (let i = 0; i < j; i += 1) {
      const greys = GREYS.map(() => ({ C: Infinity, choice: 0 }))
      for (let g = 0; g < count[2]; g += 1) {
        const labs = kernel.mix([i, j], first[2] + g)
        for (let lane = 0; lane < 4; lane += 1) {
          const choice = ((first[2] + g) * 4 + lane) * 12
          GREYS.forEach((load, n) => {
            const C = Math.hypot(labs[load * 12 + lane + 4]!, labs[load * 12 + lane + 8]!)
            if (C < greys[n]!.C) greys[n] = { C, choice }
          })
          if (labs[lane]! < dark.L) dark = { L: labs[lane]!, i, j, choice }
        }
      }
      if (!isChromatic[i] || !isChromatic[j]) continue
      const found = greys.flatMap(({ C, choice }, n) =>
        C < 2 * NEAR_GREY ? (mixture(i, j, choice, KERNEL_LOADS[GREYS[n]!]!) ?? []) : [],
      )
      const grey = found.find((g) => g.C < NEAR_GREY) ?? farGrey(usable[i]!, usable[j]!)
      if (!grey) continue
      partners[i]!.push({ of: usable[j]!, grey })
      partners[j]!.push({ of: usable[i]!, grey })
    }
  const neutrals = usable.flatMap((u, i): Neutral[] => {
    if (!isChromatic[i]) return []
    const [best, other] = usualFirst(u, partners[i]!)
    return [{ paintId: u.id, ...(best ? { best: best.grey } : {}), ...(other ? { other: other.grey } : {}) }]
  })
  return { neutrals, ...(usable.length > 1 ? { mixedDark: mixture(dark.i, dark.j, dark.choice, 1) } : {}) }
}

/** A paint that brings another to grey, and the grey. */
interface Partner {
  of: Usable
  grey: FoundMixture
}

const paintOf = ({ of }: Partner) => of.paint

/** What painters grey each family with (common practice, no source). */
const GREYS_WITH: Readonly<Partial<Record<PaintFamily, readonly PaintFamily[]>>> = {
  blue: ['red earth', 'orange', 'brown'],
  'blue-green': ['red', 'red earth', 'orange'],
  green: ['red', 'violet', 'red earth'],
  red: ['green', 'blue-green'],
  violet: ['yellow', 'yellow earth', 'green'],
  yellow: ['violet'],
  orange: ['blue'],
  'red earth': ['blue'],
  'yellow earth': ['violet', 'blue'],
  brown: ['blue'],
}
/** Greys whose chroma differs by no more than this are alike, C* (judgement). */
const AS_GREY = 2

/** Partners with the usual ones first, then what lasts, what is greyer, what is more usual. */
function usualFirst({ paint }: Usable, partners: readonly Partner[]): Partner[] {
  const own = viewOfPaint(paint).fine
  const wanted = (own && GREYS_WITH[own]) ?? []
  const place = ({ of }: Partner) => {
    const fine = viewOfPaint(of.paint).fine
    const at = fine ? wanted.indexOf(fine) : -1
    return at < 0 ? -wanted.length : -at
  }
  return inOrder(
    partners,
    [
      lasts(paintOf, 1),
      { says: 'it is the usual partner', of: place },
      { says: 'it is greyer', of: ({ grey }) => -grey.C, within: AS_GREY },
      isMoreUsual(paintOf),
    ],
    (p, q) => compareText(p.of.id, q.of.id),
  ).map(({ item }) => item)
}

/** How far one paint may outweigh the other where a trace decides, parts to one. */
const [NEAR, FAR, FINER] = [4, 32, 1.12]
interface FarGrey {
  ratio: readonly [number, number]
  L: number
  C: number
}
/** By the two films: one paint that comes or goes leaves the other pairs of a palette as they are. */
const farGreys = new WeakMap<Optics, WeakMap<Optics, FarGrey | 'none'>>()

/** A strong violet in a yellow: the grey lies beyond the ratios of the grid. Whole parts, at half load and at masstone. */
function farGrey(one: Usable, other: Usable): FoundMixture | undefined {
  if (![one, other].some((u) => viewOfPaint(u.paint).family === 'yellow')) return undefined
  const known = farGreys.get(one.optics) ?? new WeakMap<Optics, FarGrey | 'none'>()
  const grey = known.get(other.optics) ?? searchFarGrey(one.optics, other.optics) ?? 'none'
  farGreys.set(one.optics, known.set(other.optics, grey))
  if (grey === 'none') return undefined
  return { paints: inParts([one, other], grey.ratio), L: grey.L, C: grey.C }
}

function searchFarGrey(one: Optics, other: Optics): FarGrey | undefined {
  const best = GREYS.map((): FarGrey | undefined => undefined)
  for (let parts = NEAR; parts <= FAR; parts = Math.max(parts + 1, Math.round(parts * FINER)))
    for (const ratio of [[parts, 1] as const, [1, parts] as const]) {
      const mixed = mixSound([
        { optics: one, parts: ratio[0] },
        { optics: other, parts: ratio[1] },
      ])
      GREYS.forEach((load, n) => {
        const { L, C } = toLch(colourAt(mixed, KERNEL_LOADS[load]!))
        if (C < (best[n]?.C ?? NEAR_GREY)) best[n] = { ratio, L, C }
      })
    }
  const [first, then] = best
  return then && (!first || then.C < first.C) ? then : first
}

const inParts = (members: readonly Usable[], ratio: readonly number[]) =>
  members.map((m, i) => ({ id: m.id, parts: ratio[i]! })).sort((p, q) => q.parts - p.parts)

/** A mixture with all 36 bands. */
function inFull(members: readonly Usable[], ratio: readonly number[], load: number): FoundMixture | undefined {
  const mixed = mixOptics(members.map((m, i) => ({ optics: m.optics, parts: ratio[i]! })))
  if (!mixed.ok) return undefined
  const { L, C } = toLch(colourAt(mixed.value, load))
  return { paints: inParts(members, ratio), L, C }
}

/** C* from which a thin wash still has a colour (judgement). */
const STILL_COLOURED = 8

/** How dark and how light the palette goes. */
export function valuesOf(usable: readonly Usable[], mixedDark: FoundMixture | undefined): Values {
  const scale = usable
    .map((u) => ({ paintId: u.id, L: colourAt(u.optics, 1).L }))
    .sort((p, q) => p.L - q.L || (p.paintId < q.paintId ? -1 : 1))
  let lightest: Values['lightest']
  for (const { id, optics } of usable)
    for (let load = 1; load > 0.02; load /= Math.SQRT2) {
      const { L, C } = toLch(colourAt(optics, load))
      if (C >= STILL_COLOURED && L > (lightest?.L ?? 0)) lightest = { paintId: id, L }
    }
  const [alone] = scale
  return {
    scale,
    ...(alone ? { alone } : {}),
    ...(mixedDark ? { mixed: mixedDark } : {}),
    ...(lightest ? { lightest } : {}),
  }
}

export const SECONDARIES = ['green', 'orange', 'violet'] as const
export type Secondary = (typeof SECONDARIES)[number]

/** Only the most chromatic paints come into question for a clean mixture. */
const MOST_CHROMATIC = 30
const cleanest = new Map<string, Record<Secondary, number>>()

/**
 * The cleanest green, orange and violet that paints give alone or in pairs, at any load: C* of the hue's sector, on
 * twelve bands. Of many paints the thirty most chromatic are tried.
 */
export function cleanestOf(usable: readonly Pick<Usable, 'paint' | 'optics'>[]): Record<Secondary, number> {
  const key = usable.map(printed).join()
  const before = cleanest.get(key)
  if (before) return before
  if (cleanest.size > MOST_KNOWN) cleanest.clear()
  const list = [...usable]
    .sort((p, q) => chromaOf(viewOfPaint(q.paint)) - chromaOf(viewOfPaint(p.paint)))
    .slice(0, MOST_CHROMATIC)
  const kernel = new MixtureKernel(
    list.map((u) => u.optics),
    targetGrid([], 1),
  )
  const { first, count } = ratioGroups()
  const best = { green: 0, orange: 0, violet: 0 }
  const look = (members: readonly number[], group: number) => {
    const labs = kernel.mix(members, group)
    for (let at = 0; at < labs.length; at += at % 4 === 3 ? 9 : 1) {
      const [a, b] = [labs[at + 4]!, labs[at + 8]!]
      const C = Math.hypot(a, b)
      if (C <= Math.min(best.green, best.orange, best.violet)) continue
      const { family } = sectorOf(((Math.atan2(b, a) * 180) / Math.PI + 360) % 360)
      if ((family === 'green' || family === 'orange' || family === 'violet') && C > best[family]) best[family] = C
    }
  }
  for (let j = 0; j < list.length; j += 1) {
    look([j], first[1])
    for (let i = 0; i < j; i += 1) for (let g = 0; g < count[2]; g += 1) look([i, j], first[2] + g)
  }
  cleanest.set(key, best)
  return best
}
