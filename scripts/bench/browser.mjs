// What a person waits for, in a headless browser over the built application.
import { readdirSync, readFileSync } from 'node:fs'
import { mkdtemp, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'
import { By } from 'selenium-webdriver'
import { openBrowser } from '../browser.mjs'
import { manyEntries, manyPaints, manyRows } from './invented.mjs'
import { line, ms } from './tools.mjs'

const ROUTES = [
  '/',
  '/paints',
  '/paints/demo-h-viridian',
  '/pigments',
  '/pigments/PB29',
  '/bench',
  '/palettes',
  '/palettes/hut-palette/choose',
  '/palettes/hut-palette/fill',
  '/import',
  '/swatches',
  '/compare',
  '/data',
]

export async function benchBrowser(core, url) {
  await benchFirstLoads(url)
  const folder = await mkdtemp(join(tmpdir(), 'jx-bench-'))
  const { driver, close } = await openBrowser()
  try {
    await benchLargeCollection(core, driver, url, folder)
    await benchWork(driver, url)
    await benchImport(driver, url, folder)
  } finally {
    await close()
  }
}

const until = (driver, script, wait = 120_000) =>
  driver.wait(async () => driver.executeScript(`return ${script}`), wait)
const shows = (text) => `document.body.innerText.includes(${JSON.stringify(text)})`
const DRAWN = 'document.querySelector("#main > *:not(p.hint)") !== null'

/** What was fetched until the largest part of the screen was drawn. */
const ANSWERED = `
  const done = arguments[arguments.length - 1]
  new PerformanceObserver((list) => {
    const drawn = list.getEntries().at(-1).startTime
    const before = performance.getEntriesByType('resource').filter((e) => e.startTime <= drawn)
    done(before.map((e) => [e.initiatorType, e.name.split('/').pop()]))
  }).observe({ type: 'largest-contentful-paint', buffered: true })`

async function benchFirstLoads(url) {
  const sizes = []
  for (const route of ROUTES) {
    const { driver, close } = await openBrowser()
    try {
      await driver.get(url)
      await until(driver, DRAWN)
      if (route === '/') {
        const paint = 'performance.getEntriesByName("first-contentful-paint")[0]?.startTime ?? 0'
        line(
          'first load: first contentful paint (asked: as before, 250 ms)',
          ms(await driver.executeScript(`return ${paint}`)),
        )
      }
      await driver.get(url + route)
      await until(driver, DRAWN)
      const resources = await driver.executeAsyncScript(ANSWERED)
      // what the service worker fetches in its own time does not count
      const scripts = resources.filter(([by, n]) => n.endsWith('.js') && by !== 'other').map(([, n]) => n)
      const folder = '.output/public/_nuxt'
      const known = new Set(readdirSync(folder))
      const bytes = [...new Set(scripts)]
        .filter((n) => known.has(n))
        .reduce((s, n) => s + gzipSync(readFileSync(`${folder}/${n}`)).length, 0)
      sizes.push([route, bytes / 1000])
    } finally {
      await close()
    }
  }
  for (const [route, size] of sizes.sort((p, q) => q[1] - p[1]).slice(0, 4))
    line(`first load of ${route}: JavaScript until it answers, gzip (asked: 230 kB)`, `${size.toFixed(0)} kB`)
}

async function benchLargeCollection(core, driver, url, folder) {
  const file = join(folder, 'many.json')
  const documents = { ...core.noDocuments(), paints: manyPaints(5000), journal: manyEntries(100_000) }
  await writeFile(file, core.writeCollection({ documents, unreadable: [] }, '2026-01-01T00:00:00.000Z'))
  await driver.get(`${url}/data`)
  await until(driver, 'document.querySelector("input[type=file]") !== null')
  let begun = performance.now()
  await driver.findElement(By.css('input[type=file]')).sendKeys(file)
  await until(driver, shows('holds 5000 paints'))
  line('read a file of 5,000 paints and 100,000 entries in the worker', ms(performance.now() - begun))
  begun = performance.now()
  await (await driver.findElement(By.xpath("//button[normalize-space()='Add it to what is here']"))).click()
  await (await driver.findElement(By.xpath("//*[@role='dialog']//button[normalize-space()='Add it']"))).click()
  await until(driver, shows('5056'))
  line('... put it into the database and load it', ms(performance.now() - begun))
  begun = performance.now()
  await driver.get(`${url}/paints`)
  await until(driver, shows('5056 paints'))
  line('open 5,056 paints and 100,000 entries until the screen answers (asked: 3 s)', ms(performance.now() - begun))
}

async function frames(driver, script) {
  return driver.executeAsyncScript(`
    const done = arguments[arguments.length - 1]; const times = []; let last = performance.now(); let n = 0
    const step = (now) => {
      times.push(now - last); last = now; ${script}
      if (++n < 120) requestAnimationFrame(step); else done(times.slice(2))
    }
    requestAnimationFrame(step)`)
}
/** Does something to one well after the other; ms until the next frame is drawn. */
const toEachWell = (driver, count, act) =>
  driver.executeAsyncScript(`
    const done = arguments[arguments.length - 1]; const times = []
    const places = [...document.querySelectorAll('[data-place]')]
    const next = (i) => {
      if (i === ${count}) return done(times.sort((p, q) => p - q))
      const t = performance.now(); const place = places[i]; ${act}
      requestAnimationFrame(() => setTimeout(() => { times.push(performance.now() - t); next(i + 1) }))
    }
    next(0)`)

async function benchWork(driver, url) {
  const still = await frames(driver, '')
  const scroll = `document.querySelector('ul[aria-label="Paints by hue"]').parentElement.scrollTop += 160`
  const scrolling = await frames(driver, scroll)
  const late = (list) => list.filter((t) => t > 33).length
  line('frames later than 33 ms of 118: list of 5,056 at rest, scrolling', `${late(still)}, ${late(scrolling)}`)
  const search = (text) =>
    driver.executeAsyncScript(`
      const done = arguments[arguments.length - 1]; const t = performance.now()
      const input = document.querySelector('input[type=search]')
      input.value = '${text}'; input.dispatchEvent(new Event('input'))
      requestAnimationFrame(() => setTimeout(() => done(performance.now() - t)))`)
  line(
    'search typed until the list is drawn anew: the first, the next',
    `${ms(await search('burnt sienna 47'))}, ${ms(await search('rose 12'))}`,
  )

  await driver.get(`${url}/palettes/hut-palette/choose?place=B1`)
  await until(driver, 'document.querySelectorAll("[data-place]").length === 36')
  const taps = await toEachWell(driver, 20, 'place.click()')
  line('tap on a well until drawn, 100,000 entries: median, worst (asked: 100 ms)', `${ms(taps[10])}, ${ms(taps[19])}`)
  const lock = `place.dispatchEvent(new KeyboardEvent('keydown', { key: 'l', bubbles: true }))`
  const locks = await toEachWell(driver, 30, lock)
  line(
    'a change of one place until verdict and tray are drawn: median, worst (asked: 30 ms)',
    `${ms(locks[15])}, ${ms(locks[29])}`,
  )
}

async function benchImport(driver, url, folder) {
  const file = join(folder, 'rows.csv')
  await writeFile(file, manyRows(10_000))
  await driver.get(`${url}/import`)
  await until(driver, 'document.querySelector("input[type=file]") !== null')
  await driver.executeScript(`
    window.longest = 0; let last = performance.now()
    const beat = () => { const now = performance.now(); window.longest = Math.max(window.longest, now - last); last = now; setTimeout(beat, 4) }
    beat()`)
  let begun = performance.now()
  await driver.findElement(By.css('input[type=file]')).sendKeys(file)
  await until(driver, shows('10000 rows can be read'))
  line('a table of 10,000 rows, each seen through', ms(performance.now() - begun))
  begun = performance.now()
  await (await driver.findElement(By.xpath("//button[contains(., 'Take in')]"))).click()
  await until(driver, shows('rows taken in'))
  const longest = await driver.executeScript('return window.longest')
  line(
    '... taken in, on disk when it is said; the page held at the longest',
    `${ms(performance.now() - begun)}; ${ms(longest)}`,
  )
}
