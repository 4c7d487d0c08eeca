import { ESLint } from 'eslint'
import { describe, expect, it } from 'vitest'

const eslint = new ESLint({ cwd: new URL('..', import.meta.url).pathname })

/** Whether lint refuses a line of code at a path. */
async function refuses(filePath: string, code: string): Promise<boolean> {
  const [result] = await eslint.lintText(`${code}\n`, { filePath })
  return result!.messages.some((m) => m.ruleId === 'no-restricted-imports')
}

describe('the rooms are kept apart by lint', () => {
  it.each([
    ['core/src/x.ts', "import { ref } from 'vue'"],
    ['core/src/x.ts', "import Dexie from 'dexie'"],
    ['core/src/x.ts', "import fs from 'node:fs'"],
    ['core/src/x.ts', "import a from '~/stores/collection'"],
    ['app/components/x.ts', "import Dexie from 'dexie'"],
    ['app/components/x.ts', "import { CollectionStorage } from '~/storage/storage'"],
    ['app/composables/x.ts', "import { RUNNERS } from '@juxtachrome/core/jobs'"],
    ['app/stores/x.ts', "import Dexie from 'dexie'"],
    ['app/storage/x.ts', "import { useCollection } from '~/stores/collection'"],
    ['app/workers/x.ts', "import { CollectionStorage } from '~/storage/storage'"],
    ['server/x.ts', "import { useCollection } from '~/stores/collection'"],
    ['app/pages/x.ts', "import { ok } from '@juxtachrome/core/src/result'"],
  ])('%s may not: %s', async (path, code) => expect(await refuses(path, code)).toBe(true), 30_000)

  it.each([
    ['core/src/x.ts', "import { z } from 'zod'"],
    ['app/storage/x.ts', "import Dexie from 'dexie'"],
    ['app/stores/x.ts', "import { CollectionStorage } from '~/storage/storage'"],
    ['app/workers/x.ts', "import { RUNNERS } from '@juxtachrome/core/jobs'"],
    ['server/x.ts', "import { ok } from '@juxtachrome/core'"],
  ])('%s may: %s', async (path, code) => expect(await refuses(path, code)).toBe(false), 30_000)
})
