/**
 * The arrow keys of a list whose chosen row is open: up and down open the next one and take the focus along.
 * @param rows in their order
 * @param chosen key of the open one
 * @param attribute that rows carry their key in
 */
export function useListSteps(
  rows: () => readonly { key: string }[],
  chosen: () => string | null,
  attribute: string,
  open: (key: string) => void,
) {
  const focus = (key: string) => document.querySelector<HTMLElement>(`[${attribute}="${key}"]`)?.focus()
  function step(event: KeyboardEvent): void {
    const by = { ArrowDown: 1, ArrowUp: -1 }[event.key]
    if (!by) return
    event.preventDefault()
    const next = rows()[rows().findIndex(each => each.key === chosen()) + by]
    if (!next) return
    open(next.key)
    focus(next.key)
  }
  return { step, focus }
}
