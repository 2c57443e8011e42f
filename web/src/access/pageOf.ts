import type { JoinedRally } from '@/api/names'

const pages: Partial<Record<JoinedRally['role'], string>> = { wall: 'wall', team: 'talk' }

/** The one page of a rally that a pass leads to. */
export const pageOf = ({ rally, role }: JoinedRally) => `/rallies/${rally}/${pages[role] ?? 'score'}`
