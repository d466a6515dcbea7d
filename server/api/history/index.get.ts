import { z } from 'zod'
import type { historyAnswerSchema } from '../../../core/workbench/workbench'
import { idOf } from '../../../core/access/access'
import { nameOf } from '../../access/nameOf'
import { useShop } from '../../running/useShop'

const query = z.object({
  /** Only what changed these products; left out: the whole shop. */
  sku: z
    .union([z.string(), z.array(z.string()).max(500)])
    .transform(value => [value].flat())
    .optional(),
  before: z.coerce.number().int().default(Number.MAX_SAFE_INTEGER),
  limit: z.coerce.number().int().min(1).max(200).default(50),
})

export default api('viewer', async (event, asker): Promise<z.infer<typeof historyAnswerSchema>> => {
  const { sku, before, limit } = queryOf(event, query)
  const { store, access } = await useShop()
  const entries = await store.history(sku ?? null, before, limit + 1)
  return {
    more: entries.length > limit,
    entries: entries.slice(0, limit).map(({ id, at, words, lanes, type, state, isKept, ...entry }) => ({
      id,
      at,
      words,
      lanes,
      mine: entry.editor === idOf(asker),
      by: nameOf(entry.editor, access),
      undone: state === 'undone',
      inForce: isKept && state === 'done' && type !== 'undo' && type !== 'redo',
    })),
  }
})
