import { isEqual } from 'es-toolkit'

/** What shoppers get of a thing, and what they will get of it after publishing; null: nothing. */
export interface Versions<T> {
  live: T | null
  draft: T | null
}

/** Whether publishing would change anything. */
export const isUnpublished = <T>({ live, draft }: Versions<T>) => !isEqual(live, draft)
