// The stand-in shop. It talks to Manada through the delivery contract alone.
export default defineNuxtConfig({})
