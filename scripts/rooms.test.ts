import { ESLint } from 'eslint'
import { describe, expect, it } from 'vitest'
import { readdirSync, statSync } from 'node:fs'
import { CORE_ORDER } from './lint/rooms.mjs'

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
})
