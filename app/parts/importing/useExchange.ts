import type { ExchangeAnswer } from '../../../core/studio/exchangeAnswers'
import { exchangeAnswerSchema } from '../../../core/studio/exchangeAnswers'
import { ApiProblem, callApi } from '../../data/callApi'

/** The kinds and formats of files that Manada takes in and hands out; they are the same as long as the server runs. */
export function useExchange() {
  const exchange = useState<ExchangeAnswer>('exchange', () => ({ kinds: [], formats: [] }))
  const failed = ref('')
  async function load(): Promise<void> {
    if (exchange.value.kinds.length) return
    failed.value = ''
    try {
      exchange.value = await callApi(exchangeAnswerSchema, '/api/exchange')
    } catch (error) {
      if (!(error instanceof ApiProblem)) throw error
      failed.value = error.message
    }
  }
  onMounted(load)
  return { exchange, failed, load }
}
