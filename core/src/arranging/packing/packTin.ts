import { type Box, sharedBox } from '../geometry'
import { FULL_PAN, HALF_PAN } from '../holderShapes'
import { fail, ok, type Result } from '../../result'
import { BlockTable, inTenths, tenthsFor } from './blockTable'
import { LShapes } from './lShapes'

export interface PanSides {
  width: number
  height: number
}
export interface TinQuestion {
  /** The tin's inside, mm: 10 to 600. */
  width: number
  height: number
  half?: PanSides
  full?: PanSides
  /** Room between pans, and between pans and the wall, mm: 0 to 5. */
  gap?: number
  /** A rectangle that no pan may lie in: what is kept to mix on, mm from the tin's upper left corner. */
  keepFree?: Box
}
export interface PackedPan extends Box {
  size: 'half pan' | 'full pan'
}
export interface Packing {
  half: number
  full: number
  pans: PackedPan[]
  /** No more pans of this kind can ever fit; left out for mixed ones. */
  atMost?: number
  /** mm to spare beyond the last pan, to the right and below. */
  spare: { right: number; below: number }
}
export interface TinPacked {
  onlyHalf: Packing
  onlyFull: Packing
  /** Both kinds, none of which holds as many of one kind and more of the other; the most full pans first. */
  mixed: Packing[]
}
export interface PackProgress {
  /** 0..1. */
  done: number
  soFar?: TinPacked
}

interface Sized {
  size: PackedPan['size']
  table: BlockTable
  shapes: LShapes
}
/** L-shapes are searched up to so many pans: their time grows too fast beyond, and blocks leave little (measured). */
const MOST_FOR_SHAPES = 170
const isLength = (n: number, least: number, most: number) => Number.isFinite(n) && n >= least && n <= most

/**
 * How many pans fit into a tin: half ones, full ones, and both, with a place kept free to mix on. Single kinds are
 * searched by five blocks, then by L-shapes; mixed ones in two fields side by side. Yields what it has at once, then how
 * far it is. Source of the methods: `BlockTable`, `LShapes`.
 *
 * Errors: `absurd-size` (a tin below 10 mm or above 600 mm, a pan below 5 mm, a gap outside 0..5 mm), `no-room` (what is
 * kept free lies outside or leaves nothing).
 */
export function* packTin(question: TinQuestion): Generator<PackProgress, Result<TinPacked>> {
  const { width, height, half = HALF_PAN, full = FULL_PAN, gap = 0, keepFree } = question
  if (!isLength(width, 10, 600) || !isLength(height, 10, 600))
    return fail('absurd-size', 'The inside of a tin measures 10 to 600 mm each way.')
  if (![half.width, half.height, full.width, full.height].every((n) => isLength(n, 5, 200)))
    return fail('absurd-size', 'A pan measures 5 to 200 mm each way.')
  if (!isLength(gap, 0, 5)) return fail('absurd-size', 'Between pans lie 0 to 5 mm.')
  // a pan with half a gap on each side, in a tin with half a gap more
  const [w, h] = [inTenths(width - gap), inTenths(height - gap)]
  const asked = keepFree && keepFree.width > 0 && keepFree.height > 0 ? keepFree : undefined
  if (asked && !isInside(asked, width, height)) return fail('no-room', 'What is kept free lies outside the tin.')
  if (w <= 0 || h <= 0) return fail('no-room', 'Nothing fits.')
  const free = asked && freeIn(asked, gap, w, h)

  const sized = (size: PackedPan['size'], pan: PanSides): Sized => {
    const sides = [tenthsFor(pan.width + gap), tenthsFor(pan.height + gap)]
    const table = new BlockTable(Math.max(...sides), Math.min(...sides), w, h)
    return { size, table, shapes: new LShapes(table) }
  }
  const kinds = [sized('half pan', half), sized('full pan', full)] as const
  const field: Field = { x: 0, y: 0, width: w, height: h }
  const finish = (pans: PackedPan[]): Packing => finished(pans, gap, width, height)
  const best = kinds.map((kind) => fill(kind, field, free))
  const single = (at: 0 | 1): Packing => ({
    ...finish(best[at]!.lay()),
    atMost: free ? areaLeft(kinds[at].table, w, h, free) : kinds[at].table.bound(w, h),
  })
  const mixed = mixedFields(kinds, field, free).map((parts) => finish(parts.flatMap((p) => p.lay())))
  const answer = (): TinPacked => ({ onlyHalf: single(0), onlyFull: single(1), mixed })
  yield { done: 0, soFar: answer() }
  if (!free)
    for (const [i, kind] of kinds.entries()) {
      if (best[i]!.count > MOST_FOR_SHAPES) continue
      const search = kind.shapes.better(w, h)
      for (;;) {
        const step = search.next()
        if (step.done) {
          const { count, pieces } = step.value
          if (pieces && count > best[i]!.count)
            best[i] = {
              size: kind.size,
              count,
              lay: () => kind.shapes.layBetter(w, h, step.value).map((b) => ({ ...b, size: kind.size })),
            }
          break
        }
        yield { done: (i + step.value) / 2 }
      }
    }
  return ok(answer())
}

/** A rectangle in tenths of a millimetre. */
type Field = Box
interface Filled {
  count: number
  size: PackedPan['size']
  lay(): PackedPan[]
}

const isInside = ({ x, y, width, height }: Box, w: number, h: number) =>
  x >= 0 && y >= 0 && x + width <= w && y + height <= h

/** What is kept free as blocks see it: a pan's share of the gap lies to its left and above it, and may lie in there. */
function freeIn({ x, y, width, height }: Box, gap: number, w: number, h: number): Field | undefined {
  // never into what was asked to be kept free, not by a twentieth of a millimetre
  const [left, top] = [inTenths(x), inTenths(y)]
  const [right, below] = [Math.min(w, tenthsFor(x + width - gap)), Math.min(h, tenthsFor(y + height - gap))]
  return right > left && below > top ? { x: left, y: top, width: right - left, height: below - top } : undefined
}

const areaLeft = (table: BlockTable, w: number, h: number, free: Field) =>
  Math.floor((w * h - free.width * free.height) / (table.long * table.short))

/** A field full of pans of one kind, round what of it is kept free. */
function fill(kind: Sized, field: Field, free?: Field): Filled {
  const { size, table, shapes } = kind
  const hole = free && sharedBox(field, free)
  const plain = ({ x, y, width, height }: Field): Filled => ({
    size,
    count: table.count(width, height),
    lay: () => table.lay(width, height).map((b) => ({ ...b, x: b.x + x / 10, y: b.y + y / 10, size })),
  })
  if (!hole) return plain(field)
  const corner = cornerOf(field, hole)
  const ways = around(field, hole).map((fields): Filled => {
    const parts = fields.map(plain)
    return { size, count: parts.reduce((sum, p) => sum + p.count, 0), lay: () => parts.flatMap((p) => p.lay()) }
  })
  if (corner) {
    const shape = {
      width: field.width,
      height: field.height,
      foot: field.width - hole.width,
      arm: field.height - hole.height,
    }
    // the shape is written with its gap to the right and above, counted upwards
    ways.push({
      size,
      count: shapes.solve(shape).count,
      lay: () =>
        shapes.lay(shape).map((b) => ({
          ...b,
          size,
          x: field.x / 10 + (corner.isLeft ? field.width / 10 - b.x - b.width : b.x),
          y: field.y / 10 + (corner.isTop ? field.height / 10 - b.y - b.height : b.y),
        })),
    })
  }
  return ways.reduce((p, q) => (q.count > p.count ? q : p))
}

function cornerOf(field: Field, hole: Field): { isLeft: boolean; isTop: boolean } | undefined {
  const [isLeft, isTop] = [hole.x === field.x, hole.y === field.y]
  const isRight = hole.x + hole.width === field.x + field.width
  const isBelow = hole.y + hole.height === field.y + field.height
  return (isLeft || isRight) && (isTop || isBelow) ? { isLeft, isTop } : undefined
}

/** What is left of a field round a hole, as up to four rectangles: each corner belongs to one side or the other. */
function around(field: Field, hole: Field): Field[][] {
  const [right, below] = [hole.x + hole.width, hole.y + hole.height]
  const [end, bottom] = [field.x + field.width, field.y + field.height]
  return Array.from({ length: 16 }, (_, bits) => {
    const has = (bit: number) => Boolean(bits & (1 << bit))
    const rect = (x: number, y: number, x2: number, y2: number): Field => ({ x, y, width: x2 - x, height: y2 - y })
    return [
      rect(has(0) ? field.x : hole.x, field.y, has(1) ? end : right, hole.y),
      rect(has(2) ? field.x : hole.x, below, has(3) ? end : right, bottom),
      rect(field.x, has(0) ? hole.y : field.y, hole.x, has(2) ? below : bottom),
      rect(right, has(1) ? hole.y : field.y, end, has(3) ? below : bottom),
    ].filter((f) => f.width > 0 && f.height > 0)
  })
}

/** Both kinds in two fields, by every cut where full pans end; those than which none is better. */
function mixedFields(kinds: readonly [Sized, Sized], field: Field, free?: Field): Filled[][] {
  const [halves, fulls] = kinds
  const found: { half: number; full: number; parts: Filled[] }[] = []
  for (const cut of fulls.table.sums) {
    if (cut === 0) continue
    for (const isAcross of [true, false]) {
      const length = isAcross ? field.width : field.height
      if (cut >= length) continue
      const [first, second]: [Field, Field] = isAcross
        ? [
            { ...field, width: cut },
            { ...field, x: field.x + cut, width: field.width - cut },
          ]
        : [
            { ...field, height: cut },
            { ...field, y: field.y + cut, height: field.height - cut },
          ]
      // full pans on either side of the cut, since what is kept free may lie on one
      for (const [forFull, forHalf] of free
        ? [
            [first, second],
            [second, first],
          ]
        : [[first, second]]) {
        const parts = [fill(fulls, forFull!, free), fill(halves, forHalf!, free)]
        found.push({ full: parts[0]!.count, half: parts[1]!.count, parts })
      }
    }
  }
  found.sort((p, q) => q.full - p.full || q.half - p.half)
  let most = 0
  return found
    .filter(({ half, full }) => {
      const isBetter = half > most && full > 0
      if (isBetter) most = half
      return isBetter
    })
    .map(({ parts }) => parts)
}

/** Pans without their share of the gap, and what is left beyond them. */
function finished(pans: readonly PackedPan[], gap: number, width: number, height: number): Packing {
  const round = (mm: number) => Math.round(mm * 100) / 100
  const shrunk = pans.map((b) => ({
    size: b.size,
    x: round(b.x + gap),
    y: round(b.y + gap),
    width: round(b.width - gap),
    height: round(b.height - gap),
  }))
  const end = (of: (b: PackedPan) => number) => shrunk.reduce((most, b) => Math.max(most, of(b)), 0)
  return {
    half: pans.filter((b) => b.size === 'half pan').length,
    full: pans.filter((b) => b.size === 'full pan').length,
    pans: shrunk,
    spare: { right: round(width - end((b) => b.x + b.width)), below: round(height - end((b) => b.y + b.height)) },
  }
}
