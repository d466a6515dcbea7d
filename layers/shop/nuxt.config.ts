import { fileURLToPath } from 'node:url'

// The stand-in shop. It talks to Manada through the delivery contract alone.
export default defineNuxtConfig({
  // Components are named after their file; the folders are for people.
  components: [{ path: fileURLToPath(new URL('app/components', import.meta.url)), pathPrefix: false }],
})
