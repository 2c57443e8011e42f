import { whenever } from '@vueuse/core'
import { readonly, ref } from 'vue'

/**
 * Turns true once what is wanted first has been seen: what stands further down is drawn after it, so that on a slow
 * tablet nobody waits for what is not on the screen yet.
 */
export function useAfterwards(first: () => unknown) {
  const after = ref(false)
  const go = () => (after.value = true)
  // A window behind another one draws nothing, and nobody waits before it.
  const seen = () => (document.hidden ? go() : requestAnimationFrame(() => setTimeout(go)))
  whenever(first, seen, { immediate: true, once: true, flush: 'post' })
  return readonly(after)
}
