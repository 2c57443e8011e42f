import { computed } from 'vue'
import { useDraft } from './useDraft'

/**
 * A document that is changed on a page and saved as a whole. Until it is saved it stays in this browser, with the one
 * that it was changed from: what another window saves meanwhile is noticed, and not overwritten.
 * @param kept The document as the server has it; absent until it was asked.
 * @param key Names it on this device.
 */
export function useEdited<T>(kept: () => T | undefined, key: string) {
  const { draft, changed, follow } = useDraft(() => ({ was: kept(), now: kept() }), key)

  /** The server has it as it was sent, and so has `kept`; what was typed since stays. */
  function saved(sent: T) {
    if (JSON.stringify(draft.value.now) === JSON.stringify(sent)) follow()
    else draft.value.was = kept()
  }
  return {
    typed: computed(() => draft.value.now),
    was: computed(() => draft.value.was),
    changed: computed(() => changed.value && draft.value.now !== undefined),
    saved,
    discard: follow,
  }
}
