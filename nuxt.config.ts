import vuetify from 'vite-plugin-vuetify'
import { bundleWorkers } from './server/threads/bundleWorkers'

export default defineNuxtConfig({
  compatibilityDate: '2026-11-01',
  modules: ['@pinia/nuxt', ['unplugin-icons/nuxt', { scale: 1 }]],
  // Node prints readable traces of the unminified server without maps, and the build is faster.
  sourcemap: { server: false, client: false },
  // Components are named after their file; the folders are for people.
  components: [{ path: '~/components', pathPrefix: false }],
  css: ['~/assets/fonts.css', '~/assets/tokens.css'],
  devtools: { enabled: false },
  telemetry: false,
  typescript: { strict: true, tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } } },
  build: { transpile: ['vuetify'] },
  vite: {
    plugins: [vuetify({ autoImport: true })],
    optimizeDeps: { include: ['vuetify', 'zod', 'vue-draggable-plus', 'splitpanes', '@vueuse/core'] },
  },
  // The studio is an application in the browser; the stand-in shop is rendered on the server as a shop is.
  routeRules: {
    '/': { redirect: '/products' },
    '/products': { ssr: false },
    '/products/**': { ssr: false },
    '/exchange': { ssr: false },
    '/bundles': { ssr: false },
    '/bundles/**': { ssr: false },
    '/offers': { ssr: false },
    '/offers/**': { ssr: false },
    '/sections': { ssr: false },
    '/sections/**': { ssr: false },
    '/looks': { ssr: false },
    '/looks/**': { ssr: false },
    '/pages': { ssr: false },
    '/pages/**': { ssr: false },
    '/checks': { ssr: false },
    '/checks/**': { ssr: false },
  },
  nitro: {
    // Native or dynamic requires: kept as packages, not bundled.
    externals: { external: ['sequelize', 'sqlite3', 'umzug'] },
    // What this Node.js knows stays as it is: private fields that are emulated cost a lookup each time.
    esbuild: { options: { target: 'es2022' } },
    rollupConfig: { plugins: [bundleWorkers()] },
  },
  // nuxt build --envName bench: the same server with a bare route beside it, to compare delivery with, and one that tells of stalls.
  $env: {
    bench: {
      buildDir: 'benchmarks/.nuxt',
      serverHandlers: [
        { route: '/bare', handler: '~~/benchmarks/bareRoute.ts' },
        { route: '/stalls', handler: '~~/benchmarks/stallRoute.ts' },
      ],
      nitro: { output: { dir: 'benchmarks/.output' } },
    },
  },
})
