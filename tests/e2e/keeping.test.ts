import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { describe, expect, it } from 'vitest'
import { FILE_SCHEMA } from '@juxtachrome/core/formats'
import { App, Key } from './app'

/** What is kept, without when it was written and by whom: after a wipe the device begins a new life. */
const withoutMoment = (json: string) => {
  const { written: _when, writer: _who, stamps: _whose, ...kept } = JSON.parse(json) as Record<string, unknown>
  return JSON.stringify(kept, undefined, 1)
}
async function exported(app: App): Promise<string> {
  await app.go('/data')
  await app.click('Export everything')
  const text = (await app.downloaded(/^juxtachrome-.*\.json$/)).toString()
  await rm(app.downloads, { recursive: true })
  return text
}

describe('keeping', () => {
  it('everything is there after a reload, a restart, and in a second tab, which stays in step', async () => {
    const profile = await mkdtemp(join(tmpdir(), 'jx-kept-'))
    let app = await App.open('/palettes/landing-tin/choose', { profile })
    await (await app.place('B6')).click()
    await app.type('Keep it free for', 'kelp, wet')
    await app.click('Keep it free')
    await app.says('Kept free for kelp, wet')
    await app.reload()
    expect(await app.placeSays('B6')).toBe('B6: kept free for kelp, wet')
    const [first] = await app.driver.getAllWindowHandles()
    await app.driver.switchTo().newWindow('tab')
    await app.go('/palettes/landing-tin/choose')
    await (await app.place('B5')).sendKeys('l')
    expect(await app.placeSays('B5')).toContain('locked')
    await app.driver.switchTo().window(first!)
    await app.until(async () => (await app.placeSays('B5')).includes('locked'), 'the other tab’s lock')
    await app.close()
    app = await App.open('/palettes/landing-tin/choose', { profile })
    expect(await app.placeSays('B6')).toBe('B6: kept free for kelp, wet')
    expect(await app.placeSays('B5')).toContain('locked')
    await app.close()
    await rm(profile, { recursive: true, force: true, maxRetries: 3 })
  })

  it('export, wipe, import gives the same collection', async () => {
    const app = await App.open('/palettes/landing-tin/fill?place=A1')
    await app.click('Emptied and cleaned')
    await app.says('cleaned out')
    const before = await exported(app)
    expect(JSON.parse(before)).toMatchObject({ format: 'juxtachrome-collection', schema: FILE_SCHEMA })
    await app.click('Wipe everything …')
    await app.says('Type wipe to go ahead')
    expect(await (await app.named('Wipe everything', '//*[@role="dialog"]')).isEnabled()).toBe(false)
    await app.type('Type wipe to go ahead', 'wipe')
    await app.click('Wipe everything', '//*[@role="dialog"]')
    await app.says('The drawer is empty')
    await app.go('/paints')
    await app.says('Your drawer of tubes goes here')
    const file = join(tmpdir(), `jx-before-${process.pid}.json`)
    await writeFile(file, before)
    await app.go('/data')
    await app.upload(0, file)
    await app.says('56 paints')
    await app.click('Import it')
    await app.says('is in.')
    expect(withoutMoment(await exported(app))).toBe(withoutMoment(before))
    expect(await app.complaints()).toEqual([])
    await app.close()
  })

  it('works offline after the first load, and nothing leaves the machine', async () => {
    const profile = await mkdtemp(join(tmpdir(), 'jx-first-'))
    const app = await App.open('/paints', { profile })
    await app.until(
      async () =>
        (await app.driver.executeAsyncScript(
          'const done = arguments[0]; navigator.serviceWorker.ready.then((r) => done(Boolean(r.active)))',
        )) === true,
      'the service worker',
      20_000,
    )
    await app.until(
      async () =>
        (await app.driver.executeAsyncScript(
          'const done = arguments[0]; caches.keys().then(async (keys) => { for (const k of keys) if ((await (await caches.open(k)).keys()).length > 40) return done(true); done(false) })',
        )) === true,
      'everything precached',
      20_000,
    )
    await app.driver.sendDevToolsCommand('Network.enable', {})
    await app.driver.sendDevToolsCommand('Network.emulateNetworkConditions', {
      offline: true,
      latency: 0,
      downloadThroughput: 0,
      uploadThroughput: 0,
    })
    await app.go('/palettes/landing-tin/key')
    await app.says('One sheet, 210 × 297 mm.')
    await app.click('Save as PDF')
    expect((await app.downloaded(/\.pdf$/)).length).toBeGreaterThan(5000)
    await app.go('/palettes/landing-tin/arrange')
    await app.click('Find the best')
    await app.happens(`/places? would change|best as it lies/.test(document.body.innerText)`, 'an arrangement')
    const hosts = await app.driver.executeScript(
      'return [...new Set(performance.getEntriesByType("resource").map((e) => new URL(e.name).origin))]',
    )
    expect(hosts).toEqual([app.url])
    await app.close()
    await rm(profile, { recursive: true, force: true, maxRetries: 3 })
  })

  it('forbids inline script', async () => {
    const app = await App.open('/', { empty: true })
    const policy = (await fetch(app.url)).headers.get('content-security-policy')!
    expect(policy).toMatch(/script-src [^;]*'sha256-/)
    expect(policy.match(/script-src [^;]*/)![0]).not.toContain('unsafe-inline')
    await app.driver.executeScript(
      'const s = document.createElement("script"); s.textContent = "window.broken = 1"; document.body.append(s)',
    )
    expect(await app.driver.executeScript('return window.broken ?? null')).toBeNull()
    await app.close()
  })

  it('teaches when it is empty, and starts from a typed line', async () => {
    const app = await App.open('/', { empty: true })
    await app.says('Your drawer of tubes goes here')
    await app.click('Add the first paint')
    await app.type('Type it as it stands on the tube', 'Cerulean blue PB35, 5 ml')
    await app.press(Key.ENTER)
    await app.says('1 paint')
    expect(await app.complaints()).toEqual([])
    await app.close()
  })
})

describe('a browser that has promised nothing', () => {
  it('is told once, with the way to a copy', async () => {
    // one that was used much promises by itself
    const profile = await mkdtemp(join(tmpdir(), 'jx-fresh-'))
    const app = await App.open('/', { profile })
    await app.says('This browser has not promised to keep the collection')
    await app.click('Understood')
    await app.reload()
    await app.says('Today')
    expect(await app.text()).not.toContain('has not promised')
    await app.go('/data')
    await app.says('The browser has not promised to keep it')
    await app.close()
    await rm(profile, { recursive: true, force: true, maxRetries: 3 })
  })

  it('is not told while there is nothing to lose', async () => {
    const app = await App.open('/', { empty: true })
    await app.says('Your drawer of tubes goes here')
    expect(await app.text()).not.toContain('has not promised')
    await app.close()
  })
})
