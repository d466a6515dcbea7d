import type { LocationQuery } from 'vue-router'

/** What a list looks for, as it stands in the address and is sent to the server. */
export type ListQuery = Record<string, string | string[] | undefined>

export const fromAddress = (query: LocationQuery): ListQuery =>
  Object.fromEntries(
    Object.entries(query).flatMap(([name, value]) => {
      const values = [value].flat().filter(each => each !== null)
      return values.length ? [[name, values.length > 1 ? values : values[0]!]] : []
    }),
  )

/** The parts of a query that narrow a list down, apart from its words. */
export const filterNames = [
  'category',
  'brand',
  'tag',
  'attribute',
  'status',
  'stock',
  'priceFrom',
  'priceTo',
  'links',
  'unlinked',
] as const

export const valuesOf = (query: ListQuery, name: string): string[] => [query[name] ?? []].flat()

/** The query with one part set; no value takes the part out. */
export function withPart(query: ListQuery, name: string, value: string | string[] | null | undefined): ListQuery {
  const { [name]: _, ...rest } = query
  return value?.length ? { ...rest, [name]: value } : rest
}

/** The query with one value of a part added, or taken out when it is there. */
export function toggled(query: ListQuery, name: string, value: string): ListQuery {
  const values = valuesOf(query, name)
  const added = severalAtOnce.has(name) ? [...values, value] : value
  return withPart(query, name, values.includes(value) ? values.filter(each => each !== value) : added)
}

const severalAtOnce = new Set(['brand', 'tag', 'attribute'])

export const isFiltered = (query: ListQuery) => filterNames.some(name => valuesOf(query, name).length > 0)
export const withoutFilters = (query: ListQuery): ListQuery =>
  Object.fromEntries(Object.entries(query).filter(([name]) => !(filterNames as readonly string[]).includes(name)))
