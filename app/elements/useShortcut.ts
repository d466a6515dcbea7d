import { onKeyStroke } from '@vueuse/core'

/**
 * Calls back on a key, unless a person is typing or a dialog is open. Letters and digits alone act in lists and lanes only, or where
 * nothing has the focus: whoever types them on a button or a tab means something else.
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
    if (!ctrl && /^[a-z0-9]$/i.test(event.key) && !takesLetters(document.activeElement)) return
    if (document.querySelector('.v-overlay--active[role="dialog"]') || isTyping(event, ctrl)) return
    event.preventDefault()
    run(event)
  })
}

const takesLetters = (focused: Element | null) =>
  !focused || focused === document.body || focused.closest('li, [role="row"], [role="option"], [role="listitem"]') !== null

/** A field takes every key for itself; an empty one leaves those with Ctrl to the studio, since it has nothing to undo. */
function isTyping(event: KeyboardEvent, withCtrl: boolean): boolean {
  const field = event.target
  if (!(field instanceof HTMLInputElement || field instanceof HTMLTextAreaElement)) return false
  if (field instanceof HTMLInputElement && field.type === 'checkbox') return false
  return !(withCtrl && field.value === '')
}
