/** Things of one day together, in the order in which their days come first. */
export function byDay<T extends { date?: string | null }>(all: readonly T[]): [day: string, group: T[]][] {
  const days = new Map<string, T[]>()
  for (const one of all) days.set(one.date ?? '', [...(days.get(one.date ?? '') ?? []), one])
  return [...days]
}
