// Builds the application as files alone, to be served by any host without a server of its own: `npm run static -- /studio/`.
// Then serves them from this machine and goes through the main screens in a browser; `--no-check` leaves that out.
import { createReadStream, existsSync, statSync } from 'node:fs'
import { copyFile } from 'node:fs/promises'
import { createServer } from 'node:http'
import { extname, join } from 'node:path'
import { openBrowser } from './browser.mjs'
import { ROOT, run } from './setup.mjs'

const base = process.argv.slice(2).find((a) => a.startsWith('/')) ?? '/'
const FOLDER = join(ROOT, '.static', 'public')
if (!base.endsWith('/')) throw new Error('The path ends with a slash: /studio/')

const env = { JUXTACHROME_STATIC: '1', NUXT_APP_BASE_URL: base }
if (!process.argv.includes('--only-check') && !run('npx', ['nuxt', 'generate', '--logLevel', 'silent'], env))
  process.exit(1)
// a host answers with this where nothing lies: the application then shows the screen of that path
await copyFile(join(FOLDER, 'index.html'), join(FOLDER, '404.html'))
console.log(`The files lie in .static/public, to be served under ${base}`)
if (process.argv.includes('--no-check')) process.exit(0)

const TYPES = {
  '.html': 'text/html',
  '.js': 'text/javascript',
  '.css': 'text/css',
  '.json': 'application/json',
  '.svg': 'image/svg+xml',
  '.png': 'image/png',
  '.wasm': 'application/wasm',
  '.webmanifest': 'application/manifest+json',
  '.txt': 'text/plain',
}

/** As a plain host does it: a file, else 404.html for a path and nothing for a file. */
function answer(request, response) {
  const path = decodeURIComponent(new URL(request.url, 'http://host').pathname)
  if (!path.startsWith(base)) return void response.writeHead(404).end()
  const wanted = join(FOLDER, path.slice(base.length) || 'index.html')
  const isThere = wanted.startsWith(FOLDER) && existsSync(wanted) && statSync(wanted).isFile()
  if (!isThere && extname(path)) return void response.writeHead(404).end()
  const file = isThere ? wanted : join(FOLDER, '404.html')
  response.writeHead(isThere ? 200 : 404, { 'content-type': TYPES[extname(file)] ?? 'application/octet-stream' })
  createReadStream(file).pipe(response)
}
const server = createServer(answer)
await new Promise((listening) => server.listen(0, '127.0.0.1', listening))
const url = `http://127.0.0.1:${server.address().port}${base}`
const wrong = []
const { driver, close } = await openBrowser()
/** Waits until the page says something. */
async function says(words) {
  for (const end = Date.now() + 30_000; Date.now() < end; await new Promise((r) => setTimeout(r, 100)))
    if ((await driver.executeScript('return document.body.innerText')).includes(words)) return
  wrong.push(`${await driver.getCurrentUrl()} does not say “${words}”`)
}
/** Presses what is called so, when it is there. */
async function press(words) {
  const find = `return [...document.querySelectorAll('button, a')].find((b) => b.innerText.trim() === arguments[0]) ?? null`
  await driver.wait(async () => (await driver.executeScript(find, words)) !== null, 20_000, `no button “${words}”`)
  await (await driver.executeScript(find, words)).click()
}
try {
  await driver.get(`${url}data`)
  await says('The demo')
  await press('Add the demo')
  await says('56paints')
  await driver.get(`${url}restock`)
  await says('Prices')
  for (const [path, words] of [
    ['', 'Low or out'],
    ['paints', '56 paints'],
    ['palettes', 'Landing tin'],
    ['palettes/landing-tin/choose', 'Verdict'],
    ['palettes/landing-tin/key', 'Save as PDF'],
    ['bench', 'Bench'],
  ]) {
    await driver.get(url + path)
    await says(words)
  }
  const gone = await fetch(`${url}_nuxt/gone.js`)
  if (gone.status !== 404) wrong.push(`a missing file is answered with ${gone.status}`)
  const page = await (await fetch(url)).text()
  if (!/http-equiv="Content-Security-Policy"[^>]*sha256-/i.test(page))
    wrong.push('the page carries no policy of its own')
  await driver.executeAsyncScript('const done = arguments[0]; navigator.serviceWorker.ready.then((r) => done(r.scope))')
  const entries = await driver.manage().logs().get('browser')
  // a host answers a screen's path with 404.html, which the browser notes
  const complaints = entries.filter((e) => e.level.value >= 900 && !/status of 404/.test(e.message))
  for (const { message } of complaints) wrong.push(message)
} finally {
  await close()
  server.close()
}
for (const one of wrong) console.log(`wrong: ${one}`)
console.log(
  wrong.length
    ? `${wrong.length} things are wrong`
    : `Under ${base} the main screens are there, and nothing is complained of.`,
)
process.exit(wrong.length ? 1 : 0)
