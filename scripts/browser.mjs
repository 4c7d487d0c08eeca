// A headless Chromium that reaches nothing but this machine, for end-to-end tests and pictures.
import { existsSync } from 'node:fs'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Builder, logging } from 'selenium-webdriver'
import chrome from 'selenium-webdriver/chrome.js'

process.env.SE_OFFLINE = 'true'
process.env.SE_AVOID_STATS = 'true'

const FLAGS = [
  '--headless=new',
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  // windows beside each other are all in sight: none is put behind the others' work
  '--disable-renderer-backgrounding',
  '--disable-dev-shm-usage',
  '--force-color-profile=srgb',
  // days and numbers are written by the device's locale
  '--lang=en-GB',
  '--host-resolver-rules=MAP * ~NOTFOUND , EXCLUDE localhost , EXCLUDE 127.0.0.1',
]

export const CHROMIUM = '/usr/bin/chromium'
export const CHROMEDRIVER = '/usr/bin/chromedriver'
export const browserIsThere = () => existsSync(CHROMIUM) && existsSync(CHROMEDRIVER)

/**
 * `siteData: false` is a browser whose owner allows no site to keep anything.
 * @param {{ width?: number, height?: number, touch?: boolean, profile?: string, downloads?: string, siteData?: boolean }} [options]
 */
export async function openBrowser({
  width = 1280,
  height = 800,
  touch = false,
  profile,
  downloads,
  siteData = true,
} = {}) {
  const own = profile ?? (await mkdtemp(join(tmpdir(), 'jx-profile-')))
  const options = new chrome.Options()
  options.setChromeBinaryPath(CHROMIUM)
  options.addArguments(...FLAGS, `--user-data-dir=${own}`)
  options.setUserPreferences({
    'intl.accept_languages': 'en-GB',
    ...(downloads && { 'download.default_directory': downloads, 'download.prompt_for_download': false }),
    ...(!siteData && { 'profile.default_content_setting_values.cookies': 2 }),
  })
  const logs = new logging.Preferences()
  logs.setLevel(logging.Type.BROWSER, logging.Level.ALL)
  options.setLoggingPrefs(logs)
  const driver = /** @type {import('selenium-webdriver/chrome.js').Driver} */ (
    await new Builder()
      .forBrowser('chrome')
      .setChromeOptions(options)
      .setChromeService(new chrome.ServiceBuilder(CHROMEDRIVER))
      .build()
  )
  // longer than anything that is waited for in a page, so that the wait itself says what was missing
  await driver.manage().setTimeouts({ script: 150_000 })
  await setSize(driver, width, height, touch)
  return {
    driver,
    close: async () => {
      await driver.quit()
      if (!profile) await rm(own, { recursive: true, force: true, maxRetries: 3 })
    },
  }
}

/** `--window-size` counts the window's frame; this sets the page itself. */
export async function setSize(
  /** @type {import('selenium-webdriver/chrome.js').Driver} */ driver,
  /** @type {number} */ width,
  /** @type {number} */ height,
  touch = false,
) {
  await driver.sendDevToolsCommand('Emulation.setDeviceMetricsOverride', {
    width,
    height,
    deviceScaleFactor: 1,
    mobile: false,
  })
  await driver.sendDevToolsCommand('Emulation.setTouchEmulationEnabled', {
    enabled: touch,
    maxTouchPoints: touch ? 5 : 1,
  })
}
