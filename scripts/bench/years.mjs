// Twenty years of somebody's work: 100,000 entries, 5,000 pictures of 40 kB, 1,500 paints, 30 palettes.
import { createHash } from 'node:crypto'
import { once } from 'node:events'
import { createWriteStream } from 'node:fs'
import { mkdtemp, readdir, readFile, stat } from 'node:fs/promises'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { By } from 'selenium-webdriver'
import { WebSocket } from 'ws'
import { openBrowser } from '../browser.mjs'
import { manyEntries, manyPaints } from './invented.mjs'
import { line, ms, random } from './tools.mjs'

const PICTURES = 5000
const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZabcdefghijklmnopqrstuvwxyz0123456789+/'

function manyPictures() {
  const next = random(23)
  const filling = Array.from({ length: 53_000 }, () => LETTERS[Math.floor(next() * 64)]).join('')
  return Array.from({ length: PICTURES }, (_, i) => {
    const own = String(i).padStart(8, '0')
    return { id: `p-${own}`, v: 1, day: '2026-05-01', image: `data:image/jpeg;base64,${own}${filling.slice(i % 97)}` }
  })
}

function manyPalettes(core) {
  return Array.from({ length: 30 }, (_, i) => ({
    id: `pal${i}`,
    v: 1,
    name: `Palette ${i}`,
    use: 'studio',
    purpose: '',
    holder: core.HOLDERS[i % core.HOLDERS.length],
    plan: {},
  }))
}

const BEAT = `
  window.longest = 0; let last = performance.now()
  const beat = () => { const now = performance.now(); window.longest = Math.max(window.longest, now - last); last = now; setTimeout(beat, 4) }
  beat()`

export async function benchYears(core, url) {
  const folder = await mkdtemp(join(tmpdir(), 'jx-years-'))
  const documents = {
    ...core.noDocuments(),
    paints: manyPaints(1500),
    journal: manyEntries(100_000),
    palettes: manyPalettes(core),
  }
  const without = await written(core, folder, 'without', documents)
  const whole = await written(core, folder, 'whole', { ...documents, pictures: manyPictures() })
  line(
    'a file of twenty years: without pictures, with them',
    `${mb((await stat(without)).size)}, ${mb((await stat(whole)).size)}`,
  )
  const plain = await through(url, folder, without, 1500)
  const full = await through(url, folder, whole, 1500)
  line(
    'read, and put in: without pictures, with them',
    `${ms(plain.read)} + ${ms(plain.put)}, ${ms(full.read)} + ${ms(full.put)}`,
  )
  line('... the page held at the longest, with pictures (asked: 100 ms)', ms(full.held))
  line(
    'opened until the screen answers: without, with pictures (asked: at most twice)',
    `${ms(plain.open)}, ${ms(full.open)}: ${(full.open / plain.open).toFixed(2)}`,
  )
  line('exported, with pictures; the page held at the longest', `${ms(full.exported)}; ${ms(full.exportHeld)}`)
  line('... taken in and exported again identical', full.same ? 'yes' : 'NO')
  line(
    'JavaScript heap of the page after collection (asked: 100 MB): without, with pictures',
    `${mb(plain.heap)}, ${mb(full.heap)}`,
  )
  line(
    '... of each of its workers (asked: 100 MB): without, with pictures',
    [plain, full].map(({ workers }) => workers.map(mb).join(' + ') || 'none').join(', '),
  )
}
const mb = (bytes) => `${(bytes / 1e6).toFixed(0)} MB`

async function written(core, folder, name, documents) {
  const path = join(folder, `${name}.json`)
  const out = createWriteStream(path)
  for (const piece of core.collectionPieces({ documents, unreadable: [] }, '2026-01-01T00:00:00.000Z'))
    if (!out.write(piece)) await once(out, 'drain')
  out.end()
  await once(out, 'finish')
  return path
}

/** A file through an empty browser: in, opened, out. */
async function through(url, folder, path, paints) {
  const downloads = await mkdtemp(join(folder, 'out-'))
  const { driver, close } = await openBrowser({ downloads })
  const until = (script, wait = 300_000) => driver.wait(() => driver.executeScript(`return ${script}`), wait)
  const shows = (text) => `document.body.innerText.includes(${JSON.stringify(text)})`
  const press = async (name) => (await driver.findElement(By.xpath(`//button[normalize-space()='${name}']`))).click()
  const since = async (begun, script) => {
    await until(script)
    return performance.now() - begun
  }
  try {
    await driver.get(`${url}/data`)
    await until('document.querySelector("input[type=file]") !== null')
    // what a first visit fetches and keeps for offline use is another matter
    await new Promise((r) => setTimeout(r, 6000))
    await driver.executeScript(BEAT)
    let begun = performance.now()
    await driver.findElement(By.css('input[type=file]')).sendKeys(path)
    const read = await since(begun, shows(`holds ${paints} paints`))
    begun = performance.now()
    await press('Import it')
    const put = await since(begun, shows(`${paints}paints`))
    const held = await driver.executeScript('return window.longest')
    // a window of its own: the one that read the file is gone, and not only left
    const [reader] = await driver.getAllWindowHandles()
    await driver.switchTo().newWindow('tab')
    const fresh = await driver.getWindowHandle()
    await driver.switchTo().window(reader)
    await driver.close()
    await driver.switchTo().window(fresh)
    begun = performance.now()
    await driver.get(`${url}/paints`)
    const open = await since(begun, shows(`${paints} paints`))
    await driver.get(`${url}/data`)
    await until(shows('Export everything'))
    await driver.sendDevToolsCommand('HeapProfiler.collectGarbage')
    const { usedSize: heap } = await driver.sendAndGetDevToolsCommand('Runtime.getHeapUsage')
    // a palette sets the workers going, each with all of it
    await driver.get(`${url}/palettes/pal0/choose`)
    await new Promise((r) => setTimeout(r, 8000))
    const workers = await workerHeaps(driver)
    await driver.get(`${url}/data`)
    await until(shows('Export everything'))
    await driver.executeScript(BEAT)
    begun = performance.now()
    await press('Export everything')
    let name
    while (!(name = (await readdir(downloads)).find((f) => f.endsWith('.json'))))
      await new Promise((r) => setTimeout(r, 50))
    const exported = performance.now() - begun
    const exportHeld = await driver.executeScript('return window.longest')
    return {
      read,
      put,
      held,
      open,
      heap,
      workers,
      exported,
      exportHeld,
      same: (await print(path)) === (await print(join(downloads, name))),
    }
  } finally {
    await close()
  }
}

/** The JavaScript heap of each worker of the page after collection, bytes: asked of the browser itself. */
async function workerHeaps(driver) {
  const options = (await driver.getCapabilities()).get('goog:chromeOptions')
  const { webSocketDebuggerUrl } = await (await fetch(`http://${options.debuggerAddress}/json/version`)).json()
  const socket = new WebSocket(webSocketDebuggerUrl)
  await once(socket, 'open')
  const sessions = []
  const waiting = new Map()
  socket.on('message', (data) => {
    const message = JSON.parse(data)
    const { sessionId, targetInfo } = message.params ?? {}
    if (message.method === 'Target.attachedToTarget' && targetInfo.type === 'worker') sessions.push(sessionId)
    waiting.get(message.id)?.(message.result)
  })
  let id = 0
  const ask = (method, params = {}, sessionId = undefined) =>
    new Promise((answer) => {
      waiting.set((id += 1), answer)
      socket.send(JSON.stringify({ id, method, params, ...(sessionId ? { sessionId } : {}) }))
    })
  const { targetInfos } = await ask('Target.getTargets')
  const page = targetInfos.find((t) => t.type === 'page' && t.url.includes('/palettes/pal0'))
  const attached = await ask('Target.attachToTarget', { targetId: page.targetId, flatten: true })
  const watch = { autoAttach: true, waitForDebuggerOnStart: false, flatten: true }
  await ask('Target.setAutoAttach', watch, attached.sessionId)
  await new Promise((r) => setTimeout(r, 500))
  const heaps = []
  for (const session of sessions) {
    await ask('HeapProfiler.collectGarbage', {}, session)
    heaps.push((await ask('Runtime.getHeapUsage', {}, session)).usedSize)
  }
  socket.close()
  return heaps
}

/** A print of all but the first line, which says when it was written. */
async function print(path) {
  const bytes = await readFile(path)
  return createHash('sha256')
    .update(bytes.subarray(bytes.indexOf(10)))
    .digest('hex')
}
