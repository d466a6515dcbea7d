const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })

/** An ISO 8601 date, or the day of a date and time, in UTC: “1 Mar 2026”. */
export const dayWords = (date: string) => days.format(new Date(date))

const moments = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', hour: '2-digit', minute: '2-digit' })

/** A moment in the time of whoever looks: “1 Mar 2026, 10:00”. */
export const momentWords = (at: string) => moments.format(new Date(at))
