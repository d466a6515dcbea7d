import { frameWords } from './words'

const say = frameWords.useOpened
/**
 * Which of a workspace's things is open: its key stands in the address. Without one, the first is opened, once it is known.
 * @param path of the workspace's page
 * @param first key of what is opened by itself; null: nothing yet
 */
export function useOpened(path: string, first: () => string | null) {
  const route = useRoute()
  const key = computed(() => String(route.params.open ?? '') || null)
  const addressOf = (next: string | null) => (next === null ? path : `${path}/${encodeURIComponent(next)}`)
  watch(
    [key, first],
    () => {
      const next = first()
      if (key.value === null && next !== null) void navigateTo(addressOf(next), { replace: true })
    },
    { immediate: true },
  )
  return {
    key,
    /** Opens another; null: what is first. */
    open: (next: string | null) => navigateTo(addressOf(next)),
  }
}

/** What the window is called: what is open, the workspace, the application. */
export const useWorkspaceTitle = (workspace: string, name: () => string | null = () => null) =>
  useHead({ title: () => [name(), workspace, say.manada].filter(Boolean).join(' · ') })
