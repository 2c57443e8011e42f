import type { PlanStop } from '@/api/names'
import { shortDay } from '@/shared/days'

/** When a brief is planned, and for whom. */
export const planSays = (p: PlanStop) =>
  [p.wholeWeek ? `week of ${shortDay(p.date)}` : shortDay(p.date), p.for].filter(Boolean).join(', ')
