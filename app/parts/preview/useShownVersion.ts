import { useLocalStorage } from '@vueuse/core'
import { sumBy } from 'es-toolkit'
import { draftNames } from '../../../core/releases/toPublish'
import { useDrafts } from '../../data/drafts'
import { useTicked } from '../publishing/ticked'
import type { ShownVersion } from './previewAddress'
import { previewWords } from './words'

const say = previewWords.shownVersion

type Choice = 'live' | 'ticked' | 'all'
export interface VersionChoice {
  key: Choice
  words: string
  version: ShownVersion
}

/**
 * As what shop pages are shown, and what there is to choose from: as they are, with what is ticked for publishing, with all drafts. What
 * there is nothing of is not offered.
 * @param withLive as they are is a choice too
 */
export function useShownVersion(withLive = false) {
  const drafts = useDrafts()
  const ticked = useTicked()
  const kept = useLocalStorage<Choice>(withLive ? 'manada-shop-view-version' : 'manada-preview-version', withLive ? 'live' : 'all')
  const choices = computed((): VersionChoice[] => {
    const count = sumBy(Object.values(ticked.keys), keys => keys.length)
    return [
      ...(withLive ? [{ key: 'live' as const, words: say.live, version: 'live' as const }] : []),
      ...(count > 0 && count < drafts.unpublishedCount
        ? [{ key: 'ticked' as const, words: say.withTicked(count), version: { only: draftNames(ticked.keys) } }]
        : []),
      ...(drafts.unpublishedCount > 0 || !withLive ? [{ key: 'all' as const, words: say.withAll, version: 'draft' as const }] : []),
    ]
  })
  return {
    choices,
    version: computed(() => choices.value.find(each => each.key === kept.value) ?? choices.value[withLive ? 0 : choices.value.length - 1]!),
    choose: (key: Choice) => (kept.value = key),
  }
}
