import { onKeyStroke } from '@vueuse/core'

/**
 * Calls back on a key, unless a person is typing or a dialog is open.
 * @param key as in KeyboardEvent.key
 * @param within the key acts only while the focus is in here; left out: wherever it is
 */
export function useShortcut(
  key: string | string[],
  run: (event: KeyboardEvent) => void,
  { ctrl = false, shift, within }: { ctrl?: boolean; shift?: boolean; within?: () => Element | null | undefined } = {},
): void {
  onKeyStroke(key, event => {
    if (event.altKey || (event.ctrlKey || event.metaKey) !== ctrl) return
    if (shift !== undefined && event.shiftKey !== shift) return
    if (within && !within()?.contains(document.activeElement)) return
    if (document.querySelector('.v-overlay--active[role="dialog"]') || isTyping(event, ctrl)) return
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
