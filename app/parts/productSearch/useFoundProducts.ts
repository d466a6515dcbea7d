import { refDebounced } from '@vueuse/core'
import type { Ref } from 'vue'
import type { ProductRow } from '../../../core/workbench/workbench'
import { productListSchema } from '../../../core/workbench/workbench'
import { useMessages } from '../../data/messages'
import { callApi } from '../../data/callApi'

/**
 * The first products that are found by the words as they stand now. While their answer is on its way there are none,
 * so that whoever types fast and chooses at once can't get what was found by other words.
 */
export function useFoundProducts(words: Ref<string>, query: { status?: string } = {}) {
  const messages = useMessages()
  const asked = refDebounced(words, 150)
  const answer = shallowRef<{ words: string; rows: ProductRow[] }>({ words: '', rows: [] })
  watch(
    asked,
    async q => {
      const list = q.trim()
        ? await callApi(productListSchema, '/api/products', { query: { ...query, q, limit: 12 } }).catch(error => messages.refuse(error))
        : null
      if (asked.value === q) answer.value = { words: q, rows: list?.rows ?? [] }
    },
    { immediate: true },
  )
  return computed(() => (answer.value.words === words.value ? answer.value.rows : []))
}
