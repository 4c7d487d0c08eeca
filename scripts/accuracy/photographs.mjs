// Photographed sheets: whether they are found, what tone curves cost, which exchanges are named. Made up, with known truth.
const PAGES = 60
const PIXELS = [800, 1000]
const LIGHTS = [
  [1, 1, 1],
  [1, 0.92, 0.8],
  [0.85, 0.95, 1],
]

/** Conditions of a photograph, drawn by a seed: noise, tilt, uneven light, tone curve, colour of the light, which way up. */
function conditions(seed, random) {
  return {
    noise: 0.02 * random(),
    tilt: 0.2 * random(),
    uneven: 0.4 * random(),
    tone: 0.15 * random(),
    light: LIGHTS[Math.floor(3 * random())],
    pixels: PIXELS[seed % 2],
    upsideDown: random() < 0.5,
    seed,
  }
}
const share = (part, of) => `${part} of ${of}`

export async function photographs({ vite, core, must, far }) {
  const load = (path) => vite.ssrLoadModule(path)
  const { layChart, onPaper } = await load('/core/src/charts/index.ts')
  const { simulatePage } = await load('/core/src/charts/photo/simulatePage.ts')
  const { frameOf, readPage } = await load('/core/src/charts/photo/readPage.ts')
  const { checkPhoto } = await load('/core/src/charts/photo/checkPhoto.ts')
  const { findMarks } = await load('/core/src/paints/sheet/findMarks.ts')
  const { findGrid } = await load('/core/src/paints/sheet/findGrid.ts')
  const { toTheEnd } = await load('/core/src/steps.ts')
  const { toScreen } = await load('/core/src/colour/index.ts')
  const { labD65 } = await load('/core/src/units/index.ts')
  const { gaussian } = await load('/core/src/paints/colourReader.ts')
  const measure = (text, size) => text.length * size * 0.5
  const colours = []
  for (const { masstone } of core.REFERENCE_PIGMENTS)
    if (toScreen(masstone).shown && masstone.L < 88 && colours.every((c) => far(c, masstone) > 9))
      colours.push(masstone)
  const paints = colours.slice(0, 7).map((_, i) => ({ id: `p${i}`, v: 2, maker: '', name: `Paint ${i}`, pigments: [] }))
  const lay = (room) =>
    layChart({ paints, measure, tones: () => [], colouring: 'none', box: 14, water: 0, tintWater: 6 }, room)
  const [page] = must(
    onPaper(lay, 'Chart', { paper: { name: 'A4', turn: 'as it fits' }, photoMarks: true }, measure),
  ).pages
  // every box a colour of its own, as different as they come
  const truth = page.boxes.map((_, i) => colours[i % colours.length])
  const frame = frameOf(page)
  const near = (found, corners) => found.every((c, i) => Math.hypot(c.x - corners[i].x, c.y - corners[i].y) <= 3)
  const count = { marks: 0, grids: 0, swaps: 0, named: 0, alarms: 0, boxes: 0 }
  const medians = { plain: [], toned: [] }
  for (let seed = 1; seed <= PAGES; seed += 1) {
    const gauss = gaussian(seed)
    let state = seed * 7919
    const random = () => (state = (state * 16807) % 2147483647) / 2147483647
    const how = conditions(seed, random)
    // a real paint is off from its prediction by about 3
    const real = truth.map((c) => labD65(c.L + 2 * gauss(), c.a + 2 * gauss(), c.b + 2 * gauss()))
    const [a, b] = [Math.floor(random() * real.length), Math.floor(random() * real.length)]
    const isSwapped = seed % 2 === 0
    const at = (i) => (!isSwapped ? i : i === a ? b : i === b ? a : i)
    const made = must(simulatePage(page, (i) => [real[at(i)]], how))
    const found = findMarks(made.image, frame.width / frame.height)
    if (found.ok && near(found.value, made.corners)) count.marks += 1
    const read = (known) => must(toTheEnd(readPage({ image: made.image, page, corners: made.corners, known })))
    const reading = read([])
    const check = checkPhoto({ boxes: page.boxes, expected: truth.map((c) => [c]), read: reading.boxes })
    const named = new Set(
      check.exchanges.flatMap((e) => e.boxes.map((box) => page.boxes.findIndex((p) => p.id === box.id))),
    )
    if (isSwapped && far(truth[a], truth[b]) > 15) {
      count.swaps += 1
      if (named.has(a) && named.has(b)) count.named += 1
    }
    for (const i of named) if (!isSwapped || (i !== a && i !== b)) count.alarms += 1
    count.boxes += real.length
    const off = ({ boxes }) =>
      boxes.map((r, i) => far(r.patches[0].lab, real[at(i)])).sort((p, q) => p - q)[boxes.length >> 1]
    medians.plain.push(off(reading))
    medians.toned.push(off(read([0, 1, 2, 3].map((box) => ({ box, lab: real[at(box)] })))))
    const cells = Array.from({ length: 24 }, (_, i) => (i % 7 === 3 ? undefined : truth[(seed + i) % truth.length]))
    const sheet = must(core.simulateSheet(cells, 6, 900, 700, { ...how, pixels: undefined }))
    const grid = findGrid(sheet.image)
    if (grid.ok && grid.value.rows === 4 && grid.value.columns === 6 && near(grid.value.corners, sheet.corners))
      count.grids += 1
  }
  const middle = (list) => [...list].sort((p, q) => p - q)[list.length >> 1].toFixed(1)
  const taken = 'noise up to 2 %, tilt, uneven and coloured light and a tone curve, half of them upside down'
  const [marks, grids] = [share(count.marks, PAGES), share(count.grids, PAGES)]
  const [named, alarms] = [share(count.named, count.swaps), share(count.alarms, count.boxes)]
  const worst = Math.max(...medians.toned).toFixed(1)
  const toned = `${middle(medians.toned)} where four boxes are known and the tone curve is taken out (worst sheet ${worst})`
  return [
    `${PAGES} photographs, each with ${taken}; every paint off from its prediction by about 3.`,
    '',
    `- Marks of a printed sheet found within 3 pixels: ${marks}. Grids of swatches without marks: ${grids}.`,
    `- Two clearly different boxes exchanged (over 15): named in ${named}. Boxes named that were where they should be: ${alarms}.`,
    `- Median error of a sheet: ${middle(medians.plain)}; ${toned}.`,
  ]
}
