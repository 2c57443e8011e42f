import type { Pennant, Station } from '@/api/names'

/** What a station is for, said while nothing of it is done. */
const purposes: Record<Station, string> = {
  brief: 'Here the challenge is written.',
  kit: 'Here the material is counted, bought and bagged.',
  teams: 'Here the class becomes teams.',
  run: 'Here the lesson is led: the clock, the wall, the phases.',
  score: 'Here what happens is recorded, team by team.',
  results: 'Here stand the places, and why.',
  debrief: 'Here the class talks about what it found.',
}

/** The sentence that says what to do next at a station; where it is empty, what it is for before it. */
export function nextAt(route: readonly Pennant[] | undefined, station: Station) {
  const pennant = route?.find((p) => p.station === station)
  return pennant?.readiness === 'hollow' ? `${purposes[station]} ${pennant.next}` : pennant?.next
}
