import { css, Theme } from '@primeuix/styled'
import BaseStyle from '@primevue/core/base/style'
import baseicon from '@primevue/icons/baseicon/style'
import autocomplete from 'primevue/autocomplete/style'
import button from 'primevue/button/style'
import datatable from 'primevue/datatable/style'
import dialog from 'primevue/dialog/style'
import drawer from 'primevue/drawer/style'
import iconfield from 'primevue/iconfield/style'
import inputnumber from 'primevue/inputnumber/style'
import inputtext from 'primevue/inputtext/style'
import menu from 'primevue/menu/style'
import popover from 'primevue/popover/style'
import select from 'primevue/select/style'
import textarea from 'primevue/textarea/style'
import toggleswitch from 'primevue/toggleswitch/style'
import virtualscroller from 'primevue/virtualscroller/style'
import { createHash } from 'node:crypto'
import type { Plugin } from 'vite'
import { preset } from './src/look/preset.ts'

/** The look of one of PrimeVue's controls: what its types leave out. */
interface Look {
  name: string
  /** What has to be there before anything is drawn, as sheets in HTML. */
  getStyleSheet(): string
  /** The control in the values of the preset, as sheets in HTML. */
  getThemeStyleSheet(): string
  /** What a preset adds to the control. */
  getComponentTheme(): { style?: string }
}

const base = BaseStyle as unknown as Look & { getCommonThemeStyleSheet(): string }

/** The controls that are shown. */
const shown = [
  autocomplete,
  baseicon,
  button,
  datatable,
  dialog,
  drawer,
  iconfield,
  inputnumber,
  inputtext,
  menu,
  popover,
  select,
  textarea,
  toggleswitch,
  virtualscroller,
] as unknown as Look[]

/** They come along with those that are shown, and are never drawn or have no look of their own. */
const neverShown = ['badge', 'checkbox', 'chip', 'column', 'focustrap', 'inputicon', 'paginator', 'radiobutton']

const addedTo = (look: Look) =>
  css`
    ${look.getComponentTheme().style ?? ''}
  ` ?? ''

function sheetOfControls() {
  Theme.setTheme({ preset, options: { darkModeSelector: 'none' } })
  return [base.getStyleSheet(), base.getCommonThemeStyleSheet(), base.getThemeStyleSheet()]
    .concat(shown.flatMap((s) => [s.getStyleSheet(), s.getThemeStyleSheet(), addedTo(s)]))
    .join('')
    .replaceAll(/<\/?style[^>]*>/g, '')
}

/**
 * Works out how PrimeVue's controls look, once for all browsers. PrimeVue would do so in each of them, with each page
 * that is loaded, which took a tenth of that time; `look/builtStyle.ts` stands there instead. The sheet comes after all
 * others, where PrimeVue would have put it.
 */
export function controlStyles(): Plugin {
  let building = false
  let sheet = ''
  let file = ''
  return {
    name: 'control-styles',
    configResolved({ command }) {
      building = command === 'build'
    },
    buildStart() {
      sheet = sheetOfControls()
      if (!building) return
      file = `assets/controls-${createHash('sha256').update(sheet).digest('base64url').slice(0, 8)}.css`
      this.emitFile({ type: 'asset', fileName: file, source: sheet })
    },
    generateBundle(_, bundle) {
      const modules = Object.values(bundle).flatMap((c) => (c.type === 'chunk' ? c.moduleIds : []))
      const known = new Set([...shown.map((s) => s.name), ...neverShown])
      const names = modules.flatMap((m) => /(?:primevue|@primevue\/icons)\/(\w+)\/style\//.exec(m)?.[1] ?? [])
      const missing = names.filter((n) => !known.has(n))
      if (missing.length) this.error(`controlStyles.ts gives no look to: ${missing.join(', ')}.`)
    },
    transformIndexHtml: {
      order: 'post',
      handler: () => [
        building
          ? { tag: 'link', attrs: { rel: 'stylesheet', href: `/${file}` }, injectTo: 'head' }
          : { tag: 'style', children: sheet, injectTo: 'body' },
      ],
    },
  }
}
