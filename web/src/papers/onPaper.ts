import type { RallyOpened, RallyPapers, TeamKit } from '@/api/names'
import { shortDay } from '@/shared/days'
import { teamMarks } from '@/shared/teamMarks'
import type { OnPaper } from './paper'

/** A round of a rally as it is printed from. */
export const onPaper = (
  rally: RallyOpened,
  round: number,
  papers: RallyPapers,
  kits: readonly TeamKit[],
  about = [rally.name, rally.date ? shortDay(rally.date) : ''].filter(Boolean).join(', '),
): OnPaper => ({
  brief: rally.brief,
  tier: rally.tier,
  sheet: rally.sheet,
  largePrint: papers.brief.largePrint,
  papers: papers.brief,
  about,
  rally: {
    id: rally.id,
    round,
    name: rally.name,
    teams: rally.teams.filter((t) => !t.away),
    marks: teamMarks(rally.teams),
    jobs: rally.jobs,
    cards: rally.cards,
    bags: rally.bags,
    kits,
    papers,
  },
})
