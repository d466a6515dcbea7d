import { useTimeoutFn } from '@vueuse/core'
import type { Check } from '../../core/checks/check'
import type { ChecksAnswer } from '../../core/studio/checkAnswers'
import { checksAnswerSchema } from '../../core/studio/checkAnswers'
import { ApiProblem, callApi } from './callApi'

/** What the checks found by now. */
export const useChecks = defineStore('checks', () => {
  const answer = shallowRef<ChecksAnswer | null>(null)
  const failed = ref('')
  /** Something was changed since it was answered. */
  const outdated = ref(false)
  /** Grows when what was found may be another. */
  const edition = ref(0)

  const { start: askAgain, stop } = useTimeoutFn(() => void ask(), 300, { immediate: false })
  /** Asks, and goes on asking until every change is counted in. */
  async function ask(): Promise<void> {
    try {
      const found = await callApi(checksAnswerSchema, '/api/checks')
      const before = answer.value
      answer.value = found
      outdated.value = false
      failed.value = ''
      if (JSON.stringify(before?.checks) !== JSON.stringify(found.checks) || before?.putAside !== found.putAside || !before.settled)
        edition.value++
      if (!found.settled) askAgain()
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error
      failed.value = error.message
    }
  }

  const of = (check: Check) => answer.value?.checks.find(each => each.check === check)
  /** How much there is to look at, without what was put aside; null: not known now. */
  const open = computed(() =>
    !outdated.value && answer.value?.checks.every(each => each.count !== null)
      ? answer.value.checks.reduce((sum, each) => (each.aside === null ? sum + each.count! : sum), 0)
      : null,
  )

  return { answer, failed, edition, open, ask, stop, of, outdate: () => (outdated.value = true) }
})
