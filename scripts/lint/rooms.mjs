// A lint rule for the borders between rooms: which folder may import which, by whatever path or alias.
import { existsSync, statSync } from 'node:fs'
import { builtinModules } from 'node:module'
import { dirname, join, relative, resolve } from 'node:path'
import { fileURLToPath } from 'node:url'

const ROOT = fileURLToPath(new URL('../..', import.meta.url))

/** Core's rooms from the ground up: each may import only those before it. */
export const CORE_ORDER = [
  'result',
  'steps',
  'random',
  'solveThree',
  'units',
  'colour',
  'pigments',
  'film',
  'documents',
  'ledger',
  'collection',
  'exchange',
  'paints',
  'order',
  'mixing',
  'reach',
  'choosing',
  'standins',
  'arranging',
  'filling',
  'charts',
  'using',
  'restocking',
  'finding',
  'formats',
  'jobs',
]

/** Packages that core may import; everything else that is no relative path is refused there. */
const CORE_PACKAGES = ['culori', 'date-fns', 'fflate', 'minisearch', 'papaparse', 'read-excel-file', 'zod']

/**
 * What each room of the application may import of the application; core is open to all of them, `jobs` only to
 * workers. A feature imports another feature only by its index.
 */
const APP_MAY = {
  storage: ['storage'],
  workers: ['workers'],
  stores: ['stores', 'storage'],
  print: ['print'],
  shared: ['shared', 'stores', 'workers', 'print', 'storage/longWork'],
  features: ['features', 'shared', 'stores', 'workers', 'print', 'storage/longWork'],
  pages: ['features', 'pages'],
  layouts: ['features', 'shared', 'stores', 'layouts'],
}
/** Packages that one room alone may import. */
const ONLY_IN = { dexie: 'app/storage' }
/** Packages that a room of the application must not import: storage and workers know nothing of the interface. */
const NO_INTERFACE = ['storage', 'workers']
const INTERFACE = /^(vue|vue-router|pinia|nuxt|#.*|@vueuse\/.*|@headlessui\/.*|@lucide\/.*)$/

const isFile = (path) => existsSync(path) && statSync(path).isFile()
const unslashed = (path) => path.replaceAll('\\', '/')

/** The file that an import means, from the project's root, or the name of a package. */
export function targetOf(specifier, from) {
  if (specifier.startsWith('@juxtachrome/core')) {
    const room = specifier.split('/')[2]
    return room ? `core/src/${room}/index.ts` : 'core/src/index.ts'
  }
  const alias = /^[~@]\/(.*)$/.exec(specifier)
  if (!alias && !specifier.startsWith('.')) return { package: specifier }
  const path = alias ? join(ROOT, 'app', alias[1]) : resolve(dirname(from), specifier)
  const found = [path, `${path}.ts`, `${path}.mjs`, join(path, 'index.ts')].find(isFile) ?? path
  return unslashed(relative(ROOT, found))
}

const roomIn = (path, folder) =>
  path.startsWith(`${folder}/`)
    ? path
        .slice(folder.length + 1)
        .split('/')[0]
        .replace(/\.\w+$/, '')
    : undefined

/** Why a file must not import a target, or undefined. */
export function refusal(file, target) {
  const isTest = /\.(test|arbitrary|fixture)\.ts$/.test(file)
  const core = roomIn(file, 'core/src')
  if (core && !isTest) return coreRefusal(core, target)
  const app = roomIn(file, 'app')
  if (app && !isTest) return appRefusal(file, app, target)
  if (
    file.startsWith('server/') &&
    !target.package &&
    (target.startsWith('app/') || target === 'core/src/jobs/index.ts')
  )
    return 'The server imports core, never app, and runs no jobs.'
  return undefined
}

function coreRefusal(room, target) {
  if (target.package) {
    if (builtinModules.includes(target.package.replace(/^node:/, ''))) return 'core does no I/O.'
    const known = CORE_PACKAGES.some((p) => target.package === p || target.package.startsWith(`${p}/`))
    return known ? undefined : 'core imports only its own packages: no interface, no storage.'
  }
  const other = roomIn(target, 'core/src')
  if (!other) return 'core imports nothing outside itself.'
  if (other === room || room === 'index') return undefined
  const [own, its] = [CORE_ORDER.indexOf(room), CORE_ORDER.indexOf(other)]
  if (own < 0 || its < 0) return `Not a room of core's order (scripts/lint/rooms.mjs): ${own < 0 ? room : other}.`
  return its < own ? undefined : `In core, ${room} lies below ${other} and must not import it.`
}

function appRefusal(file, room, target) {
  if (target.package) {
    const [name, home] = Object.entries(ONLY_IN).find(([p]) => target.package === p) ?? []
    if (name && !file.startsWith(`${home}/`)) return `Only ${home} imports ${name}.`
    if (NO_INTERFACE.includes(room) && INTERFACE.test(target.package)) return `${room} knows nothing of the interface.`
    return undefined
  }
  if (target.startsWith('core/')) {
    if (!/^core\/src\/\w+(\/index)?\.ts$/.test(target))
      return 'Import a room of core by its name: @juxtachrome/core/film.'
    return target === 'core/src/jobs/index.ts' && room !== 'workers'
      ? 'Only app/workers runs jobs: ask useCore().'
      : undefined
  }
  const its = roomIn(target, 'app')
  const may = APP_MAY[room]
  if (!its || !may) return undefined
  const inside = target.slice('app/'.length)
  const [own, other] = [file, target].map((path) => /^app\/features\/([^/]+)\//.exec(path)?.[1])
  if (other && other !== own && target !== `app/features/${other}/index.ts`)
    return `Import the feature ${other} by its index: ~/features/${other}.`
  return may.some((m) => inside === m || inside.startsWith(`${m}/`) || inside.startsWith(`${m}.`))
    ? undefined
    : `app/${room} must not import app/${its}.`
}

export const borders = {
  meta: { type: 'problem', schema: [] },
  create(context) {
    const file = unslashed(relative(ROOT, context.filename))
    const check = (node, specifier) => {
      if (typeof specifier !== 'string') return
      const why = refusal(file, targetOf(specifier, context.filename))
      if (why) context.report({ node, message: why })
    }
    return {
      ImportDeclaration: (node) => check(node, node.source.value),
      ExportNamedDeclaration: (node) => node.source && check(node, node.source.value),
      ExportAllDeclaration: (node) => check(node, node.source.value),
      ImportExpression: (node) => check(node, node.source.value),
      NewExpression(node) {
        if (node.callee.name === 'Worker' && !file.startsWith('app/workers/'))
          context.report({ node, message: 'Only app/workers starts workers.' })
      },
    }
  },
}

export default { rules: { borders } }
