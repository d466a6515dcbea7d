import { productList } from '../../core/bench/bench'
import type { ListQuery } from '../utils/listQuery'
import { callApi } from '../utils/callApi'

/** The products that match a query, page by page. @param query what to look for */
export function useProductPages(query: () => ListQuery) {
  return useRowPages(query, (asked, page, signal) => callApi(productList, '/api/products', { query: { ...asked, ...page }, signal }))
}
