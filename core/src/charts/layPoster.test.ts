import { describe, expect, it } from 'vitest'
import { sharedBox } from '../arranging/geometry'
import { HOLDERS } from '../arranging/holders'
import { toScreen } from '../colour/srgb'
import type { Paint } from '../documents/paint'
import type { Palette } from '../documents/palette'
import { cellNumber, labOfCell } from '../reach/lattice'
import { layPoster, type PosterQuestion } from './layPoster'
import type { Laid } from './marks'
import { onPaper } from './onPaper'

const measure = (text: string, size: number) => text.length * size * 0.5
const room = { width: 185, height: 262 }
const paint = (id: string): Paint => ({ id, v: 2, maker: 'Skerry', name: `Paint ${id}`, pigments: ['PB15:3', 'PY150'] })
const full = (holder: (typeof HOLDERS)[number]): Palette => ({
  ...{ id: 'k', v: 1, name: 'Landing tin', use: 'travel', purpose: 'Ten minutes ashore', holder },
  plan: Object.fromEntries(holder.places.map((p) => [p.id, { paintId: p.id }])),
})
const ask = (palette: Palette, more: Partial<PosterQuestion> = {}) => {
  const paints = new Map(palette.holder.places.map((p) => [p.id, paint(p.id)]))
  return layPoster({ palette, paints, measure, tones: () => ['#336699'], room, says: [palette.purpose], ...more })
}
const laid = (palette: Palette, more: Partial<PosterQuestion> = {}): Laid => {
  const answer = ask(palette, more)
  if (!answer.ok) throw new Error(answer.error.message)
  return answer.value
}
const texts = ({ marks }: Laid) => marks.flatMap((m) => (m.is === 'text' ? [m.text] : []))

describe('a palette on one page', () => {
  it.each(HOLDERS.map((h) => [h.name, h] as const))(
    '%s: every paint lies in its place and is named once with its codes; all on one sheet',
    (_name, holder) => {
      const palette = full(holder)
      const map = new Array<number>(1100).fill(1)
      const page = laid(palette, { map })
      for (const { id } of holder.places) {
        expect(page.boxes.filter((b) => b.id === id || b.id === `name ${id}`)).toHaveLength(2)
        expect(texts(page).filter((t) => t.startsWith(`Paint ${id} `) || t === `Paint ${id}`).length, id).toBe(1)
      }
      const places = page.boxes.filter((b) => !b.id.startsWith('name'))
      places.forEach((p, i) =>
        places.slice(i + 1).forEach((q) => {
          const [x, y] = [
            p.box.x + p.box.width / 2 - q.box.x - q.box.width / 2,
            p.box.y + p.box.height / 2 - q.box.y - q.box.height / 2,
          ]
          if (p.round && q.round) expect(Math.hypot(x, y)).toBeGreaterThan((p.box.width + q.box.width) / 2 - 1e-6)
          else expect(sharedBox(p.box, q.box)).toBeFalsy()
        }),
      )
      expect(page.height).toBeLessThanOrEqual(room.height)
      const paper = { name: 'A4', turn: 'upright' } as const
      const printed = onPaper(
        () => ({ ok: true, value: [page] }),
        'The palette',
        { paper, photoMarks: false },
        (text, size) => measure(text, size),
      )
      expect(printed.ok && printed.value.pages.length).toBe(1)
    },
  )

  it('what is reached by mixing is drawn in its own colour, what only the collection reaches is not', () => {
    const map = new Array<number>(1100).fill(0)
    const [reached, others, light] = [
      { wheel: 3, ring: 2, place: 4 },
      { wheel: 3, ring: 5, place: 9 },
      { wheel: 7, ring: 1, place: 0 },
    ]
    map[cellNumber(reached)] = 2
    map[cellNumber(others)] = 4
    // of a value that is not drawn
    map[cellNumber(light)] = 1
    const paths = laid(full(HOLDERS[0]!), { map }).marks.flatMap((m) => (m.is === 'path' ? [m.fill] : []))
    expect(paths).toEqual([toScreen(labOfCell(reached)).hex])
  })

  it('says what it is for, and nothing of a map that is not known', () => {
    const page = laid(full(HOLDERS[0]!), { says: ['Ten minutes ashore', 'For sea and sky.'] })
    expect(texts(page)).toEqual(expect.arrayContaining(['Landing tin', 'Ten minutes ashore', 'For sea and sky.']))
    expect(texts(page)).not.toContain('dark')
  })

  it('an empty plan is refused in words', () => {
    const answer = ask({ ...full(HOLDERS[0]!), plan: {} })
    expect(answer.ok ? '' : answer.error.code).toBe('nothing-planned')
  })
})
