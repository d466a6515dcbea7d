import unimport from 'unimport/unplugin'
import { defineConfig } from 'vitest/config'
import { bundleWorkers } from './server/threads/bundleWorkers.ts'

export default defineConfig({
  // The studio's build puts in what its modules use of Vue and Pinia; so do its tests.
  plugins: [bundleWorkers(), unimport.vite({ presets: ['vue', 'pinia'], include: [/\/app\/.*\.ts$/] })],
  test: {
    include: ['core/**/*.test.ts', 'server/**/*.test.ts', 'app/**/*.test.ts', 'layers/**/*.test.ts', 'demo/**/*.test.ts'],
    testTimeout: 30_000,
  },
})
