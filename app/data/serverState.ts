import { ref } from 'vue'

/** Whether the server no longer knows who works here: the session was ended, or is over. */
export const isSignedOut = ref(false)

/** What is wrong with the server, in words: that nothing can be saved, or that what was is damaged. */
export const troubles = ref<string[]>([])
