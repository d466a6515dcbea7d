const days = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })

/** An ISO 8601 date, or the day of a date and time, in UTC: “1 Mar 2026”. */
export const dayWords = (date: string) => days.format(new Date(date))
