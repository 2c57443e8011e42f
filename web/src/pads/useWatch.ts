import { useIntervalFn } from '@vueuse/core'
import { computed, ref } from 'vue'

/** A watch: runs from a touch, and says how long it ran. */
export function useWatch() {
  const began = ref<number>()
  const now = ref(performance.now())
  const { pause, resume } = useIntervalFn(() => (now.value = performance.now()), 100, { immediate: false })
  const running = computed(() => began.value !== undefined)
  const seconds = computed(() => (began.value === undefined ? 0 : Math.max(0, now.value - began.value) / 1000))
  function start() {
    began.value = now.value = performance.now()
    resume()
  }
  function stop() {
    const seconds = began.value === undefined ? 0 : (performance.now() - began.value) / 1000
    began.value = undefined
    pause()
    return seconds
  }
  return { running, seconds, start, stop }
}
