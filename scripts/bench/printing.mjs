// What printing takes: the largest chart laid out, predicted, written; a photograph of a hundred boxes checked.
import { readFile } from 'node:fs/promises'
import fontkit from '@pdf-lib/fontkit'
import { line, ms } from './tools.mjs'

const FONTS = ['400Regular/NotoSans_400Regular', '600SemiBold/NotoSans_600SemiBold']

export async function benchPrinting(vite, core) {
  const load = (path) => vite.ssrLoadModule(path)
  const { layChart, onPaper } = await load('/core/src/charts/index.ts')
  const { writePdf } = await load('/app/print/pagesPdf.ts')
  const { simulatePage } = await load('/core/src/charts/photo/simulatePage.ts')
  const { frameOf, readPage } = await load('/core/src/charts/photo/readPage.ts')
  const { checkPhoto } = await load('/core/src/charts/photo/checkPhoto.ts')
  const { findMarks } = await load('/core/src/paints/sheet/findMarks.ts')
  const { toTheEnd } = await load('/core/src/steps.ts')
  const { mixtureColours } = await load('/core/src/mixing/index.ts')
  const { cachedOptics } = await load('/core/src/film/index.ts')
  const files = await Promise.all(FONTS.map((f) => readFile(`node_modules/@expo-google-fonts/noto-sans/${f}.ttf`)))
  const [regular, bold] = files
  const fonts = files.map((f) => fontkit.create(f))
  const known = new Map()
  const measure = (text, size, isBold) => {
    const key = `${isBold}${text}`
    if (!known.has(key)) known.set(key, fonts[isBold ? 1 : 0].layout(text).advanceWidth / fonts[0].unitsPerEm)
    return known.get(key) * size
  }
  const paints = core.REFERENCE_PIGMENTS.filter(core.isPredicted)
    .slice(0, 36)
    .map((p, i) => ({ id: `p${i}`, v: 2, maker: '', name: p.names[0], pigments: [p.code] }))
  const pages = (count, box, tones = () => []) => {
    const lay = (room) =>
      layChart({ paints: paints.slice(0, count), measure, tones, colouring: 'full', box, water: 0, tintWater: 6 }, room)
    return onPaper(lay, 'Chart', { paper: { name: 'A4', turn: 'as it fits' }, photoMarks: true }, measure).value.pages
  }
  const time = (work) => {
    const begun = performance.now()
    const value = work()
    return [performance.now() - begun, value]
  }
  for (const p of paints) cachedOptics(p)
  const optics = new Map(paints.map((p) => [p.id, cachedOptics(p).value]))
  const [laid, sheets] = time(() => pages(36, 20))
  const [again] = time(() => pages(36, 20))
  const fillings = sheets.flatMap((p) => p.boxes.map((b) => b.filling))
  const predict = ({ parts, water }) =>
    mixtureColours(
      parts.map((p) => ({ optics: optics.get(p.paintId), parts: p.parts, id: p.paintId })),
      [water],
    ).value[0]
  const [predicted] = time(() => fillings.map(predict))
  line(
    'chart of 36 paints: laid on sheets, again, predicted (asked: 200 ms on the screen)',
    `${ms(laid)}, ${ms(again)}, ${ms(predicted)}`,
  )
  const begun = performance.now()
  await writePdf(
    pages(36, 20, () => ['#aa8844']),
    'Chart',
    { regular, bold, measure },
  )
  line('... written as a PDF (asked: 2 s)', ms(performance.now() - begun))

  const [page] = pages(9, 14)
  const labs = page.boxes.map((b) => [predict(b.filling)])
  const made = simulatePage(page, (i) => labs[i], { pixels: 3000, tilt: 0.1, noise: 0.01, tone: 0.15 }).value
  const { width, height } = frameOf(page)
  const [found, corners] = time(() => findMarks(made.image, width / height))
  const own = [0, 1, 2, 3, 4].map((box) => ({ box, lab: labs[box][0] }))
  const [read, reading] = time(() =>
    toTheEnd(readPage({ image: made.image, page, corners: corners.value, known: own })),
  )
  const [checked] = time(() => checkPhoto({ boxes: page.boxes, expected: labs, read: reading.value.boxes }))
  line(
    `a photograph of ${page.boxes.length} boxes, ${made.image.width} x ${made.image.height}: found, read, checked (asked: 3 s)`,
    `${ms(found)}, ${ms(read)}, ${ms(checked)}`,
  )
}
