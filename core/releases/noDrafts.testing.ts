import type { AllVersions } from './draftedSorts'
import { forEachSort } from './draftedSorts'

/** A shop, for tests, in which nothing is live nor drafted. */
export const noDrafts: AllVersions = forEachSort(() => new Map<string, never>())
