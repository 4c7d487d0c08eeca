import { ESLint } from 'eslint'
import { describe, expect, it } from 'vitest'
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { CORE_ORDER, targetOf } from './lint/rooms.mjs'

const root = new URL('..', import.meta.url).pathname
const eslint = new ESLint({ cwd: root })

/** Why lint refuses a line of code at a path, as far as borders go. */
async function refusals(filePath: string, code: string): Promise<string[]> {
  const [result] = await eslint.lintText(`${code}\n`, { filePath: root + filePath })
  return result!.messages.filter((m) => m.ruleId === 'rooms/borders').map((m) => m.message)
}

describe('the rooms are kept apart by lint', () => {
  it.each([
    ['core/src/film/x.ts', "import { ref } from 'vue'"],
    ['core/src/film/x.ts', "import Dexie from 'dexie'"],
    ['core/src/film/x.ts', "import fs from 'node:fs'"],
    ['core/src/film/x.ts', "import { readFileSync } from 'fs'"],
    ['core/src/film/x.ts', "import a from '~/stores/collection'"],
    ['core/src/film/x.ts', "import a from '../../../app/stores/collection'"],
    ['core/src/film/x.ts', "import { mixOptics } from '../mixing/mixOptics'"],
    ['core/src/paints/x.ts', "export { mixOptics } from '../mixing/mixOptics'"],
    ['core/src/documents/x.ts', "export const later = () => import('../ledger/ledger')"],
    ['core/src/nowhere/x.ts', "import { toLch } from '../colour/lch'"],
    ['app/features/paints/x.ts', "import Dexie from 'dexie'"],
    ['app/features/paints/x.ts', "import { CollectionStorage } from '~/storage/storage'"],
    ['app/features/paints/x.ts', "import { CollectionStorage } from '../../storage/storage'"],
    ['app/shared/ui/x.ts', "import { JOBS } from '@juxtachrome/core/jobs'"],
    ['app/features/paints/x.ts', "export const w = new Worker('x.js')"],
    ['app/stores/x.ts', "import Dexie from 'dexie'"],
    ['app/stores/x.ts', "import { PaintRow } from '~/features/paints'"],
    ['app/stores/x.ts', "import FormField from '../shared/ui/FormField.vue'"],
    ['app/shared/x.ts', "import { PaintRow } from '~/features/paints'"],
    ['app/features/paints/x.ts', "import { useFillCommands } from '~/features/filling/commands'"],
    ['app/features/paints/x.ts', "import { useFillCommands } from '../filling/commands'"],
    ['app/pages/x.ts', "import { useCollection } from '~/stores/collection'"],
    ['app/storage/x.ts', "import { useCollection } from '~/stores/collection'"],
    ['app/storage/x.ts', "import { ref } from 'vue'"],
    ['app/workers/x.ts', "import { CollectionStorage } from '~/storage/storage'"],
    ['server/x.ts', "import { useCollection } from '~/stores/collection'"],
    ['server/x.ts', "import { useCollection } from '../app/stores/collection'"],
    ['app/pages/x.ts', "import { ok } from '../../core/src/film/optics'"],
  ])('%s may not: %s', async (path, code) => expect(await refusals(path, code)).toHaveLength(1), 30_000)

  it.each([
    ['core/src/film/x.ts', "import { z } from 'zod'"],
    ['core/src/mixing/x.ts', "import { masstoneOf } from '../film/optics'"],
    ['app/storage/x.ts', "import Dexie from 'dexie'"],
    ['app/stores/x.ts', "import { CollectionStorage } from '~/storage/storage'"],
    ['app/workers/x.ts', "import { JOBS } from '@juxtachrome/core/jobs'"],
    ['app/workers/x.ts', "export const w = new Worker('x.js')"],
    ['app/features/paints/x.ts', "import { toLch } from '@juxtachrome/core/colour'"],
    ['app/features/paints/x.ts', "import { useFillCommands } from '~/features/filling'"],
    ['app/features/paints/x.ts', "import { usePaintCommands } from './commands'"],
    ['app/pages/x.ts', "import { PaintsScreen } from '~/features/paints'"],
    ['server/x.ts', "import { ok } from '@juxtachrome/core/result'"],
  ])('%s may: %s', async (path, code) => expect(await refusals(path, code)).toEqual([]), 30_000)

  it('every room of core has its place in the order', () => {
    const rooms = readdirSync(`${root}core/src`).filter((name) => statSync(`${root}core/src/${name}`).isDirectory())
    for (const room of rooms) expect(CORE_ORDER).toContain(room)
  })

  it('no features and no files import each other in a circle', () => {
    const files = ['core/src', 'app'].flatMap((folder) => filesIn(folder))
    const imports = new Map(files.map((file) => [file, importsOf(file)]))
    expect(circlesIn(imports)).toEqual([])
    const featureOf = (file: string) => /^app\/features\/([^/]+)\//.exec(file)?.[1]
    const features = new Map<string, string[]>()
    for (const [file, targets] of imports) {
      const own = featureOf(file)
      const others = targets.flatMap((t) => featureOf(t) ?? []).filter((f) => f !== own)
      if (own) features.set(own, [...(features.get(own) ?? []), ...others])
    }
    expect(circlesIn(features)).toEqual([])
  })
})

const filesIn = (folder: string): string[] =>
  (readdirSync(root + folder, { recursive: true }) as string[])
    .filter((name) => /\.(ts|vue)$/.test(name) && !/\.(test|fixture|arbitrary|d)\.ts$/.test(name))
    .map((name) => `${folder}/${name}`)

/** Files of the project that a file imports when it is loaded; what it fetches later ties nobody. */
function importsOf(file: string): string[] {
  const text = readFileSync(root + file, 'utf8')
  const specifiers = [...text.matchAll(/^(?:import|export)\s[^'\n]*?(?:from\s+)?'([^']+)'|^\} from '([^']+)'/gm)]
  return specifiers.flatMap((m) => {
    const target = targetOf((m[1] ?? m[2])!, root + file)
    return typeof target === 'string' ? [target] : []
  })
}

/** Groups of names that lead back to themselves (Tarjan 1972, strongly connected components). */
function circlesIn(graph: ReadonlyMap<string, readonly string[]>): string[][] {
  const [index, low] = [new Map<string, number>(), new Map<string, number>()]
  const [stack, circles]: [string[], string[][]] = [[], []]
  const visit = (name: string) => {
    index.set(name, index.size)
    low.set(name, index.get(name)!)
    stack.push(name)
    for (const next of graph.get(name) ?? []) {
      if (!graph.has(next)) continue
      if (!index.has(next)) visit(next)
      if (stack.includes(next)) low.set(name, Math.min(low.get(name)!, low.get(next)!))
    }
    if (low.get(name) !== index.get(name)) return
    const circle = stack.splice(stack.indexOf(name))
    if (circle.length > 1) circles.push(circle.sort())
  }
  for (const name of graph.keys()) if (!index.has(name)) visit(name)
  return circles
}
