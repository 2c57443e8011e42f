import type { Pennant, Station } from '@/api/names'

/** The sentence that says what to do next at a station. */
export const nextAt = (route: readonly Pennant[] | undefined, station: Station) =>
  route?.find((p) => p.station === station)?.next
