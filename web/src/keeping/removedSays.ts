import type { Removed } from '@/api/names'
import { rallyTitle } from '@/shared/rallyTitle'

/** What was deleted, so that it is told apart from others of its name. */
export const removedSays = (r: Removed) =>
  ({
    brief: `Brief “${r.name || 'without a title'}”`,
    rally: `Rally ${rallyTitle(r.name, r.brief, r.date)}`,
    class: `Class ${r.name} with its students`,
    student: `${r.name} of ${r.of}`,
    photo: `A photo by ${r.name}, ${rallyTitle(r.of, r.brief, r.date)}`,
  })[r.sort]

/** Where it is again after it was restored: where it was. */
export const isBackIn = (r: Removed) =>
  ({
    brief: r.archived ? 'It is among the archived briefs.' : 'It is on Home, among the briefs.',
    rally: r.archived ? 'It is on Home, among the archived rallies.' : 'It is on Home, among the rallies.',
    class: 'It is under Classes, with the students who were deleted with it.',
    student: `It is in ${r.of}, and in every team where it was.`,
    photo: 'It is with its team.',
  })[r.sort]
