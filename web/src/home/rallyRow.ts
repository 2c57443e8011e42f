import type { RallyOnShelf } from '@/api/names'
import { countOf } from '@/shared/numbers'
import { rallyTitle } from '@/shared/rallyTitle'
import type { RowAction } from '@/shared/RowMenu.vue'

const teams = (n: number) => countOf(n, 'team', 'teams')
const entries = (n: number) => countOf(n, 'entry', 'entries')

/** Which rally it is, of the many that a class has. */
export const titleOf = (r: RallyOnShelf) => rallyTitle(r.name, r.briefTitle, r.date)

/** Whose a rally is and how much there is of it, in a few words. */
export const rallySays = (r: RallyOnShelf) =>
  [r.name, teams(r.teams), r.entries === 0 ? 'nothing recorded yet' : entries(r.entries)].join(' · ')

/** What goes with a rally when it is deleted. */
export const entriesOf = (r: RallyOnShelf) =>
  `The rally with ${teams(r.teams)}${r.entries === 0 ? '' : ` and ${entries(r.entries)}`}`

/** What can be done with a rally beside going on with it. */
export const rallyMenu = (
  r: RallyOnShelf,
  does: { archive: (away: boolean) => void; remove: () => void },
): readonly RowAction[] => [
  { label: 'Teams', to: `/rallies/${r.id}/teams` },
  { label: 'Score', to: `/rallies/${r.id}/score` },
  { label: 'Results', to: `/rallies/${r.id}/results` },
  { label: 'Download', file: `/api/rallies/${r.id}/file` },
  r.archived
    ? { label: 'Restore', act: () => does.archive(false) }
    : { label: 'Archive', act: () => does.archive(true) },
  { label: 'Delete…', act: does.remove, danger: true },
]
