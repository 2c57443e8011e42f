import type { RouteLocationNormalizedLoaded } from 'vue-router'

const stations: Record<string, string> = { writing: 'brief', together: 'score', day: 'fair-day', talk: 'debrief' }
const pages: Record<string, string> = {
  papers: 'papers',
  print: 'papers',
  kit: 'kit',
  teams: 'teams',
  school: 'year',
  days: 'fair-day',
  cupboard: 'kit',
  classes: 'teams',
}

/** The page of the guide that says something of where one is. */
export function guideFor({ meta, path }: Pick<RouteLocationNormalizedLoaded, 'meta' | 'path'>) {
  if (meta.station) return stations[meta.station] ?? meta.station
  return pages[path.split('/').at(-1) ?? ''] ?? 'first-rally'
}
