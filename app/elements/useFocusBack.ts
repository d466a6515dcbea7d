import { focusWhenShown } from './focusWhenShown'

/** Gives the focus back to where it was when something opened that takes it, once that is closed; or, if that is gone, to the workspace. */
export function useFocusBack(isOpen: () => boolean): void {
  let before: Element | null = null
  watch(isOpen, now => {
    if (now) before = document.activeElement
    else focusWhenShown(() => (before instanceof HTMLElement && before !== document.body && before.isConnected ? before : workspace()))
  })
}

/** What has the focus when nothing else has. */
export const workspace = () => document.querySelector<HTMLElement>('main')
