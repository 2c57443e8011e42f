/**
 * Where somebody comes in by a code in the teacher's own browser, that window is the judge's and says so with each
 * request; the teacher's other windows stay what they are. It lasts as long as the window.
 */
const key = 'judging-window'

export const judgingWindow = {
  ticket: () => sessionStorage.getItem(key),
  become: (ticket: string) => sessionStorage.setItem(key, ticket),
  leave: () => sessionStorage.removeItem(key),
}
