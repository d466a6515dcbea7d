import { defineConfig } from 'vitest/config'
import { bundleWorkers } from './server/threads/bundleWorkers.ts'

export default defineConfig({
  plugins: [bundleWorkers()],
  test: {
    include: ['core/**/*.test.ts', 'server/**/*.test.ts', 'app/**/*.test.ts', 'layers/**/*.test.ts', 'demo/**/*.test.ts'],
    testTimeout: 30_000,
  },
})
