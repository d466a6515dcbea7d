import { defineConfig } from '@playwright/test'
import tests from '../playwright.config'

/** Takes the pictures for the README with the server and browser of the tests. */
export default defineConfig(tests, {
  testDir: '.',
  testMatch: 'shots.ts',
  outputDir: '../test-results/shots',
  reporter: 'list',
})
