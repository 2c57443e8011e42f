import { shallowRef } from 'vue'
import { thisBrowser } from '@/shared/thisBrowser'

/** A table of a rally on a fair day. */
export interface Table {
  day: string
  rally: string
  table: number
}

const key = 'day:table'
const table = shallowRef(JSON.parse(thisBrowser.read(key) ?? 'null') as Table | null)

/** The table that a helper chose at the door, kept in this browser so that every page leads back to it. */
export function useMyTable() {
  const choose = (chosen: Table) => {
    table.value = chosen
    thisBrowser.keep(key, JSON.stringify(chosen))
  }
  return { table, choose }
}

export const tablePath = ({ day, rally, table }: Table) => `/days/${day}/rallies/${rally}/tables/${table}`
