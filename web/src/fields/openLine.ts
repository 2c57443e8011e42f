/** Opens what else can be set in a line of the sheet, for as long as the page stands; its look is in base.css. */
export function openLine(touched: FocusEvent) {
  if (touched.currentTarget instanceof HTMLElement) touched.currentTarget.dataset.open = ''
}
