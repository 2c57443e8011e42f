import { whenever } from '@vueuse/core'
import { readonly, ref } from 'vue'

/** Whether something has been so at least once: what was opened stays, with what was typed into it. */
export function useOnce(so: () => unknown) {
  const once = ref(false)
  whenever(so, () => (once.value = true), { once: true })
  return readonly(once)
}
