import { onKeyStroke } from '@vueuse/core'

/**
 * Calls back on a key, unless a person is typing or a dialog is open.
 * @param key as in KeyboardEvent.key
 */
export function useShortcut(
  key: string | string[],
  run: (event: KeyboardEvent) => void,
  modifiers: { ctrl?: boolean; shift?: boolean } = {},
): void {
  onKeyStroke(key, event => {
    if (event.altKey || (event.ctrlKey || event.metaKey) !== Boolean(modifiers.ctrl)) return
    if (modifiers.shift !== undefined && event.shiftKey !== modifiers.shift) return
    if (document.querySelector('.v-overlay--active[role="dialog"]') || isTyping(event, Boolean(modifiers.ctrl))) return
    event.preventDefault()
    run(event)
  })
}

/** A field takes every key for itself; an empty one leaves those with Ctrl to the studio, since it has nothing to undo. */
function isTyping(event: KeyboardEvent, withCtrl: boolean): boolean {
  const field = event.target
  if (!(field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement)) return false
  if (field instanceof HTMLInputElement && field.type === 'checkbox') return false
  return !(withCtrl && field.value === '')
}
