// Kills the browser while it writes, again and again, and looks at what is there afterwards. Loopback only.
import { mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By } from 'selenium-webdriver'
import { openBrowser } from './browser.mjs'

const pause = (ms) => new Promise((r) => setTimeout(r, ms))
const SAVED = `
  return document.querySelector('#main > *')
    && !document.querySelector('[data-unsaved]')
    && !document.body.innerText.includes('Laying out the paints')`

async function until(ask, what, wait = 20_000) {
  for (const end = Date.now() + wait; Date.now() < end; await pause(15)) if (await ask()) return
  throw new Error(`Waited in vain for ${what}`)
}

/** Every process of a browser, found by the profile that is ours alone. */
async function processesOf(profile) {
  const found = []
  for (const pid of (await readdir('/proc')).filter((name) => /^\d+$/.test(name))) {
    const line = await readFile(`/proc/${pid}/cmdline`, 'utf8').catch(() => '')
    if (line.includes(profile) && !line.includes('chromedriver')) found.push(Number(pid))
  }
  return found
}

/** Ends them at once and without a word, as a power cut would. */
function kill(pids) {
  for (const pid of pids) {
    try {
      process.kill(pid, 'SIGKILL')
    } catch {
      // it ended by itself
    }
  }
}

/** What the database holds, read in the page beside the application. */
const HELD = `
  const done = arguments[0]
  const open = indexedDB.open('juxtachrome')
  open.onsuccess = () => {
    const asked = open.result.transaction(['paints', 'items', 'palettes'])
    const all = (name) => new Promise((give) => {
      const rows = asked.objectStore(name).getAll()
      rows.onsuccess = () => give(rows.result)
    })
    Promise.all([all('paints'), all('items'), all('palettes')]).then(([paints, items, palettes]) => {
      open.result.close()
      done({ paints: paints.length, items: items.length, plan: palettes.find((p) => p.id === 'landing-tin').plan })
    })
  }`

/**
 * One round: a person works, and the browser is killed so many milliseconds after they began.
 * @returns what the page last said before (`tell` reads it), and what the disk held after
 */
async function round(url, profile, { path, work, tell, after }) {
  const { driver } = await openBrowser({ profile })
  await driver.get(url + path)
  await until(() => driver.executeScript(SAVED), 'the page')
  const pids = await processesOf(profile)
  await work(driver)
  let said
  for (const end = Date.now() + after; Date.now() < end;) said = await driver.executeScript(tell)
  kill(pids)
  await driver.quit().catch(() => undefined)
  kill(await processesOf(profile))
  const again = await openBrowser({ profile })
  await again.driver.get(`${url}/data`)
  await until(() => again.driver.executeScript(SAVED), 'the page after the kill')
  const held = await again.driver.executeAsyncScript(HELD)
  const text = await again.driver.executeScript('return document.body.innerText')
  await again.driver.quit()
  return { said, held, text }
}

/** So many rounds, each with a profile of its own in a folder that is gone afterwards. `work` gives what is wrong, if anything. */
async function eachRound(rounds, work) {
  const dir = await mkdtemp(join(tmpdir(), 'jx-kill-'))
  const wrong = []
  try {
    for (let i = 0; i < rounds; i += 1) wrong.push(...(await work(i, await mkdtemp(join(dir, 'profile-')), dir)))
  } finally {
    await rm(dir, { recursive: true, force: true, maxRetries: 3 })
  }
  return wrong
}

/**
 * Kills during single writes: six places are locked one after the other; whatever the page showed as saved is there,
 * and the locks that are there are the first so many, none left out.
 * @param {string} url the demo's server
 * @param {number} rounds
 */
export async function killDuringSingleWrites(url, rounds, say = () => undefined) {
  // none of them is locked in the demo
  const places = ['A1', 'A2', 'A3', 'A6', 'B1', 'B2']
  let saved = 0
  const wrong = await eachRound(rounds, async (i, profile) => {
    const { said, held, text } = await round(url, profile, {
      path: '/palettes/landing-tin/choose',
      after: 30 + (600 * i) / rounds,
      tell: 'return window.safe',
      work: (driver) =>
        driver.executeScript(
          `const places = arguments[0]
          window.safe = 0
          let shown = 0
          new MutationObserver(() => {
            if (!document.querySelector('[data-unsaved]')) window.safe = shown
          }).observe(document.body, { subtree: true, attributes: true, childList: true })
          const step = () => {
            if (shown === places.length) return
            const place = document.querySelector('[data-place="' + places[shown] + '"]')
            shown += 1
            place.dispatchEvent(new KeyboardEvent('keydown', { key: 'l', bubbles: true, cancelable: true }))
            setTimeout(step, 60)
          }
          step()`,
          places,
        ),
    })
    const locked = places.map((place) => held.plan[place]?.locked === true)
    const there = locked.lastIndexOf(true) + 1
    saved += said
    say(`single ${i + 1} of ${rounds}: ${said} said to be saved, ${there} there`)
    const isRight = there >= said && locked.slice(0, there).every(Boolean)
    if (isRight && held.paints === 56 && !text.includes('could not be')) return []
    return [`single ${i}: ${said} said to be saved, there: ${JSON.stringify(locked)}, ${held.paints} paints`]
  })
  return { rounds, saved, wrong }
}

/**
 * Kills during bulk writes: an import of many rows is there whole or not at all, and there when it was said to be.
 * @param {string} url the demo's server
 * @param {number} rounds
 */
export async function killDuringBulkWrites(url, rounds, say = () => undefined, rows = 5000) {
  const lines = Array.from({ length: rows }, (_, i) => `Paint ${i},Puffin Works,PB29,15`)
  let whole = 0
  let told = 0
  const wrong = await eachRound(rounds, async (i, profile, dir) => {
    const table = join(dir, 'many.csv')
    await writeFile(table, ['name,maker,pigments,size ml', ...lines].join('\n'))
    const { said, held, text } = await round(url, profile, {
      path: '/import',
      // from before the writing begins to after it was said to have ended
      after: 100 + (4000 * i) / rounds,
      tell: 'return document.body.innerText',
      work: async (driver) => {
        await driver.findElement(By.css('input[type=file]')).sendKeys(table)
        const button = By.xpath(`//button[starts-with(normalize-space(), 'Take in')]`)
        await until(async () => {
          const [found] = await driver.findElements(button)
          return found && (await found.getText()).includes(`${rows}`) && found.isEnabled()
        }, 'the rows')
        await driver.findElement(button).click()
      },
    })
    const wasTold = said.includes(`${rows} rows taken in`)
    told += wasTold
    const isWhole = held.paints === 56 + rows && held.items === 64 + rows
    const isNone = held.paints === 56 && held.items === 64
    whole += isWhole
    const [saying, there] = [wasTold ? 'said to be in' : 'not yet said', isWhole ? 'all there' : 'none there']
    say(`bulk ${i + 1} of ${rounds}: ${saying}, ${there}`)
    if ((isWhole || (isNone && !wasTold)) && !text.includes('could not be')) return []
    return [`bulk ${i}: ${wasTold ? '' : 'not '}said, ${held.paints} paints, ${held.items} items`]
  })
  return { rounds, told, whole, wrong }
}

/**
 * In a window: every act is committed by the one door, as commands do; `window.safe` counts those that the page has
 * shown as saved.
 */
const ACTS = `
  const stores = document.querySelector('#__nuxt').__vue_app__.config.globalProperties.$pinia._s
  const store = stores.get('undo')
  const tin = stores.get('collection').palette('landing-tin')
  const [round, pace] = arguments
  const day = new Date().toISOString().slice(0, 10)
  const recorded = () => new Date().toISOString()
  const entry = (n, event) => [[], [{ id: 'act-' + round + '-' + n, v: 2, recorded: recorded(), type: 'event', event: { day, ...event } }]]
  const made = (kind, document) => [[{ kind, id: document.id, before: null, after: document }], []]
  const vessel = { paletteId: 'landing-tin', placeId: 'A1' }
  const acts = [
    (n) => entry(n, { kind: 'fill', vessel, itemId: 'demo-item-1', paintId: 'demo-h-lemon-yellow', millilitres: 0.1, dryingDays: 3 }),
    (n) => entry(n, { kind: 'sitting', paletteId: 'landing-tin', words: 'act ' + n, used: [{ vessel, paintId: 'demo-h-lemon-yellow' }] }),
    (n) => made('purchases', { id: 'act-' + round + '-' + n, v: 1, shop: 'Quay', day, currency: 'EUR', lines: [{ words: 'Viridian, 5 ml', minor: 590, itemIds: [], state: 'ordered' }] }),
    (n) => made('versions', { id: 'act-' + round + '-' + n, v: 1, paletteId: 'landing-tin', name: 'act ' + n, day, holder: tin.holder, plan: tin.plan }),
    (n) => made('paints', { id: 'act-' + round + '-' + n, v: 2, maker: 'Skerry', name: 'Act ' + n, pigments: ['PG18'] }),
  ]
  window.safe = 0
  window.refused = []
  let shown = 0
  new MutationObserver(() => {
    if (!document.querySelector('[data-unsaved]')) window.safe = shown
  }).observe(document.body, { subtree: true, attributes: true, childList: true })
  const step = () => {
    const done = store.commit('act ' + shown, ...acts[shown % acts.length](shown))
    if (!done.ok) window.refused.push(done.error.message)
    shown += 1
    // a few at once, then time to see them saved
    setTimeout(step, shown % 3 ? 5 : pace)
  }
  step()`

/** What a window has of a round's acts, in memory: fillings and paintings, orders, versions, paints. */
const SEEN = `
  const stores = document.querySelector('#__nuxt').__vue_app__.config.globalProperties.$pinia._s
  const { core } = stores.get('collection')
  const ids = [...core.journal.keys(), ...['purchases', 'versions', 'paints'].flatMap((kind) => [...core.table(kind).keys()])]
  const begin = 'act-' + arguments[0] + '-'
  return ids.filter((id) => id.startsWith(begin)).map((id) => Number(id.slice(begin.length))).sort((p, q) => p - q)`

/**
 * Windows that crash while they fill, paint, order and keep versions, with two others open that do the same: what the
 * dead one had shown as saved is on the screens of the others soon after, in the order in which it was done.
 * @param {string} url the demo's server
 * @param {number} rounds
 */
export async function crashWindows(url, rounds, say = () => undefined) {
  let saved = 0
  const wrong = []
  const { driver, close } = await openBrowser()
  const ready = async () => {
    await driver.get(`${url}/palettes/landing-tin/choose`)
    await until(() => driver.executeScript(SAVED), 'the page')
  }
  try {
    await ready()
    const windows = [await driver.getWindowHandle()]
    await driver.switchTo().newWindow('tab')
    await ready()
    windows.push(await driver.getWindowHandle())
    for (let i = 0; i < rounds; i += 1) {
      await driver.switchTo().newWindow('tab')
      await ready()
      const dying = await driver.getWindowHandle()
      await driver.switchTo().window(windows[i % 2])
      await driver.executeScript(ACTS, `beside${i}`, 260)
      await driver.switchTo().window(dying)
      await driver.executeScript(ACTS, `dying${i}`, 140)
      let safe = 0
      for (const end = Date.now() + 150 + (1500 * i) / rounds; Date.now() < end;)
        safe = await driver.executeScript('return window.safe')
      const refused = await driver.executeScript('return window.refused')
      const crash = driver.sendDevToolsCommand('Page.crash', {}).catch(() => undefined)
      await Promise.race([crash, pause(1000)])
      const has = []
      for (const window of windows) {
        await driver.switchTo().window(window)
        const seen = () => driver.executeScript(SEEN, `dying${i}`)
        for (const end = Date.now() + 8000; (await seen()).length < safe && Date.now() < end;) await pause(50)
        has.push(await seen())
      }
      saved += safe
      say(
        `window ${i + 1} of ${rounds}: ${safe} said to be saved, ${has.map((acts) => acts.length).join(' and ')} seen by the others`,
      )
      for (const acts of has)
        if (acts.length < safe || acts.some((n, k) => n !== k))
          wrong.push(`window ${i}: ${safe} said to be saved, the others see ${JSON.stringify(acts)}`)
      wrong.push(...refused)
      await driver.switchTo().window(dying)
      await driver.close().catch(() => undefined)
      await driver.switchTo().window(windows[i % 2])
      await ready()
    }
  } finally {
    await close()
  }
  return { rounds, saved, wrong }
}
