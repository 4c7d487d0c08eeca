import { appendFileSync } from 'node:fs'
import { inject } from 'vitest'
import type { Driver } from 'selenium-webdriver/chrome.js'
import { logging } from 'selenium-webdriver'
import { openBrowser, setSize } from '../../scripts/browser.mjs'

/** A browser that is lent to one test file after another, and left each time as if it had just been opened. */
interface Lent {
  driver: Driver
  close: () => Promise<void>
}
const idle: Lent[] = []

/** What one test file asks of a browser. */
export interface Wanted {
  width?: number
  height?: number
  touch?: boolean
  downloads: string
  /** Where the application is served: what it keeps there is cleared afterwards. */
  origins: readonly string[]
}

/** A browser out of the few that this worker has; another is started only where all of them are in use. */
export async function borrow({ width = 1280, height = 800, touch, downloads, origins }: Wanted): Promise<Lent> {
  const own = idle.pop() ?? (await start())
  const { driver } = own
  await setSize(driver, width, height, touch)
  await driver.sendDevToolsCommand('Browser.setDownloadBehavior', { behavior: 'allow', downloadPath: downloads })
  return { driver, close: () => giveBack(own, origins) }
}

async function start(): Promise<Lent> {
  const lent = await openBrowser()
  const id = (await lent.driver.getCapabilities()).get('goog:processID') as number | undefined
  // the run ends them: a worker may be ended before it can
  if (id) appendFileSync(inject('started'), `${id}\n`)
  return lent
}

/**
 * All that a person has put in. What makes the application open at once, and without a network, stays as it does
 * between two visits; whoever tests the very first visit asks for a browser of its own.
 */
const PUT_IN = 'cookies,file_systems,indexeddb,local_storage,cache_storage_buckets,storage_buckets'

/** A new window without what the old ones knew; all that was put in is gone. */
async function giveBack(own: Lent, origins: readonly string[]): Promise<void> {
  const { driver } = own
  try {
    const old = await driver.getAllWindowHandles()
    await driver.switchTo().newWindow('tab')
    const fresh = await driver.getWindowHandle()
    for (const handle of old) {
      await driver.switchTo().window(handle)
      await driver.close()
    }
    await driver.switchTo().window(fresh)
    for (const origin of origins)
      await driver.sendDevToolsCommand('Storage.clearDataForOrigin', { origin, storageTypes: PUT_IN })
    await driver.manage().logs().get(logging.Type.BROWSER)
    idle.push(own)
  } catch {
    // a browser that a test broke is not lent again
    await own.close().catch(() => undefined)
  }
}
