import type { ReleasesAnswer } from '../../../core/releases/release'
import { releasesAnswerSchema } from '../../../core/releases/release'
import { callApi } from '../../data/callApi'

/** What shoppers have had, and what is to go live at a set time. */
export const useReleases = defineStore('releases', () => {
  const answer = shallowRef<ReleasesAnswer | null>(null)
  async function load(): Promise<void> {
    answer.value = await callApi(releasesAnswerSchema, '/api/releases')
  }
  return { answer, load }
})
