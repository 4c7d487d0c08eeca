import { defineConfig } from 'vitest/config'

export default defineConfig({
  test: {
    projects: [
      {
        resolve: { alias: { '~': new URL('./app', import.meta.url).pathname } },
        test: {
          name: 'unit',
          environment: 'node',
          testTimeout: 30_000,
          include: ['core/**/*.test.ts', 'app/**/*.test.ts', 'server/**/*.test.ts', 'scripts/**/*.test.ts'],
        },
      },
      {
        test: {
          name: 'e2e',
          environment: 'node',
          include: ['tests/e2e/**/*.test.ts'],
          testTimeout: 60_000,
          hookTimeout: 120_000,
          fileParallelism: true,
          maxWorkers: 2,
          globalSetup: ['tests/e2e/server.ts'],
        },
      },
    ],
  },
})
