import vue from '@vitejs/plugin-vue'
import { defineConfig } from 'vitest/config'
import { BaseSequencer, type TestSpecification } from 'vitest/node'

const alias = { '~': new URL('./app', import.meta.url).pathname }
/** Tests that set up a global of their own (a database, the linter) are kept apart; the others share their modules. */
const OWN_WORLD = ['app/stores/**/*.test.ts', 'app/storage/**/*.test.ts', 'scripts/**/*.test.ts']

/** Files that take longest, first: so the browsers that work beside each other end together. */
const LONGEST = ['access/first', 'access/second', 'choosing', 'faults', 'verdict', 'swatches', 'keeping', 'tabs']
class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const place = ({ moduleId }: TestSpecification) => {
      const at = LONGEST.findIndex((name) => moduleId.includes(name))
      return at < 0 ? LONGEST.length : at
    }
    return [...(await super.sort(files))].sort((p, q) => place(p) - place(q))
  }
}

export default defineConfig({
  test: {
    sequence: { sequencer: LongestFirst },
    projects: [
      {
        plugins: [vue()],
        resolve: { alias },
        test: {
          name: 'unit',
          environment: 'node',
          testTimeout: 30_000,
          maxWorkers: 2,
          setupFiles: ['tests/setup/seeds.ts'],
          include: ['core/**/*.test.ts', 'app/**/*.test.ts', 'server/**/*.test.ts'],
          exclude: ['**/node_modules/**', ...OWN_WORLD],
          isolate: false,
        },
      },
      {
        plugins: [vue()],
        resolve: { alias },
        test: {
          name: 'apart',
          environment: 'node',
          testTimeout: 30_000,
          maxWorkers: 2,
          setupFiles: ['tests/setup/seeds.ts'],
          include: OWN_WORLD,
        },
      },
      {
        test: {
          name: 'e2e',
          environment: 'node',
          include: ['tests/e2e/**/*.test.ts'],
          testTimeout: 120_000,
          setupFiles: ['tests/setup/seeds.ts'],
          // a real browser on a busy machine; what needed its second try is named by scripts/test.mjs
          retry: 1,
          hookTimeout: 120_000,
          // browsers are lent from file to file within a worker
          isolate: false,
          maxWorkers: 2,
          globalSetup: ['tests/e2e/server.ts'],
        },
      },
    ],
  },
})
