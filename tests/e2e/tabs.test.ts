import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest'
import { App } from './app'

const PALETTE = '/palettes/landing-tin/choose'
let app: App
let first: string
let second: string

const to = (window: string) => app.driver.switchTo().window(window)

/** What a person can do to a place by a key, at a moment of its own. */
const PRESS = `
  window.press = (place, key) => document.querySelector('[data-place="' + place + '"]')
    .dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true, cancelable: true }))
  // a worker's clock: that of a window in the background is slowed down; it waits for a window that is busy
  window.every = (ms, work) => {
    const ticks = 'onmessage = () => setTimeout(() => postMessage(0), ' + ms + ')'
    const clock = new Worker(URL.createObjectURL(new Blob([ticks])))
    clock.onmessage = () => {
      work()
      clock.postMessage(0)
    }
    clock.postMessage(0)
    return () => clock.terminate()
  }
  window.tick = () => new Promise((go) => {
    const { port1, port2 } = new MessageChannel()
    port1.onmessage = () => go()
    port2.postMessage(0)
  })
  window.work = async (place, busy) => {
    for (let n = 0; n < 9; n += 1) {
      press(place, n % 3 === 2 ? 'Delete' : 'l')
      for (let k = 0; k < 4; k += 1) {
        spin(busy / 2)
        await tick()
      }
    }
  }
  window.spin = (ms) => { const end = performance.now() + ms; while (performance.now() < end); }`
const SAYS = `[...document.querySelectorAll('[data-place]')].map((p) => p.getAttribute('aria-label')).join('; ')`
const quiet = async () => {
  await app.saved()
  await new Promise((r) => setTimeout(r, 150))
  await app.saved()
}
/** What the places say in each window, when both have written what they had to and heard of each other. */
async function bothSay(): Promise<string[]> {
  const said: string[] = []
  for (const window of [first, second, first, second]) {
    await to(window)
    await quiet()
    said.push(await app.driver.executeScript<string>(`return ${SAYS}`))
  }
  return said.slice(2)
}
const onDisk = () => app.onDisk('paints', 'items', 'palettes', 'journal')
/** The counts that /data shows, without a reload. */
async function shown(): Promise<Record<string, number>> {
  await app.click('Data')
  await app.says('What is kept here')
  await quiet()
  const text = await app.text('main')
  const count = (word: string) => Number(new RegExp(`(\\d+)${word}`).exec(text)![1])
  return {
    paints: count('paints'),
    items: count('tubes'),
    palettes: count('palettes'),
    journal: count('journal entries'),
  }
}

beforeAll(async () => {
  app = await App.open(PALETTE)
  first = await app.driver.getWindowHandle()
  await app.driver.switchTo().newWindow('tab')
  second = await app.driver.getWindowHandle()
})
afterAll(() => app.close())

describe('two windows that edit one place', () => {
  beforeEach(async () => {
    for (const window of [first, second]) {
      await to(window)
      await app.go(PALETTE)
      await app.driver.executeScript(PRESS)
    }
  })

  // both lock and unlock the same place, each by what it sees, busy with other things in between
  // every order of news is tried in app/stores/tabs.test.ts; here it is two real windows
  it.each([0, 10])('%i ms apart end alike, as the disk has it', async (apart) => {
    await to(second)
    await app.driver.executeScript(
      `new BroadcastChannel('test').onmessage = ({ data }) => { spin(data.apart); work(data.place, data.busy) }`,
    )
    const places = ['A1', 'A2', 'A3', 'A4', 'A5', 'A6']
    for (const [i, place] of places.entries()) {
      await to(first)
      await app.inPage(
        `const [place, apart, busy] = arguments
        new BroadcastChannel('test').postMessage({ place, apart, busy: busy * 2 })
        work(place, busy).then(() => setTimeout(done, apart + 20))`,
        place,
        apart,
        1 + (i % 5) * 3,
      )
    }
    const ends = await bothSay()
    await app.reload()
    const disk = await app.driver.executeScript<string>(`return ${SAYS}`)
    expect(ends).toEqual([disk, disk])
  })

  it('one that is opened while the other edits misses nothing', async () => {
    for (let round = 0; round < 3; round += 1) {
      await to(first)
      await app.driver.executeScript(`
        let n = 0
        const places = ['A1', 'A2', 'A3', 'B1', 'B2', 'B3', 'B4']
        window.endEdits = every(8, () => press(places[n++ % places.length], 'l'))
        window.edits = () => n`)
      await to(second)
      await app.driver.get(app.url + PALETTE)
      await app.ready()
      await to(first)
      // it went on until the other was open
      expect(await app.driver.executeScript('endEdits(); return edits()')).toBeGreaterThan(3)
      const ends = await bothSay()
      expect(ends[1]).toBe(ends[0])
    }
  })
})

describe('a window that dies', () => {
  it('with its last writes on the disk and nobody told: the others show them, unasked, and fill nothing twice', async () => {
    await to(first)
    await app.go(PALETTE)
    const [before, third] = [await app.placeSays('B2'), await app.placeSays('B3')]
    await app.driver.switchTo().newWindow('tab')
    const dying = await app.driver.getWindowHandle()
    await app.go(PALETTE)
    await app.driver.executeScript(
      `${PRESS}; BroadcastChannel.prototype.postMessage = () => {}; press('B2', 'l'); press('B3', 'l')`,
    )
    await app.saved()
    // the renderer is gone before it answers
    const crash = app.driver.sendDevToolsCommand('Page.crash', {}).catch(() => undefined)
    await Promise.race([crash, new Promise((r) => setTimeout(r, 1000))])
    await to(first)
    await app.until(async () => (await app.placeSays('B2')) !== before, 'what the dead window wrote')
    expect(await app.placeSays('B3')).not.toBe(third)
    // the next write finds the order as it is
    await (await app.place('B2')).sendKeys('l')
    await quiet()
    const ends = await app.driver.executeScript<string>(`return ${SAYS}`)
    await to(dying)
    await app.driver.close().catch(() => undefined)
    await to(first)
    await app.reload()
    expect(await app.driver.executeScript<string>(`return ${SAYS}`)).toBe(ends)
  })
})

describe('a window that writes while another', () => {
  let file: string
  beforeAll(async () => {
    const dir = await mkdtemp(join(tmpdir(), 'jx-tabs-'))
    file = join(dir, 'before.json')
    await to(first)
    await app.go('/data')
    await app.click('Export everything')
    await writeFile(file, await app.downloaded(/^juxtachrome-.*\.json$/))
  })
  afterAll(() => rm(join(file, '..'), { recursive: true }))

  const WRITE = `
    window.endWriting = every(25, () => {
      if (document.querySelector('[data-place="A1"]')) press('A1', 'l')
    })`

  async function both(): Promise<void> {
    await to(first)
    await app.driver.executeScript('window.endWriting?.()')
    const here = await shown()
    await to(second)
    expect(await shown()).toEqual(here)
    expect(await onDisk()).toEqual(here)
  }
  const writer = async () => {
    await to(first)
    await app.go(PALETTE)
    await app.driver.executeScript(PRESS + WRITE)
  }

  it('puts a whole file in, adds it, or wipes all: counts and documents are the same everywhere', async () => {
    await to(second)
    await app.go('/data')
    for (const how of ['wipe', 'replace', 'add', 'wipe', 'replace'] as const) {
      await to(first)
      if (how !== 'replace') await writer()
      await to(second)
      if (how === 'wipe') {
        await app.wipe()
        await app.says('Wiped.')
      } else {
        await app.upload(0, file)
        await app.says('holds 56 paints')
        if (how === 'add') {
          await app.click('Add it to what is here')
          await app.click('Add it', '//*[@role="dialog"]')
        } else await app.click('Import it')
        await app.says('is in.')
        await app.click('Dismiss')
      }
      await both()
    }
  })

  it('an undo kept by a window that was away while everything was wiped writes nothing back', async () => {
    await to(first)
    await app.go(PALETTE)
    await app.driver.executeScript(PRESS)
    await app.driver.executeScript(`press('A1', 'l'); press('B1', 'Delete')`)
    await quiet()
    await new Promise((r) => setTimeout(r, 400))
    await app.driver.get(`${app.url}/api/health`)
    await to(second)
    await app.go('/data')
    await app.wipe()
    await app.says('Wiped.')
    await to(first)
    await app.go('/data')
    expect(await (await app.named('Undo')).isEnabled()).toBe(false)
    await app.chord('\uE009', 'z')
    await quiet()
    expect(await onDisk()).toEqual({ paints: 0, items: 0, palettes: 0, journal: 0 })
  })
})
