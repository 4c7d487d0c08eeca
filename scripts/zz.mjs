import { createServer } from 'vite'
const vite = await createServer({
  root: '/work/main',
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
  optimizeDeps: { noDiscovery: true },
})
const L = (p) => vite.ssrLoadModule('/core/src/' + p)
const { onPaper } = await L('charts/onPaper.ts'),
  { layChart } = await L('charts/layChart.ts'),
  { simulatePage } = await L('charts/photo/simulatePage.ts'),
  { readPage, frameOf } = await L('charts/photo/readPage.ts'),
  { findMarks } = await L('paints/sheet/findMarks.ts')
const { toTheEnd } = await L('steps.ts')
const { labD65 } = await L('units/index.ts')
const { checkPhoto } = await L('charts/photo/checkPhoto.ts')
const measure = (t, s) => t.length * s * 0.5
const paints = Array.from({ length: 9 }, (_, i) => ({ id: 'p' + i, v: 1, maker: '', name: 'Paint ' + i, pigments: [] }))
const pr = onPaper(
  (room) => layChart({ paints, measure, tones: () => [], colouring: 'none', box: 14, water: 1, tintWater: 6 }, room),
  'T',
  { paper: { name: 'A4', turn: 'as it fits' }, photoMarks: true },
  measure,
)
const page = pr.value.pages[0]
console.log('boxes', page.boxes.length)
for (const pixels of [900, 1200, 3000]) {
  let t = performance.now()
  const made = simulatePage(page, (i) => [labD65(40 + (i % 40), ((i * 37) % 60) - 30, ((i * 17) % 60) - 30)], {
    pixels,
    noise: 0.01,
    tilt: 0.1,
    tone: 0.15,
  })
  console.log(pixels, 'simulate', (performance.now() - t) | 0)
  const f = frameOf(page)
  t = performance.now()
  const m = findMarks(made.value.image, f.width / f.height)
  console.log('marks', (performance.now() - t) | 0, m.ok ? 'ok' : m.error.message)
  t = performance.now()
  const r = toTheEnd(readPage({ image: made.value.image, page, corners: m.value }))
  console.log('read', (performance.now() - t) | 0)
  t = performance.now()
  const r2 = toTheEnd(
    readPage({
      image: made.value.image,
      page,
      corners: m.value,
      known: [0, 1, 2, 3, 4].map((box) => ({
        box,
        lab: labD65(40 + (box % 40), ((box * 37) % 60) - 30, ((box * 17) % 60) - 30),
      })),
    }),
  )
  console.log('read toned', (performance.now() - t) | 0, r2.value.toned)
  t = performance.now()
  checkPhoto({
    boxes: page.boxes,
    expected: page.boxes.map((_, i) =>
      [0, 1, 2, 3, 4].map((k) => labD65(40 + (i % 40) + k, ((i * 37) % 60) - 30, ((i * 17) % 60) - 30)),
    ),
    read: r.value.boxes,
  })
  console.log('check', (performance.now() - t) | 0)
}
process.exit(0)
