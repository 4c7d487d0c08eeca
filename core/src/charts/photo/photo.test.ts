import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../../arranging/holders'
import { colourDifference } from '../../colour/difference'
import { toScreen } from '../../colour/srgb'
import type { Paint } from '../../documents/paint'
import { findMarks } from '../../paints/sheet/findMarks'
import { gaussian } from '../../paints/colourReader'
import { REFERENCE_PIGMENTS } from '../../pigments/reference'
import { toTheEnd } from '../../steps'
import { labD65, type LabD65 } from '../../units'
import { USUAL_KEY } from '../keyCells'
import { layChart } from '../layChart'
import { layKey } from '../layKey'
import { onPaper, type Page } from '../onPaper'
import { checkPhoto, type PhotoChecked } from './checkPhoto'
import { linearAssignment } from './linearAssignment'
import { frameOf, readPage } from './readPage'
import { simulatePage, type PageConditions } from './simulatePage'
import { runs } from '../../../../tests/setup/runs'

const measure = (text: string, size: number) => text.length * size * 0.5
/** Colours that sRGB shows, clearly different from each other. */
const COLOURS: LabD65[] = []
for (const { masstone } of REFERENCE_PIGMENTS)
  if (toScreen(masstone).shown && masstone.L < 88 && COLOURS.every((c) => colourDifference(c, masstone) > 9))
    COLOURS.push(masstone)
const paints: Paint[] = COLOURS.map((_, i) => ({ id: `p${i}`, v: 2, maker: '', name: `Paint ${i}`, pigments: [] }))

function pageOf(lay: Parameters<typeof onPaper>[0], paper: 'A4' | 'A5' = 'A4'): Page {
  const printed = onPaper(lay, 'Test', { paper: { name: paper, turn: 'as it fits' }, photoMarks: true }, measure)
  if (!printed.ok) throw new Error(printed.error.message)
  return printed.value.pages[0]!
}
const holder = HOLDERS.find((h) => h.places.length === 24) ?? HOLDERS[0]!
const KEY = pageOf(() => {
  const plan = Object.fromEntries(holder.places.map((p, i) => [p.id, { paintId: `p${i % COLOURS.length}` }]))
  const palette = { ...{ id: 'k', v: 1 as const, name: 'Tin', use: 'studio' as const, purpose: '', holder, plan } }
  const key = layKey({
    palette,
    paints: new Map(paints.map((p) => [p.id, p])),
    measure,
    tones: () => [],
    look: { ...USUAL_KEY, form: 'boxes', box: 16 },
  })
  return key.ok ? { ok: true, value: [key.value] } : key
})
const CHART = pageOf((room) =>
  layChart(
    { paints: paints.slice(0, 6), measure, tones: () => [], colouring: 'none', box: 16, water: 1, tintWater: 6 },
    room,
  ),
)
const own = (page: Page, i: number) => COLOURS[Number(page.boxes[i]!.filling.parts[0]!.paintId.slice(1))]!
/** A run from strong to thin: towards the paper. */
const paper = labD65(93, 0, 2)
const thinner = (lab: LabD65, share: number) =>
  labD65(lab.L + (paper.L - lab.L) * share, lab.a * (1 - share), lab.b * (1 - share) + paper.b * share)
const runOf = (lab: LabD65) => [0, 0.3, 0.6].map((s) => thinner(lab, s))

const conditions: fc.Arbitrary<PageConditions> = fc.record({
  noise: fc.double({ min: 0, max: 0.02, noNaN: true }),
  tilt: fc.double({ min: 0, max: 0.2, noNaN: true }),
  uneven: fc.double({ min: 0, max: 0.4, noNaN: true }),
  tone: fc.double({ min: 0, max: 0.15, noNaN: true }),
  light: fc.constantFrom([1, 1, 1] as const, [1, 0.92, 0.8] as const, [0.85, 0.95, 1] as const),
  pixels: fc.constantFrom(800, 1000),
  upsideDown: fc.boolean(),
  seed: fc.integer({ min: 1, max: 1e6 }),
})
function photograph(page: Page, painted: (i: number) => readonly LabD65[], how: PageConditions) {
  const made = simulatePage(page, painted, how)
  if (!made.ok) throw new Error(made.error.message)
  return made.value
}
const frame = (page: Page) => frameOf(page).width / frameOf(page).height

describe('the marks of a photographed sheet', () => {
  it(`are found within three pixels, upside down or not: 95 in a hundred, of ${runs(10)}`, () => {
    let [within, all] = [0, 0]
    fc.assert(
      fc.property(conditions, fc.constantFrom(KEY, CHART), (how, page) => {
        const { image, corners } = photograph(page, (i) => [own(page, i)], how)
        const found = findMarks(image, frame(page))
        all += 1
        if (found.ok && found.value.every((c, i) => Math.hypot(c.x - corners[i]!.x, c.y - corners[i]!.y) <= 3))
          within += 1
      }),
      { numRuns: runs(10) },
    )
    expect(within / all).toBeGreaterThanOrEqual(0.95)
  }, 60_000)

  it('are refused with a reason where one is out of sight, the sheet is another, or there is none', () => {
    const { image, corners } = photograph(KEY, () => [], { pixels: 900 })
    const covered = { ...image, data: image.data.slice() }
    const { x, y } = corners[2]
    for (let dy = -12; dy <= 12; dy += 1)
      for (let dx = -12; dx <= 12; dx += 1)
        covered.data.set([220, 220, 215], ((Math.round(y) + dy) * image.width + Math.round(x) + dx) * 4)
    const code = (r: ReturnType<typeof findMarks>) => (r.ok ? 'found' : r.error.code)
    expect(code(findMarks(image, frame(KEY)))).toBe('found')
    expect(code(findMarks(covered, frame(KEY)))).toBe('marks-not-found')
    expect(code(findMarks(image, frame(KEY) * 3))).toBe('marks-not-a-sheet')
    const blank = new Uint8ClampedArray(400 * 400 * 4).fill(230)
    expect(code(findMarks({ width: 400, height: 400, data: blank }, 1))).toBe('marks-not-found')
    expect(code(findMarks({ width: 4, height: 4, data: blank }, 1))).toBe('not-an-image')
  })
})

function read(page: Page, made: ReturnType<typeof photograph>, known?: { box: number; lab: LabD65 }[]) {
  const reading = toTheEnd(readPage({ image: made.image, page, corners: made.corners, ...(known ? { known } : {}) }))
  if (!reading.ok) throw new Error(reading.error.message)
  return reading.value
}
function check(
  page: Page,
  painted: (i: number) => readonly LabD65[],
  how: PageConditions,
  expected: (i: number) => readonly LabD65[],
): PhotoChecked {
  const reading = read(page, photograph(page, painted, how))
  return checkPhoto({ boxes: page.boxes, expected: page.boxes.map((_, i) => expected(i)), read: reading.boxes })
}

describe('the colours of a photographed sheet', () => {
  it('come within 1.0 in the middle where four boxes are known, whatever tone curve the telephone has', () => {
    for (const tone of [0.1, 0.2, 0.3]) {
      const made = photograph(CHART, (i) => [own(CHART, i)], {
        tone,
        noise: 0.01,
        uneven: 0.3,
        pixels: 1200,
        light: [1, 0.95, 0.88],
      })
      const offs = (known?: { box: number; lab: LabD65 }[]) => {
        const { boxes, toned } = read(CHART, made, known)
        const sorted = boxes.map((b, i) => colourDifference(b.patches[0]!.lab, own(CHART, i))).sort((p, q) => p - q)
        return { median: sorted[sorted.length >> 1]!, toned }
      }
      const known = [0, 1, 2, 3].map((box) => ({ box, lab: own(CHART, box) }))
      const [plain, toned] = [offs(), offs(known)]
      expect(toned.toned).toBe(4)
      expect(toned.median, `tone ${tone}`).toBeLessThan(1)
      expect(toned.median).toBeLessThan(plain.median)
    }
  })

  it('a true picture is not bent, nor by fewer than four', () => {
    const made = photograph(CHART, (i) => [own(CHART, i)], { pixels: 900 })
    expect(
      read(
        CHART,
        made,
        [0, 1, 2].map((box) => ({ box, lab: paper })),
      ).toned,
    ).toBe(0)
    expect(read(CHART, made).cautions).toEqual([])
  })
})

describe('the check of a photograph', () => {
  it('names swaps of clearly different paints, and next to nothing else', () => {
    let [made, found, alarms, boxes] = [0, 0, 0, 0]
    const two = fc.tuple(fc.nat(), fc.nat())
    fc.assert(
      fc.property(conditions, two, fc.boolean(), (how, [p, q], isSwapped) => {
        const noise = gaussian(how.seed!)
        const [a, b] = [p % KEY.boxes.length, q % KEY.boxes.length]
        // a real paint is off from its prediction by about 3
        const real = KEY.boxes.map((_, i) =>
          labD65(own(KEY, i).L + 2 * noise(), own(KEY, i).a + 2 * noise(), own(KEY, i).b + 2 * noise()),
        )
        const at = (i: number) => (isSwapped ? (i === a ? b : i === b ? a : i) : i)
        const checked = check(
          KEY,
          (i) => runOf(real[at(i)]!),
          how,
          (i) => runOf(own(KEY, i)),
        )
        const differ = colourDifference(own(KEY, a), own(KEY, b)) > 15
        const named = new Set(
          checked.exchanges.flatMap((e) => e.boxes.map((box) => KEY.boxes.findIndex((k) => k.id === box.id))),
        )
        if (isSwapped && differ) {
          made += 1
          if (named.has(a) && named.has(b)) found += 1
        }
        for (const i of named) if (!isSwapped || (i !== a && i !== b)) alarms += 1
        boxes += KEY.boxes.length
        expect(checked.isOther).toBe(false)
      }),
      { numRuns: runs(14) },
    )
    expect(made).toBeGreaterThan(3)
    expect(found / made).toBeGreaterThanOrEqual(0.95)
    expect(alarms / boxes).toBeLessThan(0.02)
  }, 60_000)

  it('tells a ring of three, an empty box from a pale one, a paint used twice, another sheet', () => {
    const how = { pixels: 900, noise: 0.005 }
    // three that differ clearly from each other
    const far = (i: number, j: number) => colourDifference(own(KEY, i), own(KEY, j)) > 25
    const all = KEY.boxes.map((_, i) => i)
    const [p, q, r] = all.flatMap((i) =>
      all.flatMap((j) =>
        all.flatMap((k) => (i < j && j < k && far(i, j) && far(j, k) && far(i, k) ? [[i, j, k]] : [])),
      ),
    )[0]! as [number, number, number]
    const ring = check(
      KEY,
      (i) => runOf(own(KEY, i === p ? q : i === q ? r : i === r ? p : i)),
      how,
      (i) => runOf(own(KEY, i)),
    )
    expect(ring.exchanges.map((e) => e.boxes.map((b) => b.id))).toEqual([[p, q, r].map((i) => KEY.boxes[i]!.id)])
    expect(ring.exchanges[0]!.after).toBeLessThan(ring.exchanges[0]!.before / 4)
    const odd = check(
      KEY,
      (i) =>
        i === 0 ? [] : i === 1 ? [thinner(own(KEY, 1), 0.85)] : i === 5 ? runOf(own(KEY, 6)) : runOf(own(KEY, i)),
      how,
      (i) => runOf(own(KEY, i)),
    )
    expect(odd.boxes[0]!.verdict).toBe('empty')
    expect(odd.boxes[1]).toMatchObject({ isPale: true })
    expect(odd.doubles.map((d) => [d.box.id, d.like.id])).toEqual([[KEY.boxes[5]!.id, KEY.boxes[6]!.id]])
    expect(odd.exchanges).toEqual([])
    const other = check(
      KEY,
      () => runOf(labD65(50, 60, -40)),
      how,
      (i) => runOf(own(KEY, i)),
    )
    expect(other.isOther).toBe(true)
    const shadow = check(
      KEY,
      (i) => runOf(own(KEY, i)),
      { ...how, shadow: 0.75 },
      (i) => runOf(own(KEY, i)),
    )
    expect(shadow.exchanges).toEqual([])
  })
})

describe('an assignment', () => {
  it('is as cheap as the cheapest of all orders', () => {
    const orders = (n: number): number[][] =>
      n === 0
        ? [[]]
        : orders(n - 1).flatMap((o) => Array.from({ length: n }, (_, i) => [...o.slice(0, i), n - 1, ...o.slice(i)]))
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 6 }).chain((n) =>
          fc.array(fc.array(fc.integer({ min: 0, max: 99 }), { minLength: n, maxLength: n }), {
            minLength: n,
            maxLength: n,
          }),
        ),
        (cost) => {
          const price = (o: readonly number[]) => o.reduce((sum, j, i) => sum + cost[i]![j]!, 0)
          const given = linearAssignment(cost)
          expect(new Set(given).size).toBe(cost.length)
          expect(price(given)).toBe(Math.min(...orders(cost.length).map(price)))
        },
      ),
      { numRuns: runs(60) },
    )
    expect(linearAssignment([])).toEqual([])
  })
})
