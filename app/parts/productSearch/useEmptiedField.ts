/** A field that finds something to choose. After each choice it is empty, so that the next words can be typed at once. */
export function useEmptiedField() {
  const words = ref('')
  const isOpen = ref(false)
  async function empty(): Promise<void> {
    // The field writes the name of what was chosen into itself: it is emptied behind that, or that name would be looked up, and the list
    // would open over what stands below.
    await nextTick()
    words.value = ''
    isOpen.value = false
  }
  return { words, isOpen, empty }
}
