import tailwindcss from '@tailwindcss/vite'
import { collectLicences } from './scripts/collectLicences'

/** Built to be served as files alone (scripts/static.mjs): what a server would answer is written as files, too. */
const IS_STATIC = process.env.JUXTACHROME_STATIC === '1'
/** Where the application lies under its host. */
const BASE = process.env.NUXT_APP_BASE_URL ?? '/'
const FILES = ['demo', 'shops', 'shop-harbour', 'shop-quay', 'shop-boat'].map((name) => `/files/${name}.json`)
/** Hundreds of small files take the service worker longer than what is in them, bytes: a page's, and a worker's. */
const LEAST_FILE = { page: 1000, worker: 12_000 }
const NO_CACHE = { headers: { 'cache-control': 'no-cache' } }

/** Everything the browser needs is on the first page or precached: no request leaves the machine. */
export default defineNuxtConfig({
  compatibilityDate: '2026-01-01',
  srcDir: 'app/',
  serverDir: 'server/',
  ssr: false,
  telemetry: { enabled: false },
  devtools: { enabled: false },
  modules: ['@pinia/nuxt', '@vite-pwa/nuxt', 'nuxt-security'],
  css: [
    '@fontsource-variable/source-sans-3/wght.css',
    '@fontsource-variable/source-sans-3/wght-italic.css',
    '~/assets/main.css',
  ],
  imports: { scan: false },
  // nothing comes by itself: what a file uses stands in its imports, where lint sees it
  components: { dirs: [] },
  runtimeConfig: { public: { isStatic: IS_STATIC } },
  experimental: {
    viteEnvironmentApi: true,
    payloadExtraction: false,
    appManifest: false,
    defaults: { nuxtLink: { prefetch: false } },
  },
  spaLoadingTemplate: 'spa-loading-template.html',
  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Juxtachrome',
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        {
          name: 'description',
          content: 'Choose, arrange, fill and record watercolour palettes from your own collection.',
        },
      ],
      link: [{ rel: 'icon', type: 'image/svg+xml', href: `${BASE}icon.svg` }],
    },
  },
  typescript: {
    strict: true,
    tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true, types: ['vite-plugin-pwa/vanillajs'] } },
  },
  // the file behind the first page: only the page itself carries every header
  routeRules: {
    // written as a file, that would be the page itself
    ...(IS_STATIC ? {} : { '/index.html': { redirect: '/' } }),
    // asked for anew each time, so that an update is heard of
    '/': NO_CACHE,
    '/sw.js': NO_CACHE,
    '/manifest.webmanifest': NO_CACHE,
  },
  nitro: {
    // for the way from a server once; everything is read from the device afterwards
    compressPublicAssets: { gzip: true, brotli: false },
    prerender: { routes: IS_STATIC ? ['/', ...FILES] : ['/'], crawlLinks: false },
    ...(IS_STATIC ? { output: { dir: '.static' } } : {}),
    rollupConfig: { output: {}, plugins: [collectLicences('server')] },
  },
  hooks: {
    // the service worker fetches the rest in its own time; the first page asks for no more than it needs
    'build:manifest': (manifest) => {
      for (const entry of Object.values(manifest)) {
        entry.prefetch = false
        entry.dynamicImports = []
      }
    },
  },
  vite: {
    plugins: [tailwindcss(), collectLicences('page')],
    build: {
      rollupOptions: {
        output: { experimentalMinChunkSize: LEAST_FILE.page },
        // a feature's index names all that it shares: whoever takes one part of it takes no other along
        treeshake: { moduleSideEffects: (id) => !/\/app\/features\/[^?]*\.(ts|vue)$/.test(id) },
      },
    },
    // the build for the browsers that are supported is a sixth smaller than the one that the package names
    resolve: { alias: [{ find: /^dexie$/, replacement: 'dexie/dist/modern/dexie.mjs' }] },
    worker: {
      format: 'es',
      plugins: () => [collectLicences('workers')],
      rollupOptions: { output: { experimentalMinChunkSize: LEAST_FILE.worker } },
    },
    optimizeDeps: {
      exclude: ['highs'],
      include: [
        'culori/fn',
        'date-fns',
        'dexie',
        'minisearch',
        'nanoid',
        'papaparse',
        'pinia',
        'vee-validate',
        'zod',
        '@headlessui/vue',
        '@lucide/vue',
        '@tanstack/vue-virtual',
        '@vueuse/core',
        'pdf-lib',
        '@pdf-lib/fontkit',
      ],
    },
  },
  security: {
    strict: false,
    nonce: true,
    ssg: { meta: true, hashScripts: true, nitroHeaders: true },
    rateLimiter: false,
    corsHandler: false,
    xssValidator: false,
    requestSizeLimiter: false,
    headers: {
      crossOriginEmbedderPolicy: false,
      strictTransportSecurity: false,
      contentSecurityPolicy: {
        'default-src': ["'none'"],
        'script-src': ["'self'", "'wasm-unsafe-eval'", "'nonce-{{nonce}}'"],
        'script-src-attr': ["'none'"],
        'style-src': ["'self'", "'unsafe-inline'"],
        'img-src': ["'self'", 'data:', 'blob:'],
        'font-src': ["'self'"],
        'connect-src': ["'self'"],
        'worker-src': ["'self'", 'blob:'],
        'manifest-src': ["'self'"],
        'frame-src': ["'self'", 'blob:'],
        'object-src': ["'none'"],
        'base-uri': ["'none'"],
        'form-action': ["'self'"],
        'frame-ancestors': ["'none'"],
        'upgrade-insecure-requests': false,
      },
    },
  },
  pwa: {
    registerType: 'prompt',
    manifest: {
      name: 'Juxtachrome',
      short_name: 'Juxtachrome',
      description: 'Watercolour palettes from your own collection.',
      theme_color: '#f7f7f7',
      background_color: '#f7f7f7',
      display: 'standalone',
      start_url: BASE,
      scope: BASE,
      lang: 'en',
      icons: [
        { src: 'icon-192.png', sizes: '192x192', type: 'image/png' },
        { src: 'icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'any' },
        { src: 'icon-512.png', sizes: '512x512', type: 'image/png', purpose: 'maskable' },
      ],
    },
    workbox: {
      sourcemap: false,
      navigateFallback: BASE,
      navigateFallbackDenylist: [/\/(?:api|files)\//],
      globPatterns: ['**/*.{js,css,html,svg,png,woff2,ttf,wasm,txt}'],
      // what a plain host answers where nothing lies; in the place of a screen's path the first page is there
      globIgnores: ['200.html', '404.html'],
      maximumFileSizeToCacheInBytes: 6_000_000,
    },
    // ours (composables/useUpdate.ts) reloads no window that was not asked
    client: { registerPlugin: false },
  },
})
