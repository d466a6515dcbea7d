import { ref } from 'vue'

/** Whether the server no longer knows who works here: the session was ended, or is over. */
export const isSignedOut = ref(false)
