import { colourDifference } from '../../colour/difference'
import { BARE } from '../../paints/sheet/readPatch'
import { labD65, type LabD65 } from '../../units'
import type { PaintedBox } from '../marks'
import { linearAssignment } from './linearAssignment'
import type { ReadBox } from './readPage'

/** What a box should look like: from most to least water that can be meant. None where its colour is not known. */
export type Expected = readonly LabD65[]

export interface CheckQuestion {
  boxes: readonly PaintedBox[]
  expected: readonly Expected[]
  read: readonly ReadBox[]
}

export interface CheckedBox {
  box: PaintedBox
  read: ReadBox
  /** Colour difference from what should be there, CIEDE2000; none where it is empty or nothing is known. */
  off?: number
  verdict: 'right' | 'far off' | 'exchanged' | 'empty' | 'unknown'
  /** How much is there: by where along its run it fits. */
  isPale?: boolean
}

export interface Exchange {
  /** Boxes, each of which holds what belongs into the next one. */
  boxes: PaintedBox[]
  /** Sums of the differences as it is, and as it would be. */
  before: number
  after: number
}

export interface PhotoChecked {
  boxes: CheckedBox[]
  exchanges: Exchange[]
  /** Boxes that hold what belongs into another, which is right itself. */
  doubles: { box: PaintedBox; like: PaintedBox; off: number }[]
  /** Most boxes are far off, whichever way they are read: likely another sheet, or upside down. */
  isOther: boolean
}

/** What is added to the square of the difference for every box that is taken for another one: predictions are off by about 4 (judgement, docs/accuracy.md). */
const DOUBT = 7
/** An exchange must bring the boxes nearer by so much together, CIEDE2000 (judgement). */
const GAIN = 9
/** And each of them by so much (judgement). */
const NEARER = 2
/** Beyond this a box is far off (judgement: half as much again as where predictions of mixtures end). */
const FAR = 14
/** So near to what belongs elsewhere, and nearer than to what belongs here by `GAIN`, is the same paint twice. */
const LIKE = 5
/** Nearer by so much to a thinner wash than to any that is meant is pale, CIEDE2000 (judgement). */
const PALE = 4

/** Washes thinner than any that is meant, towards bare paper. */
const THINNER = [0.4, 0.7, 0.85]
/** What is expected, and the same put on too thin: it is the right paint, and pale. */
function andThinner(expected: Expected): Expected {
  const [lightest] = [...expected].sort((p, q) => q.L - p.L)
  if (!lightest) return expected
  const mix = (a: number, b: number, share: number) => a + (b - a) * share
  return [
    ...expected,
    ...THINNER.map((t) => labD65(mix(lightest.L, BARE.L, t), mix(lightest.a, BARE.a, t), mix(lightest.b, BARE.b, t))),
  ]
}

/** How far a box lies from what is expected somewhere: each patch of it from the nearest of the run. */
export function differenceOf(read: ReadBox, expected: Expected): number {
  const each = read.patches.map((p) => Math.min(...expected.map((lab) => colourDifference(p.lab, lab))))
  return each.reduce((sum, d) => sum + d, 0) / each.length
}

/**
 * Holds what was read of a sheet against what should be there: which boxes are right, far off, empty or pale, which are
 * exchanged (in twos or in a ring), which hold the same as another. The eye has the last word.
 */
export function checkPhoto({ boxes, expected, read }: CheckQuestion): PhotoChecked {
  const known = boxes.map((_, i) => i).filter((i) => expected[i]!.length > 0 && !read[i]!.empty)
  const thinner = expected.map(andThinner)
  const off = known.map((i) => known.map((j) => differenceOf(read[i]!, thinner[j]!)))
  // two boxes that should look alike cannot be told apart, and need not be
  const cost = off.map((row, i) => row.map((d, j) => d * d + (i === j ? 0 : DOUBT * DOUBT)))
  const given = known.length ? linearAssignment(cost) : []
  const exchanges = ringsIn(given).flatMap((ring): Exchange[] => {
    const before = ring.reduce((sum, i) => sum + off[i]![i]!, 0)
    const after = ring.reduce((sum, i) => sum + off[i]![given[i]!]!, 0)
    // one that comes no nearer only made room for another
    const each = ring.every((i) => off[i]![given[i]!]! < off[i]![i]! - NEARER)
    return each && before - after >= GAIN ? [{ boxes: ring.map((i) => boxes[known[i]!]!), before, after }] : []
  })
  const exchanged = new Set(exchanges.flatMap((e) => e.boxes.map((b) => b.id)))
  const doubles = known.flatMap((at, i) => {
    const own = off[i]![i]!
    if (exchanged.has(boxes[at]!.id) || own < GAIN) return []
    const nearest = known
      .map((_, j) => j)
      .filter((j) => j !== i)
      .sort((p, q) => off[i]![p]! - off[i]![q]!)[0]
    const there = nearest === undefined ? Infinity : off[i]![nearest]!
    return there < LIKE && own - there >= GAIN ? [{ box: boxes[at]!, like: boxes[known[nearest!]!]!, off: there }] : []
  })
  const checked = boxes.map((box, at): CheckedBox => {
    const i = known.indexOf(at)
    if (read[at]!.empty) return { box, read: read[at]!, verdict: 'empty' }
    if (i < 0) return { box, read: read[at]!, verdict: 'unknown' }
    const own = off[i]![i]!
    const verdict = exchanged.has(box.id)
      ? 'exchanged'
      : own > FAR || doubles.some((d) => d.box === box)
        ? 'far off'
        : 'right'
    const isPale = verdict === 'right' && differenceOf(read[at]!, expected[at]!) > own + PALE
    return { box, read: read[at]!, off: own, verdict, ...(isPale ? { isPale } : {}) }
  })
  const bad = checked.filter((c) => c.verdict === 'far off').length
  return { boxes: checked, exchanges, doubles, isOther: known.length >= 4 && bad > known.length * 0.5 }
}

/** What a permutation moves round, ring by ring. */
function ringsIn(given: readonly number[]): number[][] {
  const seen = new Set<number>()
  const rings: number[][] = []
  for (let i = 0; i < given.length; i += 1) {
    const ring: number[] = []
    for (let at = i; !seen.has(at); at = given[at]!) {
      seen.add(at)
      ring.push(at)
    }
    if (ring.length > 1) rings.push(ring)
  }
  return rings
}
