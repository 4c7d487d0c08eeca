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
