// Speed, as ratios measured in one run and times beside them: machines differ, ratios less so.
import { spawn } from 'node:child_process'
import { mkdtemp, writeFile } from 'node:fs/promises'
import { readdirSync, readFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { gzipSync } from 'node:zlib'
import { join } from 'node:path'
import { differenceCiede2000 } from 'culori'
import { By } from 'selenium-webdriver'
import { createServer } from 'vite'
import { browserIsThere, openBrowser } from './browser.mjs'

const vite = await createServer({
  server: { middlewareMode: true },
  appType: 'custom',
  logLevel: 'error',
  optimizeDeps: { noDiscovery: true },
})
const core = await vite.ssrLoadModule('/core/src/index.ts')
const line = (name, value) => console.log(`${name.padEnd(64)} ${value}`)
const ms = (n) => `${n.toFixed(n < 10 ? 2 : 0)} ms`

/** Median and 95th percentile of repeated times, ms. */
function time(work, runs) {
  const times = Array.from({ length: runs }, (_, i) => {
    const t = performance.now()
    work(i)
    return performance.now() - t
  }).sort((p, q) => p - q)
  return { median: times[times.length >> 1], p95: times[Math.floor(times.length * 0.95)] }
}
function random(seed) {
  let s = seed
  return () => {
    s = (s * 1664525 + 1013904223) % 4294967296
    return s / 4294967296
  }
}

const NAMES = [
  'ultramarine',
  'burnt sienna',
  'lemon yellow',
  'viridian',
  'rose',
  'cerulean',
  'raw umber',
  'perylene maroon',
  'green gold',
  'cobalt violet',
]
function manyPaints(count) {
  const next = random(7)
  return Array.from({ length: count }, (_, i) => ({
    id: `p${i}`,
    v: 1,
    maker: `Maker ${i % 40}`,
    name: `${NAMES[i % NAMES.length]} ${i}`,
    pigments: [`P${'YORVBG'[i % 6]}${1 + (i % 200)}`],
    masstone: { L: 20 + next() * 70, a: next() * 120 - 60, b: next() * 120 - 60, source: 'typed' },
  }))
}
function manyEntries(count) {
  const next = random(11)
  return Array.from({ length: count }, (_, i) => ({
    id: `e${String(i).padStart(7, '0')}`,
    v: 1,
    recorded: new Date(Date.UTC(2020, 0, 1) + i * 60_000).toISOString(),
    type: 'event',
    event: {
      kind: next() < 0.9 ? 'fill' : 'clean',
      day: new Date(Date.UTC(2020, 0, 1) + Math.floor(i / 60) * 86_400_000).toISOString().slice(0, 10),
      paletteId: `pal${i % 12}`,
      placeId: `A${1 + (i % 36)}`,
      itemId: `t${i % 300}`,
      paintId: `p${i % 200}`,
      millilitres: 0.5,
      dryingDays: 3,
    },
  }))
}

function benchCore() {
  const paints = manyPaints(5000)
  const index = core.createPaintIndex()
  line('index 5,000 paints', ms(time(() => paints.forEach((p) => index.put(p)), 1).median))
  const queries = [
    'ultramarine',
    'PB15',
    'maker 12',
    'burnt si',
    'perylen maroon 47',
    'cobalt violet 99',
    'v',
    'PY 3',
    'ceruleann',
    'rose 4321',
  ]
  const search = time((i) => index.find(queries[i % queries.length]), 200)
  const scan = time(
    (i) =>
      paints.filter((p) => `${p.name} ${p.maker} ${p.pigments}`.toLowerCase().includes(queries[i % queries.length])),
    200,
  )
  line(
    'search 5,000 paints: median, 95 % (asked: below 50 ms)',
    `${ms(search.median)}, ${ms(search.p95)}; a plain scan without ranking or typos: x ${(search.median / scan.median).toFixed(1)}`,
  )
  line(
    'hue order of 5,000 paints, nothing cached',
    ms(time(() => manyPaints(5000).map(core.viewOfPaint).sort(core.byWheel), 5).median),
  )

  const entries = manyEntries(100_000)
  const full = time(() => new core.Ledger(entries), 3).median
  const ledger = new core.Ledger(entries)
  const later = manyEntries(100_400).slice(100_000)
  const add = time((i) => ledger.add(later[i]), 200)
  const undo = time(
    (i) =>
      ledger.add({
        id: `c${i}`,
        v: 1,
        recorded: '2027-01-01T00:00:00.000Z',
        type: 'correction',
        corrects: entries[i * 400].id,
        becomes: null,
      }),
    100,
  )
  line('100,000 journal entries, worked out in full', ms(full))
  line(
    '... one entry more (asked: below 200 ms)',
    `${ms(add.median)}, 95 % ${ms(add.p95)}; full / one more = ${Math.round(full / add.median)}`,
  )
  line(
    '... an old entry struck out',
    `${ms(undo.median)}, 95 % ${ms(undo.p95)}; full / correction = ${Math.round(full / undo.median)}`,
  )

  const palette = {
    id: 'p',
    v: 1,
    name: 'P',
    use: 'studio',
    purpose: '',
    holder: core.HOLDERS.at(-1),
    plan: Object.fromEntries(core.HOLDERS.at(-1).places.map((p, i) => [p.id, { paintId: `p${i}` }])),
  }
  const order = time(() => {
    for (const running = core.arrangeInOrder({ palette, paints: paints.slice(0, 36), order: 'colour wheel' }); ;)
      if (running.next().done) break
  }, 10)
  const sort = time(() => paints.slice(0, 36).map(core.viewOfPaint).sort(core.byWheel), 10)
  line(
    'order 36 wells round the wheel, every start and direction',
    `${ms(order.median)}; a sort alone: x ${Math.round(order.median / sort.median)}`,
  )
}

function benchOptics() {
  const usable = core.REFERENCE_PIGMENTS.filter((p) => p.kind !== 'effect')
  const pick = (n) => Array.from({ length: n }, (_, i) => usable[Math.floor((i * usable.length) / n)])
  line(
    'fit a reference pigment, nothing cached',
    ms(time((i) => core.opticsOfPaint({ pigments: [usable[i].code] }), 60).median),
  )
  const paints = pick(48).map((p) => ({ id: p.id, optics: core.referenceFilm(p) }))
  const targets = [
    [55, 20, 25],
    [40, -20, 10],
    [60, -10, -30],
    [35, 5, 5],
    [75, 10, 50],
  ].map(([L, a, b]) => ({ kind: 'colour', lab: core.labD65(L, a, b) }))
  const search = (list, target) => {
    let first
    const begun = performance.now()
    const running = core.searchRecipes({ target, paints: list })
    let step = running.next()
    while (!step.done) {
      first ??= performance.now() - begun
      step = running.next()
    }
    return { first, best: Math.min(...step.value.value.best.map((r) => r.difference)) }
  }

  // the plain way: every triple, every ratio, every load, 36 bands, culori's difference
  const difference = differenceCiede2000()
  const ratios = []
  for (let a = 1; a <= 8; a += 1)
    for (let b = 1; b <= 8; b += 1) for (let c = 1; c <= 8; c += 1) if (gcd(gcd(a, b), c) === 1) ratios.push([a, b, c])
  function plain(list, { lab }) {
    let best = Infinity
    let tried = 0
    for (let i = 0; i < list.length; i += 1)
      for (let j = i + 1; j < list.length; j += 1)
        for (let k = j + 1; k < list.length; k += 1)
          for (const [a, b, c] of ratios) {
            const mixed = core.mixOptics([
              { optics: list[i].optics, parts: a },
              { optics: list[j].optics, parts: b },
              { optics: list[k].optics, parts: c },
            ]).value
            for (const load of core.LOADS) {
              const seen = core.colourAt(mixed, load)
              best = Math.min(
                best,
                difference(
                  { mode: 'lab65', l: seen.L, a: seen.a, b: seen.b },
                  { mode: 'lab65', l: lab.L, a: lab.a, b: lab.b },
                ),
              )
              tried += 1
            }
          }
    return { best, tried }
  }
  const few = paints.filter((_, i) => i % 5 === 0).slice(0, 9)
  const begun = performance.now()
  const regrets = targets.slice(0, 2).map((t) => search(few, t).best - plain(few, t).best)
  plain(few.slice(0, 4), targets[0])
  const rateFrom = performance.now()
  const { tried } = plain(few, targets[0])
  const perTry = (performance.now() - rateFrom) / tried
  line(
    'recipes: worse than trying everything (9 paints, plain loop) by at most',
    `${Math.max(0, ...regrets).toFixed(3)} CIEDE2000 (asked: 0.1); took ${ms(performance.now() - begun)}`,
  )
  for (const n of [24, 48]) {
    const list = n === 48 ? paints : paints.filter((_, i) => i % 2 === 0)
    search(list, targets[0])
    const runs = time((i) => search(list, targets[i % targets.length]), 8)
    const whole = ((n * (n - 1) * (n - 2)) / 6) * ratios.length * 4 * perTry
    line(
      `best recipe of up to three of ${n} paints (asked: ${n === 24 ? 150 : 1000} ms)`,
      `${ms(runs.median)}, 95 % ${ms(runs.p95)}; first answer ${ms(search(list, targets[1]).first)}; plain loop / this = ${Math.round(whole / runs.median)} (asked: 20)`,
    )
  }
  const chart = paints.slice(0, 24)
  line(
    '24 x 24 chart of mixtures, masstone and wash (asked: 50 ms)',
    ms(
      time(() => {
        for (const p of chart)
          for (const q of chart) {
            const m = core.mixOptics([
              { optics: p.optics, parts: 1 },
              { optics: q.optics, parts: 1 },
            ]).value
            core.masstoneOf(m)
            core.washOf(m)
          }
      }, 8).median,
    ),
  )
  const sheet = core.simulateSheet(
    usable.slice(0, 48).map((p) => p.masstone),
    8,
    4000,
    3000,
    { tilt: 0.1, uneven: 0.3 },
  ).value
  line(
    'read a sheet of 48 cells from 12 megapixels (asked: 3 s)',
    ms(
      time(() => {
        core.readSwatchSheet(sheet)
      }, 3).median,
    ),
  )
}
const gcd = (a, b) => (b === 0 ? a : gcd(b, a % b))

async function frames(driver, script) {
  return driver.executeAsyncScript(`
    const done = arguments[arguments.length - 1]; const times = []; let last = performance.now(); let n = 0
    const step = (now) => { times.push(now - last); last = now; ${script}; if (++n < 120) requestAnimationFrame(step); else done(times.slice(2)) }
    requestAnimationFrame(step)`)
}

async function benchBrowser(url) {
  const { driver, close } = await openBrowser()
  try {
    await driver.get(url)
    await driver.wait(
      async () => (await driver.executeScript('return document.querySelectorAll("main li").length')) > 0,
      20_000,
    )
    const paint = await driver.executeScript(
      'return performance.getEntriesByName("first-contentful-paint")[0]?.startTime ?? null',
    )
    const scripts = await driver.executeScript(
      'return performance.getEntriesByType("resource").filter((e) => e.name.endsWith(".js") && !e.name.endsWith("sw.js")).map((e) => e.name.split("/").pop())',
    )
    line('first load: first contentful paint (asked: below 1,500 ms)', ms(paint))
    const gzip = (name) => gzipSync(readFileSync(`.output/public/_nuxt/${name}`)).length
    const worker = readdirSync('.output/public/_nuxt').filter((f) => /^collectionFile.*\.js$/.test(f))
    const kilobytes = (names) => `${(names.reduce((s, n) => s + gzip(n), 0) / 1000).toFixed(0)} kB`
    line(
      'first load: JavaScript, gzip (asked: below 250 kB)',
      `${kilobytes(scripts)} in ${scripts.length} files; the worker that reads the demo ${kilobytes(worker)} more`,
    )

    const file = join(await mkdtemp(join(tmpdir(), 'jx-bench-')), 'many.json')
    await writeFile(
      file,
      core.writeCollection(
        {
          documents: { ...core.noDocuments(), paints: manyPaints(5000), journal: manyEntries(100_000) },
          unreadable: [],
        },
        '2026-01-01T00:00:00.000Z',
      ),
    )
    await driver.get(`${url}/data`)
    await driver.wait(async () => (await driver.findElements(By.css('input[type=file]'))).length > 0, 20_000)
    let begun = performance.now()
    await driver.findElement(By.css('input[type=file]')).sendKeys(file)
    await driver.wait(
      async () => (await driver.findElement(By.css('body')).getText()).includes('holds 5000 paints'),
      60_000,
    )
    line('read a file of 5,000 paints and 100,000 entries in the worker', ms(performance.now() - begun))
    begun = performance.now()
    await (await driver.findElement(By.xpath("//button[normalize-space()='Add it to what is here']"))).click()
    await (await driver.findElement(By.xpath("//*[@role='dialog']//button[normalize-space()='Add it']"))).click()
    await driver.wait(async () => (await driver.findElement(By.css('body')).getText()).includes('5056'), 120_000)
    line('... put it into the database and load it', ms(performance.now() - begun))

    await driver.get(`${url}/paints`)
    await driver.wait(async () => (await driver.findElement(By.css('body')).getText()).includes('5056 paints'), 60_000)
    const still = await frames(driver, '')
    const scrolling = await frames(
      driver,
      'document.querySelector(\'ul[aria-label="Paints by hue"]\').parentElement.scrollTop += 160',
    )
    const late = (list) => list.filter((t) => t > 33).length
    line('frames later than 33 ms of 118: list of 5,056 at rest, scrolling', `${late(still)}, ${late(scrolling)}`)
    const search = await driver.executeAsyncScript(`
      const done = arguments[arguments.length - 1]; const input = document.querySelector('input[type=search]'); const t = performance.now()
      input.value = 'burnt sienna 47'; input.dispatchEvent(new Event('input')); requestAnimationFrame(() => setTimeout(() => done(performance.now() - t)))`)
    line('search typed until the list is drawn anew', ms(search))

    await driver.get(`${url}/palettes/hut-palette/choose?place=B1`)
    await driver.wait(async () => (await driver.findElements(By.css('[data-place]'))).length === 36, 60_000)
    const answers = await driver.executeAsyncScript(`
      const done = arguments[arguments.length - 1]; const places = [...document.querySelectorAll('[data-place]')]; const times = []
      const next = (i) => { if (i === 20) return done(times.sort((p, q) => p - q)); const t = performance.now(); places[i].click(); requestAnimationFrame(() => setTimeout(() => { times.push(performance.now() - t); next(i + 1) })) }
      next(0)`)
    line(
      'tap on a well until drawn, 100,000 entries: median, worst (asked: 100 ms)',
      `${ms(answers[10])}, ${ms(answers[19])}`,
    )
    const locks = await driver.executeAsyncScript(`
      const done = arguments[arguments.length - 1]; const places = [...document.querySelectorAll('[data-place]')]; const times = []
      const next = (i) => { if (i === 12) return done(times.sort((p, q) => p - q)); const t = performance.now(); places[i].dispatchEvent(new KeyboardEvent('keydown', { key: 'l', bubbles: true })); requestAnimationFrame(() => setTimeout(() => { times.push(performance.now() - t); next(i + 1) })) }
      next(0)`)
    line('a change of the plan until verdict and tray are drawn: median, worst', `${ms(locks[6])}, ${ms(locks[11])}`)
  } finally {
    await close()
  }
}

benchCore()
benchOptics()
if (browserIsThere()) {
  const port = 4390
  const server = spawn(process.execPath, ['.output/server/index.mjs'], {
    env: { ...process.env, HOST: '127.0.0.1', PORT: String(port), JUXTACHROME_DEMO: '1' },
    stdio: 'ignore',
  })
  try {
    await new Promise((r) => setTimeout(r, 1500))
    await benchBrowser(`http://127.0.0.1:${port}`)
  } finally {
    server.kill()
  }
} else console.log('No chromium here: the measurements in the browser are left out.')
await vite.close()
