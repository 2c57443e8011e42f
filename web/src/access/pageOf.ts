import type { JoinedRally } from '@/api/names'

const pages: Partial<Record<JoinedRally['role'], string>> = { wall: 'wall', team: 'talk' }

/** The one page that a pass leads to: of its rally, or of the fair day that a code for several was made for. */
export const pageOf = ({ rally, role, day }: JoinedRally) =>
  day ? `/days/${day}` : `/rallies/${rally}/${pages[role] ?? 'score'}`
