/**
 * Stands in for all of PrimeVue that works out how its controls look (vite.config.ts). They are given their look when
 * the front end is built (controlStyles.ts), so there is nothing to do in the browser.
 */
const nothing = () => ({})

const BaseStyle = {
  name: 'base',
  load: nothing,
  loadCSS: nothing,
  loadStyle: nothing,
  extend: (own: object): object => ({ ...BaseStyle, ...own }),
}
export default BaseStyle

/** The rules of one control. */
export const style = ''

export const Theme = {
  setTheme: nothing,
  isStyleNameLoaded: () => true,
  setLoadedStyleName: nothing,
}

/** Who would be told of another theme; there is one. */
export const ThemeService = { on: nothing, off: nothing, clear: nothing }

/** The name that a value of the preset has in the style sheet. */
export const $dt = (value: string) => ({ name: `--p-${value.replaceAll('.', '-')}` })
