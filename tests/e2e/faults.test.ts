import { mkdtemp, rm, writeFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, describe, expect, it } from 'vitest'
import { SCREENS } from './access/screens'
import { App } from './app'

let app: App
afterEach(async () => {
  await app?.close()
})

/** What the page, whatever it was doing, asked of any other place than the one it came from. */
const ELSEWHERE = `
  return performance.getEntriesByType('resource').map((r) => r.name)
    .filter((name) => new URL(name).origin !== location.origin)`
/** Screens on which a person finds something else than the application, or that ask anything of another place. */
async function broken(paths: readonly string[]): Promise<string[]> {
  const found: string[] = []
  for (const path of paths) {
    await app.visit(path)
    await app.still()
    const text = await app.text()
    if (/\b(500|undefined|NaN|null|\[object)\b|stopped/.test(text) || text.length < 150) found.push(`${path}: ${text}`)
    const asked = await app.driver.executeScript<string[]>(ELSEWHERE)
    for (const address of asked) found.push(`${path} asked ${address}`)
  }
  return found
}

describe('a browser that keeps nothing', () => {
  it('shows every screen, says that nothing can be kept, and works as long as the window', async () => {
    app = await App.open('/', { empty: true, siteData: false })
    await app.says('The collection could not be opened')
    await app.says('does not allow a database')
    await app.click('Export what can be read')
    await app.says('Nothing could be read')
    expect(await broken(['/paints', '/bench', '/palettes', '/data', '/compare', '/pigments', '/swatches'])).toEqual([])
    await app.click('Go on without keeping')
    await app.click('Paints')
    await app.click('Add the first paint')
    await app.type('Type it as it stands on the tube', 'Cerulean blue PB35, 5 ml')
    await app.press('\uE007')
    await app.says('1 paint')
    await app.says('Not saved.')
  })
})

describe('what this device kept', () => {
  it('damaged or from a newer version: every screen is there, and it is said once', async () => {
    app = await App.open('/')
    const values = ['{"v":99,"things":[1,{"kind":"brush"}]}', '[null]', '{', '"\\u0000"']
    const keys = ['jx-strip', 'jx-bench', 'jx-theme', 'jx-ground', 'jx-mirrored', 'jx-told-not-lasting']
    for (const [i, value] of values.entries()) {
      for (const key of keys) await app.remember(key, value)
      await app.driver.executeScript('sessionStorage.setItem("jx-undo", arguments[0])', value)
      await app.reload()
      await app.says('starts anew')
      expect(await broken(i === 0 ? SCREENS : ['/', '/bench', '/compare', '/swatches'])).toEqual([])
    }
  }, 120_000)
})

describe('a full disk', () => {
  /** Chromium lets no test set how much it gives to a database: here every write is refused as a full disk refuses it. */
  const FULL = `
    const put = IDBObjectStore.prototype.put
    IDBObjectStore.prototype.put = function (...args) {
      if (!window.isFull) return put.apply(this, args)
      throw new DOMException('The disk is full.', 'QuotaExceededError')
    }`

  it('is said; nothing is lost, a wipe changes nothing, and trying again saves', async () => {
    app = await App.open('/palettes/landing-tin/choose')
    await app.driver.executeScript(`${FULL}; window.isFull = true`)
    await (await app.place('B5')).sendKeys('l')
    await app.says('The disk or the browser’s share of it is full')
    expect(await app.placeSays('B5')).toContain('locked')
    await app.click('Data')
    await app.wipe()
    // refused, and said so, before there is room again
    const refused = `[...document.querySelectorAll('[role=status]')].some((s) => s.innerText.includes('is full'))`
    await app.happens(refused, 'the refusal of the wipe')
    await app.says('56paints')
    expect(await app.text()).not.toContain('Wiped.')
    await app.driver.executeScript('window.isFull = false')
    await app.click('Try again')
    await app.reload()
    await app.says('56paints')
    await app.go('/palettes/landing-tin/choose')
    expect(await app.placeSays('B5')).toContain('locked')
    // and with room again, a wipe takes all, and what was made before it does not come back
    await app.driver.executeScript(`${FULL}; window.isFull = true`)
    await (await app.place('B5')).sendKeys('l')
    await app.says('is full')
    await app.click('Data')
    await app.driver.executeScript('setTimeout(() => (window.isFull = false), 1500)')
    await app.click('Wipe everything …')
    await app.type('Type wipe to go ahead', 'wipe')
    await app.until(async () => !(await app.driver.executeScript('return window.isFull')), 'room')
    await app.click('Wipe everything', '//*[@role="dialog"]')
    await app.says('Wiped. The drawer is empty.')
    await app.says('0palettes')
    await app.reload()
    await app.says('0palettes')
  })
})

describe('a disk that keeps something back', () => {
  it('opens without it, says so, names it, and leaves it where it is', async () => {
    app = await App.open('/data')
    await app.driver.sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: `
        const { get, getAll } = IDBObjectStore.prototype
        const refuse = () => { throw new DOMException('Failed to read large value', 'DataError') }
        IDBObjectStore.prototype.getAll = function (...given) {
          return this.name === 'paints' ? refuse() : getAll.apply(this, given)
        }
        IDBObjectStore.prototype.get = function (key) {
          return key === 'demo-h-lemon-yellow' ? refuse() : get.call(this, key)
        }`,
    })
    await app.reload()
    await app.says('One document could not be opened. See Data.')
    await app.says('55paints')
    await app.says('The document demo-h-lemon-yellow could not be read off the disk')
    expect(await broken(['/', '/palettes/landing-tin/choose', '/paints/demo-h-lemon-yellow'])).toEqual([])
    expect(await app.onDisk('paints')).toEqual({ paints: 56 })
  })
})

describe('another layout of the database', () => {
  /** Two windows without the application, so that nothing of it holds the database. */
  async function twoBareWindows() {
    app = await App.open('/data')
    await app.saved()
    const [first] = await app.driver.getAllWindowHandles()
    await app.driver.get(`${app.url}/api/health`)
    await app.driver.switchTo().newWindow('tab')
    await app.driver.get(`${app.url}/api/health`)
    const second = (await app.driver.getAllWindowHandles()).find((w) => w !== first)!
    return { first: first!, second }
  }

  it('an older window that holds it is named; when it is closed, opening goes on', async () => {
    const { first, second } = await twoBareWindows()
    await app.inPage(`
      indexedDB.deleteDatabase('juxtachrome').onsuccess = () => {
        const older = indexedDB.open('juxtachrome', 20)
        older.onupgradeneeded = () => {
          for (const name of ['paints', 'items', 'palettes', 'leftovers', 'journal', 'recipes'])
            older.result.createObjectStore(name, { keyPath: 'id' })
          older.result.createObjectStore('meta', { keyPath: 'key' })
          older.transaction.objectStore('paints').put({ id: 'old', v: 1, maker: '', name: 'Old ochre', pigments: [] })
        }
        older.onsuccess = () => done((window.held = older.result).version)
      }`)
    await app.driver.switchTo().window(first)
    await app.driver.get(`${app.url}/paints`)
    await app.says('An older Juxtachrome in another tab or window holds the collection')
    await app.driver.switchTo().window(second)
    await app.inPage('window.held.close(); done()')
    await app.driver.switchTo().window(first)
    await app.says('Old ochre')
  })

  it('a newer one is left as it is, and what can be read of it can be exported', async () => {
    const { first, second } = await twoBareWindows()
    const version = `
      const newer = indexedDB.open('juxtachrome')
      newer.onsuccess = () => { const v = newer.result.version; newer.result.close(); done(v) }`
    await app.inPage(`
      const newer = indexedDB.open('juxtachrome', 990)
      newer.onupgradeneeded = () =>
        newer.result.createObjectStore('brushes', { keyPath: 'id' }).put({ id: 'b', v: 1, size: 8 })
      newer.onsuccess = () => { newer.result.close(); done() }`)
    await app.driver.switchTo().window(first)
    await app.driver.get(`${app.url}/palettes`)
    await app.says('last opened by a newer Juxtachrome')
    await app.says('Nothing was changed or deleted')
    await app.click('Export what can be read')
    await app.says('and 1 that cannot be read here')
    const file = JSON.parse((await app.downloaded(/^juxtachrome-rescued-.*\.json$/)).toString())
    expect(file.documents.paints).toHaveLength(56)
    expect(file.unreadable).toEqual([{ kind: 'brushes', raw: { id: 'b', v: 1, size: 8 } }])
    await app.driver.switchTo().window(second)
    expect(await app.inPage(version)).toBe(990)
  })
})

describe('a file made to harm', () => {
  it('places and paints called constructor and kin, and a document too deep: every screen is there', async () => {
    app = await App.open('/data')
    const dir = await mkdtemp(join(tmpdir(), 'jx-kin-'))
    const kin = ['constructor', '__proto__', 'toString', 'valueOf']
    const journal = kin.flatMap((name) =>
      [name, 'landing-tin'].map((paletteId, i) => ({
        id: `${name}${i}`,
        v: 1,
        recorded: '2026-05-01T08:00:00.000Z',
        type: 'event',
        event: {
          kind: 'fill',
          day: '2026-05-01',
          paletteId,
          placeId: name,
          itemId: name,
          paintId: name,
          millilitres: 1,
          dryingDays: 3,
        },
      })),
    )
    const items = kin.map((id) => ({ id, v: 1, paintId: 'toString', kind: 'tube', millilitres: 5, state: 'open' }))
    const paints = [
      { id: 'valueOf', v: 2, maker: 'constructor', name: '__proto__', pigments: ['PB29'] },
      { id: 'deep', v: 2, maker: '', name: 'Deep', pigments: [], deep: 'HERE' },
    ]
    const path = join(dir, 'kin.json')
    const text = JSON.stringify({ format: 'juxtachrome-collection', schema: 1, documents: { journal, items, paints } })
    await writeFile(path, text.replace('"HERE"', `${'{"a":'.repeat(30_000)}1${'}'.repeat(30_000)}`))
    await app.upload(0, path)
    await app.says('1 of its documents cannot be read')
    await app.click('Add it to what is here')
    await app.click('Add it', '//*[@role="dialog"]')
    await app.says('57paints')
    await app.reload()
    expect(await broken([...SCREENS, '/paints/valueOf', '/paints/toString'])).toEqual([])
    await app.go('/data')
    await app.says('nested more than 12 deep')
    await app.click('Set them aside')
    await app.says('Set aside.')
    await app.click('Export everything')
    const exported = (await app.downloaded(/^juxtachrome-.*\.json$/)).toString()
    expect(exported).toContain('constructor1')
    expect(exported).toContain('a\\":{\\"a\\":{')
    expect(await app.complaints()).toEqual([])
    await rm(dir, { recursive: true })
  }, 120_000)
})
