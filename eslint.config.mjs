import { createConfigForNuxt } from '@nuxt/eslint-config/flat'

const forbid = (...patterns) => ({ 'no-restricted-imports': ['error', { patterns }] })
const NOT_IN_CORE = [
  'vue',
  'vue-router',
  'pinia',
  'dexie',
  'nuxt',
  'nuxt/*',
  '#*',
  '~/*',
  '@/*',
  '@vueuse/*',
  '@headlessui/*',
  'pdf-lib',
  'selenium-webdriver',
  'node:*',
  '../../../*',
]
const DEXIE = { group: ['dexie'], message: 'Only app/storage imports Dexie.' }
const STORAGE = { group: ['~/storage/*'], message: 'Only stores talk to storage.' }
const JOBS = { group: ['@juxtachrome/core/jobs'], message: 'Only app/workers runs jobs: ask coreClient().' }
const DEEP = { group: ['**/core/src/*', '@juxtachrome/core/src/*'], message: 'Import from the root of core.' }

/** Which room may import which; see CONTRIBUTING. */
export default createConfigForNuxt({ features: { stylistic: false } })
  .append({ ignores: ['.nuxt/**', '.output/**', 'node_modules/**', '**/*.generated.ts', 'public/**'] })
  .append({
    rules: {
      'vue/multi-word-component-names': 'off',
      'vue/html-self-closing': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/attributes-order': 'off',
      'vue/require-default-prop': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/block-order': ['error', { order: ['script', 'template', 'style'] }],
      'vue/no-v-html': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/unified-signatures': 'off',
      'no-console': 'error',
      'max-lines': ['error', { max: 300, skipBlankLines: true }],
    },
  })
  .append({
    files: ['core/**/*.ts'],
    ignores: ['core/**/*.test.ts'],
    rules: forbid({ group: NOT_IN_CORE, message: 'core imports no interface, storage or I/O.' }),
  })
  .append({
    files: ['app/**/*.{ts,vue}'],
    ignores: ['app/storage/**', 'app/stores/**', 'app/workers/**'],
    rules: forbid(DEXIE, STORAGE, JOBS, DEEP),
  })
  .append({ files: ['app/stores/**/*.ts'], rules: forbid(DEXIE, JOBS, DEEP) })
  .append({
    files: ['app/storage/**/*.ts'],
    rules: forbid(JOBS, DEEP, { group: ['~/*', 'vue', 'pinia'], message: 'Storage knows nothing of the interface.' }),
  })
  .append({ files: ['app/workers/**/*.ts'], rules: forbid(DEXIE, STORAGE, DEEP) })
  .append({
    files: ['server/**/*.ts'],
    rules: forbid(
      { group: ['~/*', '**/app/**', 'vue', 'dexie'], message: 'The server imports core, never app.' },
      DEEP,
    ),
  })
  .append({ files: ['scripts/**', 'tests/**'], rules: { 'no-console': 'off' } })
