/** Never a field: on a phone its keyboard would come up, and keys that mean something on the page would be typed. */
const usable = 'a[href], button:not(:disabled), summary, [tabindex]:not([tabindex="-1"], input, textarea, select)'

function within(node: Node | null) {
  if (!(node instanceof HTMLElement)) return []
  return [...(node.matches(usable) ? [node] : []), ...node.querySelectorAll<HTMLElement>(usable)]
}

function* siblings(from: Node | null, next: (node: Node) => Node | null) {
  for (let node = from; node; node = next(node)) yield node
}

/**
 * Keeps the keyboard where the work is: when the button or field that had it goes (a line is removed, a form closes),
 * it goes on at what stands next, else before, else around it; when a dialog goes, at what had opened it. Browsers
 * leave it at the top of the page.
 */
export function keepFocus() {
  let last: HTMLElement | undefined
  /** What had the keyboard before each dialog that is open. */
  const openers = new WeakMap<Element, HTMLElement>()
  const onFocus = (event: FocusEvent) => {
    const now = event.target
    if (!(now instanceof HTMLElement)) return
    const dialog = now.closest('[role=dialog]')
    if (dialog && !openers.has(dialog) && last && !dialog.contains(last)) openers.set(dialog, last)
    last = now
  }
  const watching = new MutationObserver((changes) => {
    if (!last || last.isConnected || document.activeElement !== document.body) return
    const gone = changes.find((c) => [...c.removedNodes].some((n) => n.contains(last!)))
    if (!gone) return
    const dialog = last.closest('[role=dialog]')
    const opener = dialog && openers.get(dialog)
    const place = gone.target instanceof HTMLElement ? gone.target : undefined
    const to = opener?.isConnected
      ? opener
      : ([...siblings(gone.nextSibling, (n) => n.nextSibling)].flatMap(within)[0] ??
        [...siblings(gone.previousSibling, (n) => n.previousSibling)].flatMap((n) => within(n).reverse())[0] ??
        within(place?.closest('section, form, main') ?? null)[0])
    to?.focus({ preventScroll: true })
  })
  document.addEventListener('focusin', onFocus)
  watching.observe(document.body, { childList: true, subtree: true })
  return () => {
    document.removeEventListener('focusin', onFocus)
    watching.disconnect()
  }
}
