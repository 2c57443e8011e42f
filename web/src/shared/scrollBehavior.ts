import type { RouterScrollBehavior } from 'vue-router'

/** A page that has not come by then is not waited for: it stays at its top. */
const patience = 3_000

/** Waits until something holds that the page's height has to do with. */
function whenGrown(holds: () => boolean) {
  if (holds()) return Promise.resolve()
  return new Promise<void>((resolve) => {
    const watching = new ResizeObserver(() => holds() && end())
    const tooLong = setTimeout(end, patience)
    function end() {
      watching.disconnect()
      clearTimeout(tooLong)
      resolve()
    }
    watching.observe(document.body)
  })
}

/**
 * Back and a reload lead to where one was, as soon as the page is there; a link to a part of a page leads to that; what
 * changes within a page, such as a section or a round, leaves the page where it is; a new page begins at its top.
 */
export const scrollBehavior: RouterScrollBehavior = async (to, from, saved) => {
  if (saved) {
    await whenGrown(() => document.documentElement.scrollHeight >= saved.top + innerHeight)
    return saved
  }
  if (to.hash) {
    const el = `#${CSS.escape(to.hash.slice(1))}`
    await whenGrown(() => document.querySelector(el) !== null)
    return document.querySelector(el) ? { el } : { top: 0 }
  }
  return to.path === from.path ? false : { top: 0 }
}
