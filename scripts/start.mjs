// npm start: serves a production build without demo data.
import { ensureBuild, ensurePackages, serve } from './setUp.mjs'

ensurePackages()
ensureBuild()
await serve()
