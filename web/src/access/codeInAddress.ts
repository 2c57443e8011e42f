/**
 * The code that a link brought behind its #, which browsers send to nobody. It is taken out of the address at once, so
 * that it stays in no history and on no screen.
 */
export function codeInAddress() {
  const code = window.location.hash.slice(1)
  if (code) window.history.replaceState(window.history.state, '', window.location.pathname)
  return code
}
