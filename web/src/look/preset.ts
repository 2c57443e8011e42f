import { definePreset } from '@primeuix/themes'
import base from '@primeuix/themes/aura/base'
import button from '@primeuix/themes/aura/button'
import dialog from '@primeuix/themes/aura/dialog'
import inputtext from '@primeuix/themes/aura/inputtext'
import textarea from '@primeuix/themes/aura/textarea'

const lagoon = {
  50: '#e2efec',
  100: '#c6dfda',
  200: '#9cc7c1',
  300: '#6caaa6',
  400: '#3b8c8b',
  500: '#0f6f70',
  600: '#0a5455',
  700: '#083f40',
  800: '#062d2e',
  900: '#041e1f',
  950: '#021213',
}

/** PrimeVue in our own tokens: flat, crisp, ink edges, no shadows. Only the components that are used. */
export const preset = definePreset(
  { ...base, components: { button, dialog, inputtext, textarea } },
  {
    primitive: {
      borderRadius: { none: '0', xs: '1px', sm: '2px', md: '3px', lg: '3px', xl: '4px' },
      lagoon,
    },
    semantic: {
      primary: lagoon,
      focusRing: { width: '3px', style: 'solid', color: '#6a3a68', offset: '2px', shadow: 'none' },
      formField: {
        focusRing: { width: '3px', style: 'solid', color: '#6a3a68', offset: '1px', shadow: 'none' },
        shadow: 'none',
      },
      overlay: { modal: { borderRadius: '3px', shadow: 'none', padding: '1.25rem' } },
      colorScheme: {
        light: {
          primary: { color: '#0f6f70', contrastColor: '#ffffff', hoverColor: '#0a5455', activeColor: '#083f40' },
          formField: {
            borderColor: '#7b8a90',
            hoverBorderColor: '#1d2b33',
            focusBorderColor: '#1d2b33',
            color: '#1d2b33',
          },
          text: { color: '#1d2b33', hoverColor: '#1d2b33', mutedColor: '#51636b' },
          overlay: { modal: { background: '#ffffff', borderColor: '#1d2b33', color: '#1d2b33' } },
          mask: { background: 'rgba(29, 43, 51, 0.55)', color: '#1d2b33' },
        },
      },
    },
    components: {
      button: {
        root: { label: { fontWeight: '650' }, paddingY: '0.45rem', paddingX: '0.9rem' },
        colorScheme: {
          light: {
            root: {
              danger: {
                background: '#b23a26',
                hoverBackground: '#8f2d1d',
                activeBackground: '#8f2d1d',
                borderColor: '#b23a26',
                hoverBorderColor: '#8f2d1d',
                activeBorderColor: '#8f2d1d',
              },
              secondary: {
                background: '#51636b',
                hoverBackground: '#1d2b33',
                activeBackground: '#1d2b33',
                color: '#ffffff',
                hoverColor: '#ffffff',
                activeColor: '#ffffff',
              },
            },
            outlined: {
              primary: { borderColor: '#0f6f70', color: '#0a5455', hoverBackground: '#e2efec' },
              danger: { borderColor: '#b23a26', color: '#b23a26', hoverBackground: '#fae4de' },
              secondary: { borderColor: '#7b8a90', color: '#1d2b33', hoverBackground: '#efe9da' },
            },
            text: { secondary: { color: '#1d2b33', hoverBackground: '#efe9da' } },
          },
        },
      },
    },
  },
)
