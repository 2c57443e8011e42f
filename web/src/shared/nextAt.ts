import type { Pennant, Station } from '@/api/names'

/** What a station is for, said while nothing of it is done. */
const purposes: Record<Station, string> = {
  brief: 'Write the challenge here.',
  kit: 'Count, buy and bag the materials here.',
  teams: 'Turn the class into teams here.',
  run: 'Lead the lesson from here: the clock, the wall, the phases.',
  score: 'Record what happens here, team by team.',
  results: 'Places and the reasons for them appear here.',
  debrief: 'Talk about what the class found.',
}

/** The sentence that says what to do next at a station; where it is empty, what it is for before it. */
export function nextAt(route: readonly Pennant[] | undefined, station: Station) {
  const pennant = route?.find((p) => p.station === station)
  return pennant?.readiness === 'hollow' ? `${purposes[station]} ${pennant.next}` : pennant?.next
}
