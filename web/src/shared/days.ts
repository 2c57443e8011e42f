const format = new Intl.DateTimeFormat('en-US', { day: 'numeric', month: 'short', year: 'numeric', timeZone: 'UTC' })
const localDay = new Intl.DateTimeFormat('en-US', { day: 'numeric', month: 'short', year: 'numeric' })
const clock = new Intl.DateTimeFormat('en-US', { hour: 'numeric', minute: '2-digit' })

/** A day as it is written on paper: Nov 24, 2026. */
export const shortDay = (day: string) => format.format(new Date(`${day}T00:00:00Z`))

/** The day of a moment, here: Nov 24, 2026. */
export const dayOf = (moment: string) => localDay.format(new Date(moment))

/** The time of day of a moment. */
export const timeOfDay = (moment: string | Date) => clock.format(new Date(moment))
