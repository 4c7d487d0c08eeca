import { defineConfig } from 'vitest/config'

/** Core's own tests, for the mutation run: `npm run mutate`. */
export default defineConfig({
  test: {
    environment: 'node',
    testTimeout: 30_000,
    setupFiles: ['tests/setup/seeds.ts'],
    include: ['core/src/**/*.test.ts'],
  },
})
