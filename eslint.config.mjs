import { createConfigForNuxt } from '@nuxt/eslint-config/flat'
import compat from 'eslint-plugin-compat'
import rooms from './scripts/lint/rooms.mjs'

/** The format is prettier's; which room may import which is in scripts/lint/rooms.mjs. */
export default createConfigForNuxt({ features: { stylistic: false } })
  .append({ ignores: ['.nuxt/**', '.output/**', '.static/**', 'node_modules/**', '**/*.generated.ts', 'public/**'] })
  .append({
    plugins: { rooms },
    rules: {
      'rooms/borders': 'error',
      'vue/no-undef-components': ['error', { ignorePatterns: ['^Nuxt', 'ClientOnly'] }],
      'vue/multi-word-component-names': 'off',
      'vue/html-self-closing': 'off',
      'vue/max-attributes-per-line': 'off',
      'vue/singleline-html-element-content-newline': 'off',
      'vue/attributes-order': 'off',
      'vue/require-default-prop': 'off',
      'vue/first-attribute-linebreak': 'off',
      'vue/multiline-html-element-content-newline': 'off',
      'vue/html-indent': 'off',
      'vue/html-closing-bracket-newline': 'off',
      'vue/block-order': ['error', { order: ['script', 'template', 'style'] }],
      'vue/no-v-html': 'error',
      '@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }],
      '@typescript-eslint/unified-signatures': 'off',
      'no-console': 'error',
      'max-lines': ['error', { max: 300, skipBlankLines: true }],
      'max-len': ['error', { code: 200, ignoreUrls: false }],
    },
  })
  // what the browsers of the floor (package.json, browserslist) lack is guarded where it is used, and named here
  .append({
    ...compat.configs['flat/recommended'],
    files: ['app/**', 'core/src/**'],
    settings: { polyfills: ['requestIdleCallback', 'Intl.Segmenter', 'Intl.supportedValuesOf', 'OffscreenCanvas'] },
  })
  .append({ files: ['scripts/**', 'tests/**', 'core/tests/**'], rules: { 'no-console': 'off' } })
