import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { sharedBox, type Box } from '../geometry'
import { toTheEnd } from '../../steps'
import { BlockTable } from './blockTable'
import { LShapes } from './lShapes'
import { packTin, type Packing, type TinQuestion } from './packTin'
import { runs } from '../../../../tests/setup/runs'

const cut = (p: Box, q: Box) =>
  Math.min(p.x + p.width, q.x + q.width) - Math.max(p.x, q.x) > 1e-6 &&
  Math.min(p.y + p.height, q.y + q.height) - Math.max(p.y, q.y) > 1e-6
function isSound(boxes: readonly Box[], width: number, height: number): boolean {
  return boxes.every(
    (b, i) =>
      b.x >= -1e-6 &&
      b.y >= -1e-6 &&
      b.x + b.width <= width + 1e-6 &&
      b.y + b.height <= height + 1e-6 &&
      boxes.slice(i + 1).every((o) => !cut(b, o)),
  )
}
function pack(question: TinQuestion) {
  const answer = toTheEnd(packTin(question))
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}

/** Instances of the literature on loading pallets (from memory), with the greatest number of boxes. */
const BY_BLOCKS = [
  [14, 10, 3, 2, 23],
  [22, 16, 5, 3, 23],
  [87, 47, 7, 6, 97],
  [86, 82, 15, 11, 42],
] as const
const BY_L_SHAPES = [
  [43, 26, 7, 3, 53],
  [49, 28, 8, 3, 57],
  [57, 34, 7, 4, 69],
  [61, 35, 10, 3, 71],
  [67, 37, 11, 3, 75],
] as const

describe('equal boxes in a rectangle', () => {
  it.each(BY_BLOCKS)('%i x %i holds boxes of %i x %i: %i, by five blocks', (w, h, a, b, most) => {
    const table = new BlockTable(a, b, w, h)
    expect(table.count(w, h)).toBe(most)
    expect(table.lay(w, h)).toHaveLength(most)
    expect(isSound(table.lay(w, h), w / 10, h / 10)).toBe(true)
  })

  it.each(BY_L_SHAPES)(
    '%i x %i holds boxes of %i x %i: %i, by L-shapes, one more than by blocks',
    (w, h, a, b, most) => {
      const table = new BlockTable(a, b, w, h)
      expect(table.count(w, h)).toBe(most - 1)
      const shapes = new LShapes(table, 3_000_000)
      const found = toTheEnd(shapes.better(w, h))
      expect(found.count).toBe(most)
      const laid = shapes.layBetter(w, h, found)
      expect(laid).toHaveLength(most)
      expect(isSound(laid, w / 10, h / 10)).toBe(true)
    },
  )

  it('never more than the bound, never fewer than in rows, and no fewer in more room', () => {
    const side = fc.integer({ min: 2, max: 12 })
    const length = fc.integer({ min: 1, max: 60 })
    fc.assert(
      fc.property(side, side, length, length, (a, b, w, h) => {
        const [long, short] = [Math.max(a, b), Math.min(a, b)]
        const table = new BlockTable(long, short, w, h)
        const count = table.count(w, h)
        const rows = Math.max(
          Math.floor(w / long) * Math.floor(h / short),
          Math.floor(w / short) * Math.floor(h / long),
        )
        expect(count).toBeGreaterThanOrEqual(rows)
        expect(count).toBeLessThanOrEqual(table.bound(w, h))
        expect(table.count(w - 1, h)).toBeLessThanOrEqual(count)
        expect(table.count(w, h - 1)).toBeLessThanOrEqual(count)
        const laid = table.lay(w, h)
        expect(laid).toHaveLength(count)
        expect(isSound(laid, w / 10, h / 10)).toBe(true)
      }),
    )
  })

  it('as many as every way of laying them side by side tried out', () => {
    // each cell of a small grid either free or the corner of a box, upright or lying
    const most = (w: number, h: number, a: number, b: number): number => {
      const taken = new Uint8Array(w * h)
      const fits = (x: number, y: number, bw: number, bh: number) => {
        if (x + bw > w || y + bh > h) return false
        for (let i = 0; i < bw; i += 1) for (let j = 0; j < bh; j += 1) if (taken[(y + j) * w + x + i]) return false
        return true
      }
      const set = (x: number, y: number, bw: number, bh: number, to: number) => {
        for (let i = 0; i < bw; i += 1) for (let j = 0; j < bh; j += 1) taken[(y + j) * w + x + i] = to
      }
      let best = 0
      const go = (cell: number, count: number): void => {
        best = Math.max(best, count)
        if (cell >= w * h || count + Math.floor((w * h - cell) / (a * b)) <= best) return
        const [x, y] = [cell % w, Math.floor(cell / w)]
        for (const [bw, bh] of [
          [a, b],
          [b, a],
        ] as const)
          if (fits(x, y, bw, bh)) {
            set(x, y, bw, bh, 1)
            go(cell + 1, count + 1)
            set(x, y, bw, bh, 0)
          }
        go(cell + 1, count)
      }
      go(0, 0)
      return best
    }
    for (const [w, h, a, b] of [
      [7, 5, 3, 2],
      [8, 8, 5, 3],
      [9, 7, 4, 3],
      [10, 8, 4, 3],
      [11, 7, 5, 2],
    ] as const)
      expect(new BlockTable(a, b, w, h).count(w, h), `${w} x ${h} of ${a} x ${b}`).toBe(most(w, h, a, b))
  })
})

describe('pans in a tin', () => {
  it.each([
    [60, 45, 6],
    [85, 60, 15],
    [110, 65, 22],
    [125, 65, 25],
    [140, 70, 32],
    [160, 80, 41],
    [180, 85, 48],
    [200, 85, 54],
  ])('a tin of %i x %i mm takes %i half pans of 19 x 16', (width, height, half) => {
    const [first] = packTin({ width, height })
    expect(first?.soFar?.onlyHalf.half).toBe(half)
    expect(isSound(first!.soFar!.onlyHalf.pans, width, height)).toBe(true)
  })

  it.each([
    [200, 85, 26],
    [205, 95, 33],
  ])('a tin of %i x %i mm takes %i full pans of 30 x 19', (width, height, full) => {
    const [first] = packTin({ width, height })
    expect(first?.soFar?.onlyFull.full).toBe(full)
  })

  it('keeps a corner of 50 x 35 mm free: 26 half pans in 140 x 70, whichever corner', () => {
    for (const [x, y] of [
      [0, 0],
      [90, 0],
      [0, 35],
      [90, 35],
    ] as const) {
      const keepFree = { x, y, width: 50, height: 35 }
      const { onlyHalf } = pack({ width: 140, height: 70, keepFree })
      expect(onlyHalf.half).toBe(26)
      expect(isSound([...onlyHalf.pans, keepFree], 140, 70)).toBe(true)
    }
  })

  it('whatever is asked, pans lie inside, apart from each other and from what is kept free', () => {
    const free = fc.record({
      x: fc.integer({ min: 0, max: 60 }),
      y: fc.integer({ min: 0, max: 40 }),
      width: fc.integer({ min: 1, max: 40 }),
      height: fc.integer({ min: 1, max: 30 }),
    })
    const question = fc.record({
      width: fc.integer({ min: 40, max: 110 }),
      height: fc.integer({ min: 30, max: 80 }),
      gap: fc.constantFrom(0, 0.5, 1),
      keepFree: fc.option(free, { nil: undefined }),
    })
    fc.assert(
      fc.property(question, ({ keepFree, ...asked }) => {
        const answer = toTheEnd(packTin({ ...asked, ...(keepFree ? { keepFree } : {}) }))
        if (!answer.ok) return
        const { onlyHalf, onlyFull, mixed } = answer.value
        for (const p of [onlyHalf, onlyFull, ...mixed]) {
          const boxes = [...p.pans, ...(keepFree ? [keepFree] : [])]
          expect(isSound(boxes, asked.width, asked.height)).toBe(true)
          expect(p.pans.length).toBe(p.half + p.full)
          if (p.atMost !== undefined) expect(p.pans.length).toBeLessThanOrEqual(p.atMost)
          expect(Math.min(p.spare.right, p.spare.below)).toBeGreaterThanOrEqual(0)
        }
      }),
      { numRuns: runs(40) },
    )
  })

  it('a gap leaves room round every pan, and costs pans', () => {
    const loose = pack({ width: 113, height: 64, gap: 1 }).onlyHalf
    const tight = pack({ width: 113, height: 64 }).onlyHalf
    expect(loose.half).toBeLessThan(tight.half)
    for (const [i, p] of loose.pans.entries())
      for (const q of loose.pans.slice(i + 1))
        expect(cut({ x: p.x - 0.99, y: p.y - 0.99, width: p.width + 1.98, height: p.height + 1.98 }, q)).toBe(false)
  })

  it('mixed: of two, each has more of one kind', () => {
    const { mixed, onlyHalf, onlyFull } = pack({ width: 130, height: 85 })
    expect(mixed.length).toBeGreaterThan(1)
    const pairs = mixed.map((m: Packing) => [m.full, m.half] as const)
    pairs.slice(1).forEach(([full, half], i) => {
      expect(full).toBeLessThan(pairs[i]![0])
      expect(half).toBeGreaterThan(pairs[i]![1])
    })
    expect(pairs.every(([full, half]) => full <= onlyFull.full && half < onlyHalf.half)).toBe(true)
  })

  it('refuses what is no tin', () => {
    const codeOf = (question: TinQuestion) => {
      const answer = toTheEnd(packTin(question))
      return answer.ok ? 'fine' : answer.error.code
    }
    expect(codeOf({ width: 0, height: 60 })).toBe('absurd-size')
    expect(codeOf({ width: 9000, height: 60 })).toBe('absurd-size')
    expect(codeOf({ width: Number.NaN, height: 60 })).toBe('absurd-size')
    expect(codeOf({ width: 100, height: 60, half: { width: 0, height: 19 } })).toBe('absurd-size')
    expect(codeOf({ width: 100, height: 60, gap: -1 })).toBe('absurd-size')
    expect(codeOf({ width: 100, height: 60, keepFree: { x: 90, y: 0, width: 30, height: 20 } })).toBe('no-room')
    expect(pack({ width: 10, height: 10 }).onlyHalf.half).toBe(0)
  })
})

it('no pan lies in what is kept free, by however little: fractions of tenths included', () => {
  fc.assert(
    fc.property(
      fc.record({
        width: fc.double({ min: 60, max: 120, noNaN: true }),
        height: fc.double({ min: 40, max: 70, noNaN: true }),
        gap: fc.constantFrom(0, 0.33, 1),
        free: fc.record({
          x: fc.double({ min: 0, max: 1, noNaN: true }),
          y: fc.double({ min: 0, max: 1, noNaN: true }),
          width: fc.double({ min: 5, max: 40, noNaN: true }),
          height: fc.double({ min: 5, max: 30, noNaN: true }),
        }),
      }),
      ({ width, height, gap, free }) => {
        const keepFree = { ...free, x: free.x * (width - free.width), y: free.y * (height - free.height) }
        const packed = toTheEnd(packTin({ width, height, gap, keepFree }))
        if (!packed.ok) return
        for (const { pans } of [packed.value.onlyHalf, packed.value.onlyFull, ...packed.value.mixed])
          for (const pan of pans) {
            expect(pan.x >= -1e-9 && pan.y >= -1e-9).toBe(true)
            expect(pan.x + pan.width <= width + 1e-9 && pan.y + pan.height <= height + 1e-9).toBe(true)
            const shared = sharedBox(pan, keepFree)
            const over = shared ? Math.min(shared.width, shared.height) : 0
            expect(over).toBeLessThan(1e-6)
          }
      },
    ),
    { numRuns: runs(60) },
  )
})
