import type { Standing } from '@/api/names'

const columns = [
  ['Bonus', 'bonusText'],
  ['Missed', 'deductionText'],
] as const

/** Columns of points that rules won or lost, of those that any team has. */
export const ruleColumns = (rows: readonly Standing[]) =>
  columns.filter(([, key]) => rows.some((row) => row[key] !== ''))
