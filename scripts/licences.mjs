// Writes docs/licences.md and public/licences.txt: what is shipped, with its licence. Build first, the build notes
// which packages went in. `--check` says whether the pages still tell the truth.
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { format, resolveConfig } from 'prettier'
import { ROOT } from './setup.mjs'

const PAGE = `${ROOT}docs/licences.md`
const TEXTS = `${ROOT}public/licences.txt`
const PARTS = [
  ['page', 'the page'],
  ['workers', 'its workers'],
  ['server', 'the server'],
]
/** Shipped, but not as code that the build follows: fonts, styles and what the service worker is made of. */
const BESIDE = [
  ['@fontsource-variable/source-sans-3', 'the typeface of the screens', 'LICENSE', 'OFL-1.1'],
  ['@expo-google-fonts/noto-sans', 'the typeface of printed keys', 'LICENSE_FONT', 'OFL-1.1'],
  ['tailwindcss', 'the styles', 'LICENSE'],
  ['workbox-core', 'the service worker', 'LICENSE'],
  ['workbox-precaching', 'the service worker', 'LICENSE'],
  ['workbox-routing', 'the service worker', 'LICENSE'],
  ['workbox-strategies', 'the service worker', 'LICENSE'],
]
const MIT = readFileSync(`${ROOT}LICENSE`, 'utf8').split('\n').slice(3).join('\n').trim()

const json = (path) => JSON.parse(readFileSync(path, 'utf8'))
const packages = new Map()
function add({ name, version, licence, text }, where) {
  if (name.startsWith('@juxtachrome/')) return
  const known = packages.get(name) ?? { name, versions: new Set(), licence, text, where: new Set() }
  known.versions.add(version)
  known.text ??= text
  known.where.add(where)
  packages.set(name, known)
}
function addInstalled(name, where, file = undefined, licence = undefined) {
  const folder = `${ROOT}node_modules/${name}/`
  const manifest = json(`${folder}package.json`)
  const found = file ?? readdirSync(folder).find((f) => /^licen[cs]e/i.test(f))
  const text = found && existsSync(folder + found) ? readFileSync(folder + found, 'utf8').trim() : null
  const author = typeof manifest.author === 'string' ? manifest.author : manifest.author?.name
  add({ name, version: manifest.version, licence: licence ?? manifest.license, text: text ?? ofAuthor(author) }, where)
}
const ofAuthor = (author) => (author ? `Copyright (c) ${author}\n\n${MIT}` : null)

for (const [part, where] of PARTS) {
  const collected = `${ROOT}.nuxt/licences/${part}.json`
  if (!existsSync(collected)) {
    console.error('Build first: npm run build')
    process.exit(1)
  }
  for (const one of json(collected)) {
    const isFont = one.name === '@expo-google-fonts/noto-sans'
    if (!isFont) add({ ...one, text: one.text?.trim() ?? null }, where)
  }
}
const beside = `${ROOT}.output/server/node_modules`
for (const name of readdirSync(beside, { withFileTypes: true }).flatMap((f) => inFolder(f.name)))
  addInstalled(name, 'the server')
for (const [name, where, file, licence] of BESIDE) addInstalled(name, where, file, licence)

function inFolder(name) {
  if (name.startsWith('.')) return []
  return name.startsWith('@') ? readdirSync(`${beside}/${name}`).map((inner) => `${name}/${inner}`) : [name]
}

const list = [...packages.values()].sort((p, q) => (p.name < q.name ? -1 : 1))
for (const one of list) one.text ??= one.licence === 'MIT' ? `Copyright (c) the authors of ${one.name}\n\n${MIT}` : null
const untold = list.filter((one) => !one.text || !one.licence)
if (untold.length) {
  console.error(`Without a licence that can be shown: ${untold.map((one) => one.name).join(', ')}`)
  process.exit(1)
}

const rows = list.map(
  (p) => `| ${p.name} | ${[...p.versions].join(', ')} | ${p.licence} | ${[...p.where].join(', ')} |`,
)
const ABOUT = [
  'Juxtachrome itself is under the MIT licence ([LICENSE](../LICENSE)). Built, it carries the packages and',
  'typefaces below; their texts stand in [public/licences.txt](../public/licences.txt), which is served and works',
  'offline with the rest. Facts of pigments, observers and colour names have their sources beside them in `data/`,',
  'each folder with its SOURCE.md.',
].join(' ')
const page = `<!-- Made by scripts/licences.mjs from the build; do not edit. -->

# What is shipped, and its licences

${ABOUT}

| package | version | licence | where |
| --- | --- | --- | --- |
${rows.join('\n')}
`
const texts = `What Juxtachrome is made of, and the licences. Juxtachrome itself:

${readFileSync(`${ROOT}LICENSE`, 'utf8').trim()}

${list.map((p) => `${'='.repeat(78)}\n${p.name} ${[...p.versions].join(', ')} (${p.licence}), in ${[...p.where].join(', ')}\n\n${p.text}\n`).join('\n')}`

const formatted = await format(page, { ...(await resolveConfig(PAGE)), filepath: PAGE })
if (!process.argv.includes('--check')) {
  writeFileSync(PAGE, formatted)
  writeFileSync(TEXTS, texts)
  console.log(`${list.length} packages`)
} else if (
  [PAGE, TEXTS].some((f) => !existsSync(f)) ||
  readFileSync(PAGE, 'utf8') !== formatted ||
  readFileSync(TEXTS, 'utf8') !== texts
) {
  console.error('docs/licences.md or public/licences.txt is not of this build: node scripts/licences.mjs')
  process.exit(1)
}
