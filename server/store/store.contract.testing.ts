import { describe } from 'vitest'
import { describeAdmissions } from './contract/admissions.testing'
import { describeContents } from './contract/contents.testing'
import { describeJournal } from './contract/journal.testing'
import { describeSalesAndSearch } from './contract/salesAndSearch.testing'
import type { WithEmptyStore } from './contract/sample.testing'
import { withShop } from './contract/sample.testing'

/** Holds a database to the port (port.ts): what every one behind it must do, whatever it is made of. */
export function describeStore(name: string, withEmptyStore: WithEmptyStore): void {
  const withStore = withShop(withEmptyStore)
  describe(`${name}, as a store`, () => {
    describeContents(withStore, withEmptyStore)
    describeJournal(withStore)
    describeSalesAndSearch(withStore)
    describeAdmissions(withStore)
  })
}
