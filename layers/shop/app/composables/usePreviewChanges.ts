import type { ShownPage } from '../../../../core/delivery/shownPage'

/** Tells the studio, when the page stands in it, what the page shows: also after something was put into the cart here. */
export function useTellingWhatIsShown(path: string, query: () => Record<string, string>): void {
  if (!usePreview().active || import.meta.server) return
  const tell = () => {
    const shown: ShownPage = { path, query: query() }
    window.parent.postMessage({ manada: 'shows', ...shown }, location.origin)
  }
  onMounted(tell)
  watch(query, tell)
}

/** Calls back when the page stands in the studio and the studio says that something changed. */
export function usePreviewChanges(onChange: () => void): void {
  if (!usePreview().active || import.meta.server) return
  const onMessage = (event: MessageEvent) => {
    if (event.origin === location.origin && event.data === 'manada:changed') onChange()
  }
  onMounted(() => {
    window.addEventListener('message', onMessage)
    // What changed while the page was on its way was not heard.
    window.parent.postMessage('manada:listening', location.origin)
  })
  onBeforeUnmount(() => window.removeEventListener('message', onMessage))
}
