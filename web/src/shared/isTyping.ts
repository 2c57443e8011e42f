/** Whether a key was pressed in a field, where it belongs to the text. */
export function isTyping(event: KeyboardEvent): boolean {
  const at = event.target
  return at instanceof HTMLElement && (at.isContentEditable || at.matches('input, textarea, select'))
}
