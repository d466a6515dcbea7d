import { fileURLToPath } from 'node:url'
import vuetify from 'vite-plugin-vuetify'
import { beginnings, workspaces } from './app/workspaces/registry'
import { bundleWorkers } from './server/threads/bundleWorkers'

export default defineNuxtConfig({
  compatibilityDate: '2026-11-01',
  modules: ['@pinia/nuxt', 'nuxt-auth-utils', ['unplugin-icons/nuxt', { scale: 1 }]],
  // Pages ask who is there themselves; the stand-in shop does not ask at all.
  auth: { loadStrategy: 'none' },
  runtimeConfig: { session: { name: 'manada-session', password: '', maxAge: 30 * 24 * 3600 } },
  // Node prints readable traces of the unminified server without maps, and the build is faster.
  sourcemap: { server: false, client: false },
  // Components are named after their file; the folders are for people.
  components: ['~/elements', '~/frame', '~/parts', '~/workspaces'].map(path => ({ path, pathPrefix: false, extensions: ['vue'] })),
  hooks: {
    // Every route is one of ours, with what it takes to ask for it.
    'nitro:config'(nitro) {
      nitro.handlers = nitro.handlers?.filter(each => !each?.route?.startsWith('/api/_auth'))
    },
    'pages:extend'(pages) {
      const inStudio = workspaces.flatMap(each => each.pages)
      // One page however its address changes: the component stays when something else is opened.
      for (const { path, component } of inStudio)
        pages.push({ path, file: fileURLToPath(new URL(`app/workspaces/${component}`, import.meta.url)), meta: { key: path } })
    },
  },
  css: ['~/assets/tokens.css'],
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
    ...Object.fromEntries(
      workspaces
        .flatMap(beginnings)
        .flatMap(path => [path, `${path}/**`])
        .map(path => [path, { ssr: false }]),
    ),
  },
  nitro: {
    // Every route says with `api` what it takes to ask for it.
    imports: { dirs: ['server/admission'] },
    // Native or dynamic requires: kept as packages, not bundled.
    externals: { external: ['sequelize', 'sqlite3', 'umzug'] },
    // What this Node.js knows stays as it is: private fields that are emulated cost a lookup each time.
    esbuild: { options: { target: 'es2022' } },
    rollupConfig: { plugins: [bundleWorkers()] },
  },
  $production: { nitro: { entry: fileURLToPath(new URL('server/listen.ts', import.meta.url)) } },
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
