import { join } from 'node:path'
import { defineConfig } from '@playwright/test'

/** Each worker has a server, and room for a second one. */
export const firstPort = 4391

export default defineConfig({
  testDir: 'e2e',
  outputDir: 'test-results/e2e',
  // Every test has a fresh shop, so that the order, and which worker takes which, does not matter.
  fullyParallel: true,
  workers: 2,
  timeout: 120_000,
  expect: { timeout: 20_000 },
  forbidOnly: true,
  // What passes only when it is tried again is at fault.
  retries: 0,
  failOnFlakyTests: true,
  reporter: [['list'], ['json', { outputFile: 'test-results/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    // A trace of every test costs a quarter of the time; of one test it is taken with --trace on.
    screenshot: 'only-on-failure',
    launchOptions: {
      executablePath: '/usr/bin/chromium-headless-shell',
      args: [
        '--headless',
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  globalSetup: join(import.meta.dirname, 'e2e/fillDemoShop.ts'),
})
