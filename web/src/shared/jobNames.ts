import type { Job } from '@/api/names'

/** Jobs by their ids, as they stand behind a student's name. */
export const jobNames = (jobs: readonly Job[], ids: readonly string[]) =>
  ids.map((id) => jobs.find((j) => j.id === id)?.name.toLowerCase() ?? id).join(', ')
