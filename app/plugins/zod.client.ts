import { z } from 'zod'

/** Zod would make functions of texts, which pages forbid themselves. */
export default defineNuxtPlugin(() => void z.config({ jitless: true }))
