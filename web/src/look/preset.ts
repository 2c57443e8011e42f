import { definePreset } from '@primeuix/themes'
import base from '@primeuix/themes/aura/base'
import autocomplete from '@primeuix/themes/aura/autocomplete'
import button from '@primeuix/themes/aura/button'
import datatable from '@primeuix/themes/aura/datatable'
import dialog from '@primeuix/themes/aura/dialog'
import drawer from '@primeuix/themes/aura/drawer'
import inputtext from '@primeuix/themes/aura/inputtext'
import menu from '@primeuix/themes/aura/menu'
import popover from '@primeuix/themes/aura/popover'
import select from '@primeuix/themes/aura/select'
import iconfield from '@primeuix/themes/aura/iconfield'
import textarea from '@primeuix/themes/aura/textarea'
import toggleswitch from '@primeuix/themes/aura/toggleswitch'

/** The scale that PrimeVue asks for, of the three lagoons that there are. */
const lagoon = {
  50: 'var(--lagoon-wash)',
  100: 'var(--lagoon-wash)',
  200: 'var(--lagoon-wash)',
  300: 'var(--lagoon)',
  400: 'var(--lagoon)',
  500: 'var(--lagoon)',
  600: 'var(--lagoon-deep)',
  700: 'var(--lagoon-dark)',
  800: 'var(--lagoon-dark)',
  900: 'var(--lagoon-dark)',
  950: 'var(--lagoon-dark)',
}

/** The colors that are used: each one that comes along is written out before anything is seen. */
const { borderRadius, red, slate } = base.primitive

/** PrimeVue in our own tokens: flat, crisp, ink edges, no shadows. Only the components that are used. */
export const preset = definePreset(
  {
    ...base,
    primitive: { borderRadius, red, slate },
    components: {
      autocomplete,
      button,
      datatable,
      dialog,
      drawer,
      iconfield,
      inputtext,
      menu,
      popover,
      select,
      textarea,
      toggleswitch,
    },
  },
  {
    primitive: {
      borderRadius: { none: '0', xs: '1px', sm: '2px', md: '3px', lg: '3px', xl: '4px' },
      lagoon,
    },
    semantic: {
      primary: lagoon,
      focusRing: { width: '3px', style: 'solid', color: 'var(--plum)', offset: '2px', shadow: 'none' },
      formField: {
        focusRing: { width: '3px', style: 'solid', color: 'var(--plum)', offset: '1px', shadow: 'none' },
        shadow: 'none',
      },
      overlay: {
        modal: { borderRadius: '3px', shadow: 'none', padding: '1.25rem' },
        popover: { borderRadius: '3px', shadow: 'none', padding: '0.75rem 1rem' },
        select: { borderRadius: '3px', shadow: 'none' },
      },
      colorScheme: {
        light: {
          primary: {
            color: 'var(--lagoon)',
            contrastColor: 'var(--sheet)',
            hoverColor: 'var(--lagoon-deep)',
            activeColor: 'var(--lagoon-dark)',
          },
          formField: {
            borderColor: 'var(--edge)',
            hoverBorderColor: 'var(--ink)',
            focusBorderColor: 'var(--ink)',
            color: 'var(--ink)',
          },
          text: { color: 'var(--ink)', hoverColor: 'var(--ink)', mutedColor: 'var(--muted)' },
          overlay: {
            modal: { background: 'var(--sheet)', borderColor: 'var(--ink)', color: 'var(--ink)' },
            popover: { background: 'var(--sheet)', borderColor: 'var(--ink)', color: 'var(--ink)' },
            select: { background: 'var(--sheet)', borderColor: 'var(--ink)', color: 'var(--ink)' },
          },
          list: {
            option: {
              focusBackground: 'var(--lagoon-wash)',
              selectedBackground: 'var(--lagoon-wash)',
              selectedFocusBackground: 'var(--lagoon-wash)',
              color: 'var(--ink)',
              focusColor: 'var(--ink)',
              selectedColor: 'var(--lagoon-deep)',
              selectedFocusColor: 'var(--lagoon-deep)',
            },
            optionGroup: { color: 'var(--muted)' },
          },
          navigation: {
            item: { focusBackground: 'var(--lagoon-wash)', color: 'var(--ink)', focusColor: 'var(--ink)' },
          },
          mask: { background: 'var(--veil)', color: 'var(--ink)' },
        },
      },
    },
    components: {
      datatable: {
        root: { borderColor: 'var(--line)' },
        columnTitle: { fontWeight: '700' },
        headerCell: {
          padding: '0.35rem 0.75rem 0.35rem 0',
          background: 'transparent',
          hoverBackground: 'var(--lagoon-wash)',
          selectedBackground: 'transparent',
          color: 'var(--ink)',
          hoverColor: 'var(--ink)',
          selectedColor: 'var(--lagoon-deep)',
          borderColor: 'var(--ink)',
        },
        row: { background: 'transparent', color: 'var(--ink)' },
        bodyCell: { padding: '0.35rem 0.75rem 0.35rem 0', borderColor: 'var(--line)' },
        sortIcon: { color: 'var(--muted)', hoverColor: 'var(--ink)', size: '0.75rem' },
      },
      toggleswitch: {
        root: { borderRadius: '3px' },
        handle: { borderRadius: '2px' },
        colorScheme: {
          light: {
            root: { background: 'var(--edge)', hoverBackground: 'var(--muted)' },
            handle: { background: 'var(--sheet)', hoverBackground: 'var(--sheet)' },
          },
        },
      },
      button: {
        root: { label: { fontWeight: '650' }, paddingY: '0.45rem', paddingX: '0.9rem' },
        colorScheme: {
          light: {
            root: {
              danger: {
                background: 'var(--brick)',
                hoverBackground: 'var(--brick-deep)',
                activeBackground: 'var(--brick-deep)',
                borderColor: 'var(--brick)',
                hoverBorderColor: 'var(--brick-deep)',
                activeBorderColor: 'var(--brick-deep)',
              },
              secondary: {
                background: 'var(--muted)',
                hoverBackground: 'var(--ink)',
                activeBackground: 'var(--ink)',
                color: 'var(--sheet)',
                hoverColor: 'var(--sheet)',
                activeColor: 'var(--sheet)',
              },
            },
            outlined: {
              primary: {
                borderColor: 'var(--lagoon)',
                color: 'var(--lagoon-deep)',
                hoverBackground: 'var(--lagoon-wash)',
              },
              danger: { borderColor: 'var(--brick)', color: 'var(--brick)', hoverBackground: 'var(--brick-wash)' },
              secondary: { borderColor: 'var(--edge)', color: 'var(--ink)', hoverBackground: 'var(--paper-deep)' },
            },
            text: { secondary: { color: 'var(--ink)', hoverBackground: 'var(--paper-deep)' } },
          },
        },
      },
    },
  },
)
