import { computed, ref, watch, type Ref } from 'vue'
import { keptDraft } from './keptDraft'

/**
 * What is being put together before it is recorded: it follows what is kept until somebody touches it, and again from
 * when it is recorded itself.
 * @param kept What is recorded so far.
 * @param key Names it on this device, where it outlasts leaving, reloading and closing the page; absent where it does
 * not.
 */
export function useDraft<T>(kept: () => T, key?: string) {
  const copy = (text: string) => JSON.parse(text) as T
  const keptText = computed(() => JSON.stringify(kept()))
  const store = key ? keptDraft(key, kept) : undefined
  const left = store?.read()
  const draft = ref(left ? left.value : copy(keptText.value)) as Ref<T>
  const changed = computed(() => JSON.stringify(draft.value) !== keptText.value)
  /** Lets go of what was put together; also where the page has gone on and watches no more. */
  function follow() {
    draft.value = copy(keptText.value)
    store?.drop()
  }
  watch(keptText, (now, before) => {
    if (JSON.stringify(draft.value) === before) draft.value = copy(now)
  })
  watch(
    [draft, keptText],
    () => {
      if (changed.value) store?.keep(keptText.value, draft.value)
      else store?.drop()
    },
    { deep: true },
  )
  return { draft, changed, follow }
}
