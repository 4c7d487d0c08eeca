// JavaScript by route, counted from what was built: the entry, the route's chunk and whatever they import at once, gzipped.
// `npm run build && npm run sizes`; names the routes over the limit, and fails then.
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import { gzipSync } from 'node:zlib'

const BUILT = fileURLToPath(new URL('../.output/public/_nuxt/', import.meta.url))
/** Kilobytes, gzipped. */
const LIMIT = 230
if (!existsSync(BUILT)) {
  console.error('Build first: npm run build')
  process.exit(2)
}
const texts = new Map()
const textOf = (file) => texts.get(file) ?? (texts.set(file, readFileSync(BUILT + file, 'utf8')), texts.get(file))

/** Chunks that a chunk imports when it is loaded; what it fetches later does not count. */
const importsOf = (file) => [...textOf(file).matchAll(/(?:from|import)"\.\/([\w-]+\.js)"/g)].map((m) => m[1])
function withImports(file, found = new Set()) {
  if (found.has(file)) return found
  found.add(file)
  for (const next of importsOf(file)) withImports(next, found)
  return found
}

const ROUTE = /path:"([^"]+)",(?:meta:[^,]*,)?component:\(\)=>\w+\(\(\)=>import\("\.\/([\w-]+\.js)"\)/g
const files = readdirSync(BUILT).filter((name) => name.endsWith('.js'))
const entry = files.find((file) => textOf(file).match(ROUTE))
const routes = [...textOf(entry).matchAll(ROUTE)].map(([, path, file]) => ({ path, file }))
const sizes = new Map()
const sizeOf = (file) => sizes.get(file) ?? (sizes.set(file, gzipSync(textOf(file)).length), sizes.get(file))

let over = 0
for (const { path, file } of routes.sort((p, q) => (p.path < q.path ? -1 : 1))) {
  const all = withImports(file, withImports(entry))
  const kilobytes = [...all].reduce((sum, one) => sum + sizeOf(one), 0) / 1000
  if (kilobytes > LIMIT) over += 1
  console.log(`${kilobytes.toFixed(0).padStart(5)} kB  ${path}${kilobytes > LIMIT ? '  over the limit' : ''}`)
}
process.exit(over ? 1 : 0)
