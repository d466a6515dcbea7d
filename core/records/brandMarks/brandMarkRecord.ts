import { asItIs, keyedRecord } from '../../journal/keyed'
import type { ChangeOf } from '../../journal/record'

/** Address of the picture that a brand is known by. */
export const brandMarkRecord = keyedRecord<'brandMark', string>({ of: 'brandMark', called: 'the mark of the same brand' }, asItIs)
export type BrandMarkChange = ChangeOf<'brandMark', string | null>
