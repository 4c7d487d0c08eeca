// Kills the browser while it writes, again and again, and looks at what is there afterwards. Loopback only.
import { mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By } from 'selenium-webdriver'
import { openBrowser } from './browser.mjs'

const pause = (ms) => new Promise((r) => setTimeout(r, ms))
const SAVED = `return document.querySelector('#main > *') && !document.querySelector('[data-unsaved]') && !document.body.innerText.includes('Laying out the paints')`

async function until(ask, what, wait = 20_000) {
  for (const end = Date.now() + wait; Date.now() < end; await pause(15)) if (await ask()) return
  throw new Error(`Waited in vain for ${what}`)
}

/** Ends every process of the browser at once, as a power cut would: found by the profile that is ours alone. */
async function kill(profile) {
  for (const pid of (await readdir('/proc')).filter((name) => /^\d+$/.test(name))) {
    const line = await readFile(`/proc/${pid}/cmdline`, 'utf8').catch(() => '')
    if (!line.includes(profile) || line.includes('chromedriver')) continue
    try {
      process.kill(Number(pid), 'SIGKILL')
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
 * One round: a person works and the browser is killed `after` milliseconds after what they did last.
 * @returns what was said to be saved before, and what the disk held after
 */
async function round(url, profile, { path, work, after }) {
  const browser = await openBrowser({ profile })
  await browser.driver.get(url + path)
  await until(() => browser.driver.executeScript(SAVED), 'the page')
  const said = await work(browser.driver)
  await pause(after)
  const last = await browser.driver.executeScript(`return document.body.innerText`).catch(() => '')
  await kill(profile)
  await browser.driver.quit().catch(() => undefined)
  const again = await openBrowser({ profile })
  await again.driver.get(`${url}/data`)
  await until(() => again.driver.executeScript(SAVED), 'the page after the kill')
  const held = await again.driver.executeAsyncScript(HELD)
  const text = await again.driver.executeScript('return document.body.innerText')
  await again.driver.quit()
  return { said, last, held, text }
}

const profileIn = (dir) => mkdtemp(join(dir, 'profile-'))

/**
 * Kills during single writes: six places are locked one after the other; whatever the page showed as saved is there,
 * and the locks that are there are the first so many, none left out.
 * @param {string} url the demo's server
 * @param {number} rounds
 */
export async function killDuringSingleWrites(url, rounds, say = () => undefined) {
  const dir = await mkdtemp(join(tmpdir(), 'jx-kill-'))
  const places = ['A1', 'A2', 'A3', 'A5', 'B1', 'B2']
  const wrong = []
  let saved = 0
  for (let i = 0; i < rounds; i += 1) {
    const { said, held, text } = await round(url, await profileIn(dir), {
      path: '/palettes/landing-tin/choose',
      after: (i * 7) % 40,
      work: (driver) =>
        driver.executeAsyncScript(
          `const [places, untilSaved, done] = arguments
          let safe = 0
          let shown = 0
          new MutationObserver(() => {
            if (!document.querySelector('[data-unsaved]')) safe = shown
          }).observe(document.body, { subtree: true, attributes: true, childList: true })
          const step = () => {
            if (shown === places.length) return
            const place = document.querySelector('[data-place="' + places[shown] + '"]')
            shown += 1
            place.dispatchEvent(new KeyboardEvent('keydown', { key: 'l', bubbles: true, cancelable: true }))
            setTimeout(step, 5)
          }
          step()
          setTimeout(() => done(safe), untilSaved)`,
          places,
          8 + ((i * 13) % 60),
        ),
    })
    const locked = places.map((place) => held.plan[place]?.locked === true)
    const there = locked.lastIndexOf(true) + 1
    saved += said
    if (there < said || !locked.slice(0, there).every(Boolean) || held.paints !== 56 || text.includes('could not be'))
      wrong.push(`single ${i}: ${said} said to be saved, there: ${JSON.stringify(locked)}, ${held.paints} paints`)
    say(`single ${i + 1} of ${rounds}: ${said} said to be saved, ${there} there`)
  }
  await rm(dir, { recursive: true, force: true, maxRetries: 3 })
  return { rounds, saved, wrong }
}

/**
 * Kills during bulk writes: an import of many rows is there whole or not at all, and there when it was said to be.
 * @param {string} url the demo's server
 * @param {number} rounds
 */
export async function killDuringBulkWrites(url, rounds, say = () => undefined, rows = 5000) {
  const dir = await mkdtemp(join(tmpdir(), 'jx-kill-'))
  const table = join(dir, 'many.csv')
  const lines = Array.from({ length: rows }, (_, i) => `Paint ${i},Puffin Works,PB29,15`)
  await writeFile(table, ['name,maker,pigments,size ml', ...lines].join('\n'))
  const wrong = []
  let whole = 0
  let told = 0
  for (let i = 0; i < rounds; i += 1) {
    const { last, held, text } = await round(url, await profileIn(dir), {
      path: '/import',
      // from before the writing begins to after it was said to have ended
      after: (i * 173) % 2600,
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
    const wasTold = last.includes(`${rows} rows taken in`)
    told += wasTold
    const isWhole = held.paints === 56 + rows && held.items === 64 + rows
    const isNone = held.paints === 56 && held.items === 64
    whole += isWhole
    if (!(isWhole || (isNone && !wasTold)) || text.includes('could not be'))
      wrong.push(`bulk ${i}: ${wasTold ? '' : 'not '}said, ${held.paints} paints, ${held.items} items`)
    say(
      `bulk ${i + 1} of ${rounds}: ${wasTold ? 'said to be in' : 'not yet said'}, ${isWhole ? 'all there' : 'none there'}`,
    )
  }
  await rm(dir, { recursive: true, force: true, maxRetries: 3 })
  return { rounds, told, whole, wrong }
}
