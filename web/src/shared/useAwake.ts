import { useWakeLock } from '@vueuse/core'
import { onMounted } from 'vue'

/**
 * Keeps the screen of a wall on. One that may not be kept awake is still a wall; the computer's own settings decide
 * then.
 */
export function useAwake() {
  const awake = useWakeLock()
  onMounted(() => {
    if (awake.isSupported.value) void awake.request('screen').catch(() => undefined)
  })
}
