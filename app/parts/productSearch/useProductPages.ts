import { productListSchema } from '../../../core/workbench/workbench'
import type { LanePage } from '../../../core/links/pageLanes'
import type { ListQuery } from './listQuery'
import { callApi } from '../../data/callApi'
import { useRowPages } from '../../data/useRowPages'

/**
 * The products that match a query, page by page; or the articles or categories that have its words.
 * @param query what to look for
 * @param of what is looked for instead of products
 */
export function useProductPages(query: () => ListQuery, of: () => LanePage | null = () => null) {
  return useRowPages(
    () => ({ of: of(), asked: query() }),
    ({ of, asked }, page, signal) =>
      of === null
        ? callApi(productListSchema, '/api/products', { query: { ...asked, ...page }, signal })
        : callApi(productListSchema, '/api/pageRows', { query: { page: of, q: asked.q ?? '', ...page }, signal }),
  )
}
