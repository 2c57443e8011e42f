import type { JudgeTally } from '@/api/names'

type Counter = JudgeTally['counters'][number]

/** How many of those that were recorded count; two judges may both have said yes. */
export const counting = (counter: Counter, recorded: string | undefined) =>
  Math.min(Number(recorded ?? 0), counter.atMost ?? Infinity)

/** How many more would count. */
export const room = (counter: Counter, recorded: string | undefined) =>
  (counter.atMost ?? Infinity) - counting(counter, recorded)
