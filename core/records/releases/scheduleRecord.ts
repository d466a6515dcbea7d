import { keyedRecord } from '../../journal/keyed'
import type { ChangeOf } from '../../journal/record'
import type { Schedule } from '../../releases/release'
import { upgradeSchedule } from '../../releases/upgradeRelease'

/** What is to go live at a set time. */
export const scheduleRecord = keyedRecord<'schedule', Schedule>({ of: 'schedule', called: 'the same publishing' }, upgradeSchedule)
export type ScheduleChange = ChangeOf<'schedule', Schedule | null>
