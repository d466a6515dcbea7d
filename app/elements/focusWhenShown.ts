/**
 * Gives the focus to an element of a menu that is opening. The menu is hidden until its place is worked out, and a
 * hidden element refuses the focus, so it is asked again with each frame, for half a second at most.
 */
export function focusWhenShown(find: () => HTMLElement | null | undefined, attempts = 30): void {
  const element = find()
  element?.focus()
  if ((!element || document.activeElement !== element) && attempts > 1) requestAnimationFrame(() => focusWhenShown(find, attempts - 1))
}
