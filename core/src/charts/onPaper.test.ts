import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { ok } from '../result'
import type { Laid } from './marks'
import { DISC, onPaper, roomOn, type Page } from './onPaper'
import { MARGIN, PAPERS, type PaperChoice, type PaperName } from './paper'
import { paintingSteps, whereItLies } from './painting'
import { svgOf, writeSvg } from './svg'
import { runs } from '../../../tests/setup/runs'

const measure = (text: string, size: number) => text.length * size * 0.55
const NAMES = Object.keys(PAPERS) as PaperName[]
/** A drawing of so many mm, with boxes of 6 mm all over it. */
function drawing(width: number, height: number): Laid {
  const boxes: Laid['boxes'] = []
  for (let y = 1; y + 6 <= height; y += 9)
    for (let x = 1; x + 6 <= width; x += 9)
      boxes.push({
        id: `${x}/${y}`,
        label: `at ${x}, ${y}`,
        filling: { parts: [] },
        box: { x, y, width: 6, height: 6 },
      })
  const marks = boxes.map((b) => ({ is: 'rect' as const, ...b.box, ink: 'black' as const }))
  return { width, height, marks, boxes, said: [], cut: true }
}
function printed(laid: Laid, paper: PaperChoice, photoMarks = true): Page[] {
  const answer = onPaper(() => ok([laid]), 'Key: Tin', { paper, photoMarks }, measure)
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value.pages
}

describe('paper', () => {
  it('takes a travel tin on one A4 and on one A6, the studio tray on several, across where that is fewer', () => {
    expect(printed(drawing(113, 64), { name: 'A4', turn: 'as it fits' })).toHaveLength(1)
    const a6 = printed(drawing(113, 64), { name: 'A6', turn: 'as it fits' })
    expect([a6.length, a6[0]!.width]).toEqual([1, 148])
    expect(printed(drawing(113, 64), { name: 'A6', turn: 'upright' }).length).toBeGreaterThan(1)
    expect(printed(drawing(216, 180), { name: 'A4', turn: 'as it fits' })).toHaveLength(1)
    expect(printed(drawing(348, 228), { name: 'A4', turn: 'as it fits' }).length).toBeGreaterThan(1)
    expect(printed(drawing(348, 228), { name: 'own', width: 500, height: 400, turn: 'as it fits' })).toHaveLength(1)
    expect(
      onPaper(
        () => ok([drawing(50, 50)]),
        '',
        { paper: { name: 'own', width: 10, height: 80, turn: 'upright' }, photoMarks: true },
        measure,
      ),
    ).toMatchObject({ ok: false, error: { code: 'bad-paper' } })
  })

  it('shows every point of a drawing and every box once, whole and unscaled, inside the printer’s margins', () => {
    const side = fc.integer({ min: 20, max: 700 })
    fc.assert(
      fc.property(
        side,
        side,
        fc.constantFrom(...NAMES),
        fc.constantFrom('upright' as const, 'across' as const),
        (width, height, name, turn) => {
          const laid = drawing(width, height)
          const pages = printed(laid, { name, turn })
          const all = pages.flatMap((p) => p.boxes)
          expect(new Set(all.map((b) => b.id))).toEqual(new Set(laid.boxes.map((b) => b.id)))
          expect(all).toHaveLength(laid.boxes.length)
          let area = 0
          const lies = (page: Page, { box }: Laid['boxes'][number]) =>
            box.width === 6 &&
            box.height === 6 &&
            box.x >= page.content.x - 1e-6 &&
            box.x + 6 <= page.content.x + page.content.width + 1e-6
          for (const page of pages) {
            area += page.content.width * page.content.height
            expect(page.boxes.every((b) => lies(page, b))).toBe(true)
            const [xs, ys] = [page.corners!.map((c) => c.x), page.corners!.map((c) => c.y)]
            expect(Math.min(...xs, ...ys) - DISC).toBeGreaterThanOrEqual(MARGIN)
            expect(Math.max(...xs) + DISC).toBeLessThanOrEqual(page.width - MARGIN)
            expect(Math.max(...ys) + DISC).toBeLessThanOrEqual(page.height - MARGIN - 3)
          }
          expect(area).toBeGreaterThanOrEqual(width * height - 1e-6)
        },
      ),
      { numRuns: runs(60) },
    )
  })

  it('refuses a box that no sheet shows whole', () => {
    const laid = {
      ...drawing(300, 300),
      boxes: [{ id: 'a', label: 'Viridian', filling: { parts: [] }, box: { x: 0, y: 0, width: 250, height: 250 } }],
    }
    expect(
      onPaper(() => ok([laid]), '', { paper: { name: 'A5', turn: 'upright' }, photoMarks: false }, measure),
    ).toMatchObject({
      ok: false,
      error: { code: 'box-too-large' },
    })
  })

  it('has a ruler of 50 mm and says what it is', () => {
    const [page] = printed(drawing(100, 100), { name: 'A4', turn: 'upright' })
    const ruler = page!.marks.filter((m) => m.is === 'line' && m.y1 === m.y2 && Math.abs(m.x2 - m.x1 - 50) < 1e-9)
    expect(ruler).toHaveLength(1)
    expect(page!.marks.flatMap((m) => (m.is === 'text' ? m.text : []))).toEqual(['50 mm: print at 100 %. Key: Tin'])
    expect(roomOn(PAPERS.A4)).toEqual({ width: 185, height: 267 })
  })
})

describe('painting', () => {
  it('goes box by box and says where each lies by what was painted before', () => {
    const [page] = printed(drawing(30, 20), { name: 'A4', turn: 'upright' })
    const steps = paintingSteps([page!])
    expect(steps.map((s) => s.where)).toEqual([
      'the first',
      'right of at 1, 1',
      'right of at 10, 1',
      'below at 1, 1',
      'right of at 1, 10',
      'right of at 10, 10',
    ])
    const lone = page!.boxes[4]!
    expect(whereItLies(lone, [lone])).toBe('the first')
  })
})

describe('a sheet as SVG', () => {
  it('is at true size, holds every mark, and no words can break it', () => {
    const laid = drawing(30, 20)
    laid.marks.push({ is: 'text', text: '<b>&"\u0000\uD800 Grün', x: 1, y: 5, size: 2 })
    const [page] = printed(laid, { name: 'A5', turn: 'upright' })
    const svg = writeSvg(page!, 'Key & co', measure)
    expect(svg).toContain('width="148mm" height="210mm" viewBox="0 0 148 210"')
    expect(svg).toContain('&lt;b&gt;&amp;&quot; Grün</text>')
    expect(svg).toContain('<title>Key &amp; co</title>')
    expect(svg.match(/<rect /g)!.length).toBeGreaterThanOrEqual(6)
    expect(
      svgOf(
        {
          is: 'path',
          points: [
            [0, 0],
            [1, 0],
            [1, 1],
          ],
          fill: '#123456',
        },
        measure,
      ).attributes,
    ).toEqual({ d: 'M0 0L1 0L1 1Z', fill: '#123456' })
  })
})
