import { ref, watch } from 'vue'
import { thisBrowser } from './thisBrowser'

const key = 'single-keys'

/**
 * Whether a single key does something on this device. Whoever speaks to the computer, or touches keys by accident, can
 * switch it off (WCAG 2.2, 2.1.4); keys with Alt or Ctrl still work.
 */
export const singleKeys = ref(thisBrowser.read(key) !== 'off')
watch(singleKeys, (on) => (on ? thisBrowser.drop(key) : thisBrowser.keep(key, 'off')))
