import type { ChangeOf } from '../../journal/record'
import { asItIs } from '../../journal/keyed'
import type { Look } from '../../looks/look'
import { lookUsers } from '../../looks/lookUsers'
import type { Versions } from '../../sections/versions'
import { draftedRecord } from '../drafts/draftedRecord'

/** Looks that sections share. */
export const lookRecord = draftedRecord<'look', Look>(
  {
    of: 'look',
    called: 'the same look',
    usedBy({ key: kind, after }, { versions }) {
      if (after) return null
      const [user] = lookUsers(kind, versions, ['live', 'draft'])
      return user ? { about: kind, words: `the ${user} has this look by now.` } : null
    },
  },
  asItIs,
)
export type LookChange = ChangeOf<'look', Versions<Look> | null>
