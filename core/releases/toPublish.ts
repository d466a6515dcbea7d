import { z } from 'zod'
import type { DraftedSort } from './draftedSorts'
import { draftedSortNames, draftedSorts } from './draftedSorts'

/** Keys of each sort that are to be published; of a sort that is left out, none. */
export type ToPublish = Partial<Record<DraftedSort, readonly string[]>>

export const isAnyToPublish = (keys: ToPublish): boolean => Object.values(keys).some(each => each.length > 0)

/** Drafts as they are named in addresses: `section:related,plan:jars`. */
export const draftNames = (keys: ToPublish): string =>
  draftedSortNames.flatMap(sort => (keys[sort] ?? []).map(key => `${draftedSorts[sort].of}:${key}`)).join()

const sortsByName = new Map<string, DraftedSort>(draftedSortNames.map(sort => [draftedSorts[sort].of, sort]))

/** `section:related,plan:jars` → keys of each sort. */
export const draftNamesSchema = z.string().transform((value, context): ToPublish => {
  const keys: Partial<Record<DraftedSort, string[]>> = {}
  for (const name of value.split(',').filter(Boolean)) {
    const [of = '', key, ...more] = name.split(':')
    const sort = sortsByName.get(of)
    if (!sort || more.length || !draftedSorts[sort].keys.safeParse(key).success)
      context.addIssue(`“${name}” is not a draft. Write ${[...sortsByName.keys()].join(', ')}, a colon and its key.`)
    else (keys[sort] ??= []).push(key!)
  }
  return keys
})
