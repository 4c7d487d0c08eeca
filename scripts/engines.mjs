// The main screens once in browsers of other kinds: `npm run build && npm run engines`. Debian has them: firefox-esr,
// webkit2gtk-driver (with xvfb where there is no screen). What was found: docs/engines.md. Not part of `npm test`.
import { spawn } from 'node:child_process'
import { existsSync } from 'node:fs'
import { mkdtemp, rm } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { Builder, Capabilities } from 'selenium-webdriver'
import { WebSocket } from 'ws'
import { serveBuilt } from './serve.mjs'

const FIREFOX = '/usr/bin/firefox-esr'
const WEBKIT_DRIVER = '/usr/bin/WebKitWebDriver'
const MINI_BROWSER = ['4.1', '4.0']
  .map((v) => `/usr/lib/x86_64-linux-gnu/webkit2gtk-${v}/MiniBrowser`)
  .find((path) => existsSync(path))

/** Where to go, and what stands there when it works; each answer of a worker, a file and a drawing has one. */
const SCREENS = [
  ['/', 'Low or out'],
  ['/paints', '56 paints'],
  ['/palettes', 'Landing tin'],
  ['/palettes/landing-tin/choose', 'What it reaches'],
  ['/palettes/landing-tin/arrange', 'Arrange'],
  ['/palettes/landing-tin/fill', 'To fill'],
  ['/palettes/landing-tin/use', 'Log a painting'],
  ['/palettes/landing-tin/key', 'Save as PDF'],
  ['/bench', 'Bench'],
  ['/charts', 'chart'],
  ['/restock', 'Needs'],
  ['/swatches', 'photograph'],
  ['/data', 'Export everything'],
  ['/how', 'paint'],
]
const pause = (ms) => new Promise((resume) => setTimeout(resume, ms))

/** Goes through the screens; `run` evaluates an expression in the page. */
async function throughScreens(url, { go, run }) {
  const wrong = []
  for (const [path, words] of SCREENS) {
    await go(url + path)
    const says = `document.body.innerText.toLowerCase().includes(${JSON.stringify(words.toLowerCase())})`
    const end = Date.now() + 30_000
    while (!(await run(says)) && Date.now() < end) await pause(150)
    if (await run(says)) continue
    const shown = await run('document.body.innerText.slice(0, 400)')
    wrong.push(`${path} does not say “${words}”, but: ${shown}`)
  }
  return wrong
}

/** How many paints lie on the browser's disk. */
function paintsOnDisk({ run }) {
  const counts = `(async () => {
    const request = indexedDB.open('juxtachrome')
    const db = await new Promise((y, n) => { request.onsuccess = () => y(request.result); request.onerror = n })
    const rows = db.transaction('paints').objectStore('paints').getAll()
    const n = await new Promise((y) => (rows.onsuccess = () => y(rows.result.length)))
    db.close()
    return n
  })()`
  return run(counts)
}

async function inFirefox(url) {
  const profile = await mkdtemp(join(tmpdir(), 'jx-firefox-'))
  const child = spawn(FIREFOX, ['--headless', '--no-remote', '--remote-debugging-port=0', '--profile', profile], {
    stdio: ['ignore', 'ignore', 'pipe'],
  })
  let said = ''
  child.stderr.on('data', (data) => (said += data))
  let socket
  try {
    let address
    for (let i = 0; i < 200 && !address; i += 1, await pause(100))
      [, address] = /BiDi listening on (ws:\S+)/.exec(said) ?? []
    if (!address) throw new Error('Firefox does not answer.')
    socket = new WebSocket(`${address}/session`)
    await new Promise((open, failed) => Object.assign(socket, { onopen: open, onerror: failed }))
    const waiting = new Map()
    const complaints = []
    socket.onmessage = ({ data }) => {
      const message = JSON.parse(data)
      if (message.method === 'log.entryAdded' && message.params.level === 'error') complaints.push(message.params.text)
      waiting.get(message.id)?.(message)
      waiting.delete(message.id)
    }
    let id = 0
    const ask = (method, params) =>
      new Promise((answer, failed) => {
        waiting.set((id += 1), (m) =>
          m.type === 'error' ? failed(new Error(`${method}: ${m.message}`)) : answer(m.result),
        )
        socket.send(JSON.stringify({ id, method, params }))
      })
    const { capabilities } = await ask('session.new', { capabilities: {} })
    await ask('session.subscribe', { events: ['log.entryAdded'] })
    const { contexts } = await ask('browsingContext.getTree', {})
    const { context } = contexts[0]
    const page = {
      // a page that goes on by itself ends the navigation that led to it
      go: (to) =>
        ask('browsingContext.navigate', { context, url: to, wait: 'complete' }).catch((e) =>
          console.log(`  ${to}: ${e.message}`),
        ),
      run: async (expression) => {
        const answer = await ask('script.evaluate', { expression, target: { context }, awaitPromise: true })
        return answer.result?.value
      },
    }
    const wrong = await throughScreens(url, page)
    return { version: capabilities.browserVersion, paints: await paintsOnDisk(page), wrong, complaints }
  } finally {
    socket?.close()
    child.kill()
    await pause(1000)
    await rm(profile, { recursive: true, force: true, maxRetries: 5 })
  }
}

async function inWebKit(url) {
  const port = 4500 + (process.pid % 400)
  const [command, ...before] = process.env.DISPLAY ? [WEBKIT_DRIVER] : ['xvfb-run', '-a', WEBKIT_DRIVER]
  const child = spawn(command, [...before, `--port=${port}`], { stdio: 'ignore', detached: true })
  await pause(2500)
  let driver
  try {
    const wanted = new Capabilities({
      browserName: 'MiniBrowser',
      'webkitgtk:browserOptions': { binary: MINI_BROWSER, args: ['--automation'] },
    })
    driver = await new Builder().usingServer(`http://127.0.0.1:${port}`).withCapabilities(wanted).build()
    const page = {
      go: (to) => driver.get(to),
      run: (expression) =>
        driver.executeAsyncScript(
          `const done = arguments[0]; Promise.resolve(${expression}).then(done, (e) => done('failed: ' + e))`,
        ),
    }
    const version = (await driver.getCapabilities()).get('browserVersion')
    const wrong = await throughScreens(url, page)
    return { version, paints: await paintsOnDisk(page), wrong, complaints: [] }
  } finally {
    await driver?.quit().catch(() => undefined)
    process.kill(-child.pid)
  }
}

const asked = process.argv[2]
const ENGINES = [
  ['Firefox', existsSync(FIREFOX), inFirefox],
  ['WebKit', existsSync(WEBKIT_DRIVER) && Boolean(MINI_BROWSER), inWebKit],
]
const { url, stop } = await serveBuilt({ demo: true })
try {
  for (const [name, isThere, through] of ENGINES.filter(([name]) => !asked || name === asked)) {
    if (!isThere) {
      console.log(`${name} is not installed.`)
      continue
    }
    const { version, paints, wrong, complaints } = await through(url)
    console.log(
      `${name} ${version}: ${SCREENS.length - wrong.length} of ${SCREENS.length} screens; ${paints} paints on its disk.`,
    )
    for (const line of [...wrong, ...complaints]) console.log(`  ${line}`)
    if (wrong.length || complaints.length) process.exitCode = 1
  }
} finally {
  stop()
}
