import type { PlanStop } from '@/api/names'
import { shortDay } from '@/shared/days'

/** When a brief is planned, and for whom. */
export const planSays = (p: PlanStop) =>
  [p.plan.wholeWeek ? `week of ${shortDay(p.from)}` : shortDay(p.from), p.plan.for].filter(Boolean).join(', ')
