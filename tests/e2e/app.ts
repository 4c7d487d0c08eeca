import { mkdtemp, readdir, readFile } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By, Key, logging, type WebElement } from 'selenium-webdriver'
import type { Driver } from 'selenium-webdriver/chrome.js'
import { inject } from 'vitest'
import { openBrowser } from '../../scripts/browser.mjs'
import { borrow } from './browsers'
import { watching } from './watching'

export { By, Key }
type Options = {
  width?: number
  height?: number
  touch?: boolean
  profile?: string
  empty?: boolean
  siteData?: boolean
  /** Works out what the collection mixes, as it does by itself; other tests leave the machine to what they are about. */
  reckons?: boolean
  /** Where the application is served, if not as usual. */
  url?: string
}

/** Other browsers and their workers share the machine. */
const WAIT = 30_000
/** Several browsers may open at once on a machine that does other things beside. */
const OPENING = 30_000
const ROLES = ['button', 'option', 'menuitem']
const quote = (text: string) => (text.includes("'") ? `"${text}"` : `'${text}'`)
/** An XPath to what can be pressed and is called so, by its words or its accessible name. */
function called(name: string, within: string): string {
  const q = quote(name)
  const kinds = ['self::button', 'self::a', 'self::summary', ...ROLES.map((r) => `@role='${r}'`)].join(' or ')
  const begins = [':', ','].map((mark) => `starts-with(@aria-label, concat(${q}, '${mark}'))`).join(' or ')
  return `${within}//*[${kinds}][normalize-space()=${q} or @aria-label=${q} or ${begins}]`
}

/** The application as a person meets it: found by what it says, worked by mouse, keys and touch. */
export class App {
  private constructor(
    readonly driver: Driver,
    readonly url: string,
    readonly downloads: string,
    readonly close: () => Promise<void>,
  ) {}

  static async open(path = '/', { empty, url, reckons, ...options }: Options = {}): Promise<App> {
    const downloads = await mkdtemp(join(tmpdir(), 'jx-downloads-'))
    // a file that needs a profile, or a browser without site data, has one of its own
    const isOwn = options.profile !== undefined || options.siteData === false
    const origins = [...new Set([inject('url'), inject('emptyUrl'), ...(url ? [url] : [])])]
    const { driver, close } = isOwn
      ? await openBrowser({ ...options, downloads })
      : await borrow({ ...options, downloads, origins })
    const app = new App(driver, url ?? inject(empty ? 'emptyUrl' : 'url'), downloads, close)
    if (!reckons && options.siteData !== false) {
      await driver.get(`${app.url}/api/health`)
      await app.remember('jx-reckon', 'when asked')
    }
    await app.go(path)
    return app
  }

  async go(path: string) {
    await this.saved()
    await this.driver.get(this.url + path)
    await this.ready()
  }
  /** To another screen as by a link, without loading the page anew. */
  async visit(path: string) {
    await this.inPage(
      `document.querySelector('#__nuxt').__vue_app__.config.globalProperties.$router.push(arguments[0]).then(() => done())`,
      path,
    )
    await this.ready()
  }
  async reload() {
    await this.saved()
    await this.driver.navigate().refresh()
    await this.ready()
  }
  async ready() {
    await this.happens(
      `document.querySelector('#main > *') && !document.body.innerText.includes('Laying out the paints')`,
      'the page',
      OPENING,
    )
  }

  /**
   * Waits until an expression holds in the page: asked anew when the page changes, and now and then besides, since what
   * a field holds, where the focus is or what the device keeps changes without a change of the page.
   */
  async happens(expression: string, what: string, wait = WAIT): Promise<void> {
    const held = await this.driver.executeAsyncScript(watching(expression), wait)
    if (!held) throw new Error(`Waited in vain for ${what}`)
  }

  /** Waits until what was done is on disk, as a person who leaves the page is asked to. */
  async saved(): Promise<void> {
    await this.happens(`!document.querySelector('[data-unsaved]')`, 'what was done to be saved')
  }

  /** Runs in the page; what it calls `done` with is the answer. */
  inPage<T>(script: string, ...args: unknown[]): Promise<T> {
    return this.driver.executeAsyncScript(`const done = arguments[arguments.length - 1]; ${script}`, ...args)
  }

  /** How many rows each of these tables holds on disk. */
  onDisk(...tables: string[]): Promise<Record<string, number>> {
    return this.inPage(
      `const names = arguments[0]
      const open = indexedDB.open('juxtachrome')
      open.onsuccess = () => {
        const asked = open.result.transaction([...names, 'bundles'])
        const bound = asked.objectStore('bundles').getAll()
        Promise.all(names.map((name) => new Promise((give) => {
          const count = asked.objectStore(name).count()
          count.onsuccess = () => give([name, count.result])
        }))).then((counts) => {
          open.result.close()
          const held = Object.fromEntries(counts)
          if ('journal' in held) for (const bundle of bound.result) held.journal += bundle.entries.length
          done(held)
        })
      }`,
      tables,
    )
  }

  /** On /data: asks to wipe everything, and goes through with it. */
  async wipe(): Promise<void> {
    await this.click('Wipe everything …')
    await this.type('Type wipe to go ahead', 'wipe')
    await this.click('Wipe everything', '//*[@role="dialog"]')
  }

  /** Waits until the page has drawn twice and has nothing waiting. */
  async still(): Promise<void> {
    await this.driver.executeAsyncScript(
      `const done = arguments[arguments.length - 1]
      requestAnimationFrame(() => requestAnimationFrame(() => requestIdleCallback(() => done(), { timeout: 1000 })))`,
    )
  }

  /** Puts a value into this device's store, as an earlier visit would have left it. */
  async remember(key: string, value: unknown): Promise<void> {
    const text = typeof value === 'string' ? value : JSON.stringify(value)
    await this.driver.executeScript('localStorage.setItem(arguments[0], arguments[1])', key, text)
  }

  async until<T>(ask: () => Promise<T | undefined | null | false>, what: string, wait = WAIT): Promise<T> {
    const end = Date.now() + wait
    let last: unknown
    // asked often at first, then less often: the question itself takes time from what is waited for
    for (let pause = 30; ; pause = Math.min(pause * 1.4, 250)) {
      try {
        const answer = await ask()
        if (answer) return answer
      } catch (error) {
        last = error
      }
      if (Date.now() > end)
        throw new Error(`Waited in vain for ${what}${last instanceof Error ? `: ${last.message}` : ''}`)
      await new Promise((r) => setTimeout(r, pause))
    }
  }

  /**
   * The first element in sight that a selector or an XPath finds; asked of the page at once, not element by element.
   * One that is to be `enabled` is none while it cannot be pressed: a click on what is not ready would be lost unsaid.
   */
  private inSight(how: 'css' | 'xpath', what: string, needs?: 'enabled'): Promise<WebElement | null> {
    return this.driver.executeScript(
      `const [how, what, needs] = arguments
      const all = how === 'css' ? [...document.querySelectorAll(what)] : []
      if (how === 'xpath') {
        const found = document.evaluate(what, document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE, null)
        for (let i = 0; i < found.snapshotLength; i += 1) all.push(found.snapshotItem(i))
      }
      const isInSight = (element) => {
        const { width, height } = element.getBoundingClientRect()
        return width > 0 && height > 0 && element.checkVisibility({ visibilityProperty: true, opacityProperty: true })
      }
      const found = all.find(isInSight)
      return !found || (needs === 'enabled' && found.disabled) ? null : found`,
      how,
      what,
      needs ?? null,
    )
  }

  /** The visible element that a selector finds. */
  async find(css: string): Promise<WebElement> {
    return this.until(() => this.inSight('css', css), css) as Promise<WebElement>
  }
  /** A button or link by its words or its accessible name; the last one shown when `last`. */
  async named(name: string, within = ''): Promise<WebElement> {
    return this.until(() => this.inSight('xpath', called(name, within)), `“${name}”`) as Promise<WebElement>
  }
  async click(name: string, within = '') {
    await this.until(async () => {
      const at = await this.inSight('xpath', called(name, within), 'enabled')
      await at?.click()
      return at
    }, `a click on “${name}”`)
  }
  /** A field by its label. */
  async field(label: string): Promise<WebElement> {
    const q = quote(label)
    const xpath = `//*[self::input or self::select or self::textarea][@aria-label=${q} or @id=//label[normalize-space()=${q}]/@for or ancestor::label[starts-with(normalize-space(), ${q})]]`
    return this.until(() => this.inSight('xpath', xpath), `the field “${label}”`) as Promise<WebElement>
  }
  async type(label: string, text: string) {
    const field = await this.field(label)
    await field.sendKeys(Key.chord(Key.CONTROL, 'a'), text === '' ? Key.DELETE : text)
  }
  /** Sets what typing cannot reach, a day or a long text, as the browser's own picker would. */
  async set(label: string, value: string) {
    await this.driver.executeScript(
      'arguments[0].value = arguments[1]; arguments[0].dispatchEvent(new Event("input", { bubbles: true })); arguments[0].dispatchEvent(new Event("change", { bubbles: true }))',
      await this.field(label),
      value,
    )
  }
  async choose(label: string, option: string) {
    await this.until(async () => {
      const choice: WebElement | null = await this.driver.executeScript(
        'return arguments[0].disabled ? null : [...arguments[0].options].find((o) => o.text.trim().startsWith(arguments[1])) ?? null',
        await this.field(label),
        option,
      )
      await choice?.click()
      return choice !== null
    }, `${label} to offer ${option}`)
  }
  place(id: string): Promise<WebElement> {
    return this.find(`[data-place="${id}"]`)
  }
  /** What a place is read aloud as; a tray that is just being drawn anew is asked again. */
  async placeSays(id: string): Promise<string> {
    const label = async () => (await this.place(id)).getAttribute('aria-label') as Promise<string | null>
    return this.until(label, `what ${id} says`)
  }
  async drag(from: WebElement, to: WebElement) {
    await this.driver.actions().move({ origin: from }).press().move({ origin: to, duration: 120 }).release().perform()
  }
  /** As on a machine that is so many times slower; 1 as it is. */
  slowedBy(rate: number) {
    return this.driver.sendDevToolsCommand('Emulation.setCPUThrottlingRate', { rate })
  }
  /** Keys to whatever has the focus. */
  async press(...keys: string[]) {
    for (const key of keys) await this.driver.actions().sendKeys(key).perform()
  }
  async chord(...keys: string[]) {
    const actions = this.driver.actions()
    for (const key of keys) actions.keyDown(key)
    for (const key of [...keys].reverse()) actions.keyUp(key)
    await actions.perform()
  }
  /** Where the middle of a thing lies in the window. */
  async middle(of: WebElement): Promise<{ x: number; y: number }> {
    return this.driver.executeScript(
      'const r = arguments[0].getBoundingClientRect(); return { x: r.x + r.width / 2, y: r.y + r.height / 2 }',
      of,
    )
  }
  async touch(type: 'touchStart' | 'touchMove' | 'touchEnd', at?: WebElement | { x: number; y: number }) {
    const rect = at && ('x' in at ? at : await this.middle(at))
    await this.driver.sendDevToolsCommand('Input.dispatchTouchEvent', { type, touchPoints: rect ? [rect] : [] })
  }
  async text(css = 'body'): Promise<string> {
    return this.driver.executeScript('return document.querySelector(arguments[0]).innerText.trim()', css)
  }
  async says(text: string, wait = WAIT) {
    await this.happens(`document.body.innerText.includes(${JSON.stringify(text)})`, `the words “${text}”`, wait)
  }
  async upload(index: number, path: string) {
    const input = await this.until(
      async () => (await this.driver.findElements(By.css('input[type=file]')))[index],
      'a place for a file',
    )
    await input.sendKeys(path)
  }
  async downloaded(pattern: RegExp): Promise<Buffer> {
    const name = await this.until(
      async () => (await readdir(this.downloads)).find((f) => pattern.test(f)),
      `a download ${pattern.source}`,
    )
    return readFile(join(this.downloads, name))
  }
  /** What the browser complained of: errors, refused resources, violated policies. */
  async complaints(): Promise<string[]> {
    const entries = await this.driver.manage().logs().get(logging.Type.BROWSER)
    return entries.filter((e) => e.level.value >= logging.Level.WARNING.value).map((e) => e.message)
  }
}
