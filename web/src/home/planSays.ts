import type { PlanStop } from '@/api/names'
import { shortDay } from '@/shared/days'

/** When a brief is planned, and for whom. */
export const planSays = (p: PlanStop) =>
  [p.plan.wholeWeek ? `week of ${shortDay(p.from)}` : shortDay(p.from), p.plan.for].filter(Boolean).join(', ')

/** Where the teams of a plan are made: for its class, on its day. */
export function teamsFor(p: PlanStop) {
  const query = new URLSearchParams({ plan: p.id, date: p.day })
  if (p.plan.for) query.set('name', p.plan.for)
  return `/briefs/${p.plan.brief}/teams?${query}`
}
