import type { TeamKit } from '@/api/names'

/** What goes out and comes back of a material where nothing is otherwise than planned. */
export const asPlanned = (l: TeamKit['lines'][number], way: 'out' | 'back') =>
  way === 'out' ? l.due : l.reusable ? (l.out ?? l.due) : 0
