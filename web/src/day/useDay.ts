import { useIntervalFn } from '@vueuse/core'
import { api, ask } from '@/api/client'
import { useKept } from '@/shared/useKept'

/** A day has many lines and no clock of its own: it is looked at again every few seconds. */
const often = 5_000

/** A fair day as it goes on; without a connection as it was last known here. */
export function useDay(id: string) {
  const day = useKept(
    'days',
    () => id,
    () => ask(api.GET('/api/days/{id}', { params: { path: { id } } })),
  )
  void day.load()
  useIntervalFn(() => void day.load(), often)
  return day
}

interface Times {
  from?: string | null
  to?: string | null
}

/** From when to when: "9:15 to 10:45". */
export const timesSay = (r: Times) =>
  [r.from, r.to]
    .filter(Boolean)
    .map((t) => t!.slice(0, 5).replace(/^0/, ''))
    .join(' to ')

/** From when to when, and where. */
export const slotSays = (r: Times & { where: string }) => [timesSay(r), r.where].filter(Boolean).join(', ')
