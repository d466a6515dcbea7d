import type { ImportReport } from '../../../core/exchange/importReport'
import { importReportSchema } from '../../../core/exchange/importReport'
import type { ImportProgress } from '../../../core/studio/exchangeAnswers'
import { importProgressSchema } from '../../../core/studio/exchangeAnswers'
import { ApiProblem, callApi } from '../../data/callApi'
import { importingWords } from './words'

const say = importingWords.useImport

/** Sends a file to be tried or imported, and tells how far it is. */
export function useImport() {
  const progress = shallowRef<ImportProgress | null>(null)
  const busy = ref(false)
  let abort = new AbortController()
  let job = ''

  async function watchProgress(job: string): Promise<void> {
    while (busy.value) {
      await new Promise(resolve => setTimeout(resolve, 300))
      if (!busy.value) return
      // The job may not have begun yet, or just have ended.
      progress.value = await callApi(importProgressSchema, `/api/exchange/jobs/${job}`).catch(() => progress.value)
    }
  }

  /**
   * @returns `cancelled`: nothing was done; `left`: the sending was broken off, and the server may have been done with it
   * @throws ApiProblem when the file can't be taken
   */
  async function send(file: File, kind: string, how: { dry?: boolean; keepValid?: boolean }): Promise<ImportReport | 'cancelled' | 'left'> {
    abort = new AbortController()
    busy.value = true
    progress.value = null
    job = crypto.randomUUID()
    void watchProgress(job)
    try {
      return await callApi(importReportSchema, '/api/exchange/import', {
        method: 'POST',
        body: file,
        headers: { 'content-type': 'text/csv' },
        signal: abort.signal,
        query: { kind, file: file.name.slice(0, 120), job, dry: how.dry ? '1' : undefined, keep: how.keepValid ? 'valid' : undefined },
      })
    } catch (error) {
      if (abort.signal.aborted) return how.dry ? 'cancelled' : 'left'
      if (error instanceof ApiProblem && error.code === 'cancelled') return 'cancelled'
      throw error instanceof ApiProblem ? error : new Error(say.theFileCouldNotBe, { cause: error })
    } finally {
      busy.value = false
      progress.value = null
    }
  }

  /** The server says what came of it, for it may have begun to write; while the file is sent, the sending ends. */
  async function cancel(): Promise<void> {
    if (progress.value && progress.value.stage !== 'receiving') await fetch(`/api/exchange/jobs/${job}`, { method: 'DELETE' })
    else abort.abort()
  }
  return { progress, busy, send, cancel }
}
