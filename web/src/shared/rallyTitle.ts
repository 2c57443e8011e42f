import { shortDay } from './days'

/** Which rally it is, of the many that a class has: its name, its brief and its day. */
export const rallyTitle = (name: string, brief: string, date?: string | null) =>
  [name, brief, date && shortDay(date)].filter(Boolean).join(', ')
