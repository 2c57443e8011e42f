import type { PlanStop, RallyOnShelf, YearLine } from '@/api/names'

/**
 * What is to come, nearest first: rallies from today on, those without a day that nothing is recorded in, and plans.
 * The next one stands above the list already.
 */
export function comingUp(
  rallies: readonly RallyOnShelf[],
  plans: readonly PlanStop[],
  { today, next, nextPlan }: Pick<YearLine, 'today' | 'next' | 'nextPlan'>,
) {
  const rows = [
    ...rallies
      .filter((r) => isComing(r, today) && r.id !== next?.rally)
      .map((rally) => ({ day: rally.date ?? '', rally, plan: undefined })),
    ...plans.filter((plan) => plan.id !== nextPlan?.id).map((plan) => ({ day: plan.from, rally: undefined, plan })),
  ]
  return rows.sort((a, b) => (a.day || '9999').localeCompare(b.day || '9999'))
}

/** What was, the latest first; what has no day stands last. */
export const recently = (rallies: readonly RallyOnShelf[], { today, next }: Pick<YearLine, 'today' | 'next'>) =>
  rallies
    .filter((r) => !r.archived && !isComing(r, today) && r.id !== next?.rally)
    .sort((a, b) => (b.date ?? '').localeCompare(a.date ?? ''))

const isComing = (r: RallyOnShelf, today: string) => !r.archived && (r.date ? r.date >= today : r.entries === 0)
