import { ref } from 'vue'

/** Whether the server no longer knows who works here: the session was ended, or is over. */
export const isSignedOut = ref(false)

/** Why nothing can be saved now, in words; empty: it can, as far as is known. */
export const cannotSave = ref('')
