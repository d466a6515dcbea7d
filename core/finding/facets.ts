import { z } from 'zod'
import type { Postings } from './postings'

const counted = z.array(z.object({ value: z.string(), count: z.int() }))

/** What filters can be set to, with the number of products that have it. */
export const facets = z.object({
  brands: counted,
  tags: counted,
  attributes: z.array(z.object({ name: z.string(), values: counted })),
})
export type Facets = z.infer<typeof facets>

export function facetsOf({ lists }: Postings): Facets {
  const attributes = new Map<string, z.infer<typeof counted>>()
  for (const { value: pair, count } of countedList(lists.attribute)) {
    const cut = pair.indexOf('=')
    const name = pair.slice(0, cut)
    attributes.set(name, [...attributes.get(name) ?? [], { value: pair.slice(cut + 1), count }])
  }
  return { brands: countedList(lists.brand), tags: countedList(lists.tag), attributes: Array.from(attributes, ([name, values]) => ({ name, values })) }
}

const { compare } = new Intl.Collator(undefined, { numeric: true })

const countedList = (lists: ReadonlyMap<string, readonly number[]>) =>
  Array.from(lists, ([value, positions]) => ({ value, count: positions.length })).sort((a, b) => compare(a.value, b.value))
