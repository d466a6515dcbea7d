// npm run shots: takes the pictures in docs/screenshots/ anew, from a fresh demo shop.
import { ensureBrowser, ensureBuild, ensurePackages, runPackage } from './setUp.mjs'

ensurePackages()
ensureBrowser()
ensureBuild()
runPackage('playwright', ['test', '--config', 'e2e/shots.config.ts'])
