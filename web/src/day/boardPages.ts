import type { AwardOnBoard, DayBoard, NamedList, RallyOnBoard, TableNow } from '@/api/names'

/** A page of a fair day's board: everybody on it can be read from eight meters. */
export type BoardPage =
  | { kind: 'where'; rallies: readonly RallyOnBoard[] }
  | { kind: 'tables'; title: string; says: string; rows: readonly { of: string; table: TableNow }[] }
  | { kind: 'list'; title: string; says: string; rows: NamedList['rows'] }
  | { kind: 'reveal'; title: string; says: string; lists: readonly NamedList[] }
  | { kind: 'awards'; title: string; awards: readonly AwardOnBoard[] }
  | { kind: 'empty'; says: string }

/** So many rows fit on a page; longer lists are cut into pages of nearly the same length. */
const most = 12
const mostAwards = 6
/** While places are revealed, the newest of each list stay. */
const newest = 10

function inPages<T>(all: readonly T[], fit = most): T[][] {
  const pages = Math.ceil(all.length / fit)
  const each = Math.ceil(all.length / pages)
  return Array.from({ length: pages }, (_, i) => all.slice(i * each, (i + 1) * each))
}

const tables = (rallies: readonly RallyOnBoard[]): BoardPage[] =>
  inPages(
    rallies.filter((r) => r.left > 0).flatMap((r) => r.tables.map((table) => ({ of: r.name, table }))),
    8,
  ).map((rows) => ({ kind: 'tables', title: 'Now, and next', says: '', rows }))

const lists = (board: DayBoard, byClass: boolean): BoardPage[] =>
  board.lists.flatMap((l) =>
    l.lists.flatMap((named) => {
      const pages = inPages(named.rows)
      let from = 0
      return pages.map((rows): BoardPage => {
        const first = from + 1
        from += rows.length
        const which = pages.length > 1 ? `${first} to ${from} of ${named.rows.length} teams. ` : ''
        return {
          kind: 'list',
          title: named.name || l.title,
          says: which + (named.name && !byClass ? `${l.title}. ` : '') + l.winsText,
          rows,
        }
      })
    }),
  )

const reveal = (board: DayBoard): BoardPage[] =>
  board.lists.map((l) => ({
    kind: 'reveal',
    title: l.title,
    says: l.winsText,
    lists: l.lists.map((named) => ({ ...named, rows: named.rows.slice(0, newest) })),
  }))

const awards = (board: DayBoard): BoardPage[] =>
  inPages(board.awards, mostAwards).map((some) => ({ kind: 'awards', title: 'Awards', awards: some }))

/** The pages of a board, in the order in which they come by. */
export function boardPages(board: DayBoard): BoardPage[] {
  const pages = {
    everything: () => [
      { kind: 'where' as const, rallies: board.rallies },
      ...tables(board.rallies),
      ...lists(board, false),
    ],
    tables: () => tables(board.rallies),
    list: () => lists(board, false),
    class: () => lists(board, true),
    awards: () => awards(board),
    reveal: () => reveal(board),
  }[board.shows]()
  const nothing = {
    everything: 'Nothing yet.',
    tables: 'All teams have been tested.',
    list: 'No results to combine yet.',
    class: 'No results yet.',
    awards: 'No awards yet.',
    reveal: 'No results to combine yet.',
  }[board.shows]
  return pages.length > 0 ? pages : [{ kind: 'empty', says: nothing }]
}
