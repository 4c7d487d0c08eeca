import { layCode, layPoster, withCode, type Laid } from '@juxtachrome/core/charts'
import type { Palette } from '@juxtachrome/core/documents'
import { readPalette, sharedPalette } from '@juxtachrome/core/formats'
import jsQR from 'jsqr'
import { describe, expect, it } from 'vitest'
import { HOLDERS } from '../../../core/src/arranging/holders'
import { paint } from '../../../core/src/documents/documents.fixture'
import { demo } from '~/stores/commands.fixture'
import { linkOfPalette, textOfLink } from './paletteLink'
import { printedCode, type CodeSquares } from './printedCode'

const ADDRESS = 'https://studio.example/juxtachrome/palettes'
const measure = (text: string, size: number) => text.length * size * 0.5

/** What a camera sees of a drawing, four pixels to a square of the code: dark rectangles on white. */
function seen({ width, height, marks }: Laid, code: CodeSquares) {
  const scale = (4 * (code.length + 8)) / layCode(code, '', measure).height
  const [w, h] = [Math.ceil(width * scale), Math.ceil(height * scale)]
  const pixels = new Uint8ClampedArray(w * h * 4).fill(255)
  for (const mark of marks) {
    if (mark.is !== 'rect' || mark.fill !== '#000000') continue
    const [x0, y0] = [Math.round(mark.x * scale), Math.round(mark.y * scale)]
    const [x1, y1] = [Math.round((mark.x + mark.width) * scale), Math.round((mark.y + mark.height) * scale)]
    for (let y = y0; y < y1; y += 1)
      for (let x = x0; x < x1; x += 1) pixels.fill(0, (y * w + x) * 4, (y * w + x) * 4 + 3)
  }
  return jsQR(pixels, w, h)?.data
}
const paints = new Map(demo.paints.map((p) => [p.id, p]))
async function codeOf(palette: Palette, paintOf = (id: string) => paints.get(id)): Promise<[string, CodeSquares]> {
  const link = await linkOfPalette(palette, paintOf, ADDRESS)
  if (!link.ok) throw new Error(link.error.message)
  const code = await printedCode(link.value)
  if (!code.ok) throw new Error(code.error.message)
  return [link.value, code.value]
}

describe('a printed code', () => {
  it.each(demo.palettes.map((p) => [p.name, p] as const))(
    '%s: is read back to the same palette',
    async (_name, palette) => {
      const [link, code] = await codeOf(palette)
      const side = layCode(code, palette.name, measure)
      const read = seen(side, code)
      expect(read).toBe(link)
      const text = await textOfLink(new URL(read!).hash)
      const back = text?.ok ? readPalette(text.value) : undefined
      const sent = sharedPalette(palette, (id) => paints.get(id), [])
      expect(back?.ok && back.value.palette.holder).toEqual(sent.palette.holder)
      expect(back?.ok && back.value.palette.name).toBe(palette.name)
      const named = (p: Palette, of: readonly { id: string; name: string }[]) =>
        Object.entries(p.plan).flatMap(([place, { paintId }]) =>
          paintId ? [`${place} ${of.find((o) => o.id === paintId)?.name}`] : [],
        )
      expect(back?.ok && named(back.value.palette, back.value.paints).sort()).toEqual(
        named(palette, demo.paints).sort(),
      )
      // large enough for a telephone: no square below 0.4 mm
      expect(side.height / (code.length + 8)).toBeGreaterThan(0.4)
    },
  )

  it('stands below a key that is cut out, or on a sheet of its own; on the one page in full', async () => {
    const [link, code] = await codeOf(demo.palettes[0]!)
    const key: Laid = { width: 100, height: 60, marks: [], boxes: [], said: [] }
    const below = withCode(key, layCode(code, 'x', measure), { height: 260 })
    expect(below).toHaveLength(1)
    expect(below[0]!.outline).toMatchObject({ width: 100, height: 60 })
    expect(seen(below[0]!, code)).toBe(link)
    expect(withCode({ ...key, height: 240 }, layCode(code, 'x', measure), { height: 260 })).toHaveLength(2)
    const page = layPoster({
      palette: demo.palettes[0]!,
      paints,
      measure,
      tones: () => [],
      room: { width: 185, height: 262 },
      says: [],
      map: [],
      code,
    })
    expect(page.ok && seen(page.value, code)).toBe(link)
    expect(page.ok && page.value.height).toBeLessThanOrEqual(262)
  })

  it('of 64 wells is read back, too; what is too long for one says so', async () => {
    const holder = HOLDERS[0]!
    const places = Array.from({ length: 64 }, (_, i) => ({ ...holder.places[0]!, id: `W${i + 1}` }))
    const wells = (name: (i: number) => string): [Palette, (id: string) => ReturnType<typeof paint>] => [
      {
        ...{ id: 'big', v: 1, name: 'Studio', use: 'studio', purpose: '', holder: { ...holder, places } },
        plan: Object.fromEntries(places.map((p, i) => [p.id, { paintId: `p${i}` }])),
      },
      (id) => paint(id, { name: name(Number(id.slice(1))), pigments: ['PB29'] }),
    ]
    const [link, code] = await codeOf(...wells((i) => `Blue ${i}`))
    expect(seen(layCode(code, 'Studio', measure), code)).toBe(link)
    const noise = (i: number) =>
      Array.from({ length: 60 }, (_, k) => ((i * 7919 + k * 104729) % 46656).toString(36))
        .join('')
        .slice(0, 75)
    const long = await linkOfPalette(...wells(noise), ADDRESS)
    const refused = long.ok ? await printedCode(long.value) : long
    expect(refused).toMatchObject({ ok: false })
    expect(refused.ok || refused.error.message).toContain('Share it as a file.')
  })
})
