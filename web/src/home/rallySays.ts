import type { RallyOnShelf } from '@/api/names'

/** How much there is of a rally, in a few words. */
export const rallySays = (r: RallyOnShelf) =>
  r.entries === 0
    ? `${r.teams} teams, nothing recorded yet`
    : `${r.teams} teams, ${r.entries} ${r.entries === 1 ? 'entry' : 'entries'}`
