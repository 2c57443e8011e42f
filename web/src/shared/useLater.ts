import { shallowReadonly, shallowRef, watch, type Ref } from 'vue'

/**
 * What something is, once it has been seen as it is now: what stands further down follows what is wanted first by a
 * frame, so that on a slow tablet nobody waits for what is not on the screen yet.
 */
export function useLater<T>(of: () => T) {
  const later: Ref<T | undefined> = shallowRef()
  const follow = () => (later.value = of())
  // A window behind another one draws nothing, and nobody waits before it.
  const seen = () => (document.hidden ? follow() : requestAnimationFrame(() => setTimeout(follow)))
  watch(of, seen, { immediate: true, flush: 'post' })
  return shallowReadonly(later)
}
