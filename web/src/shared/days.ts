/** Writes moments in one form. What it takes for it is made at its first use: a browser needs a while for that. */
function written(options: Intl.DateTimeFormatOptions) {
  let format: Intl.DateTimeFormat | undefined
  return (moment: Date) => (format ??= new Intl.DateTimeFormat('en-US', options)).format(moment)
}
const date = { day: 'numeric', month: 'short', year: 'numeric' } as const
const day = written({ ...date, timeZone: 'UTC' })
const localDay = written(date)
const clock = written({ hour: 'numeric', minute: '2-digit' })

/** A day as it is written on paper: Nov 24, 2026. */
export const shortDay = (said: string) => day(new Date(`${said}T00:00:00Z`))

/** The day of a moment, here: Nov 24, 2026. */
export const dayOf = (moment: string) => localDay(new Date(moment))

/** The time of day of a moment. */
export const timeOfDay = (moment: string | Date) => clock(new Date(moment))
