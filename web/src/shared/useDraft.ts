import { computed, ref, watch, type Ref } from 'vue'

/** What is being put together before it is recorded: it follows what is kept until somebody touches it, and again from when it is kept itself. */
export function useDraft<T>(kept: () => T) {
  const copy = (text: string) => JSON.parse(text) as T
  const keptText = computed(() => JSON.stringify(kept()))
  const draft = ref(copy(keptText.value)) as Ref<T>
  const changed = computed(() => JSON.stringify(draft.value) !== keptText.value)
  const follow = () => (draft.value = copy(keptText.value))
  watch(keptText, (now, before) => {
    if (JSON.stringify(draft.value) === before) draft.value = copy(now)
  })
  return { draft, changed, follow }
}
