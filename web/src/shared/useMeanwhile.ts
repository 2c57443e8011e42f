import { ref } from 'vue'
import type { Answer } from '@/api/client'
import type { Difference } from '@/api/names'

interface Meanwhile {
  title: string
  differences: readonly Difference[]
  keep: () => unknown
}

/**
 * What another window saved first. Nothing is overwritten: what it saved is read again by `load`, and whoever sits here
 * chooses, knowing both.
 */
export function useMeanwhile(load: () => Promise<unknown>) {
  const meanwhile = ref<Meanwhile>()

  /** Whether a save came second; `again` saves the same once more, over what stands now. */
  async function cameSecond(answer: Answer<unknown>, again: () => unknown) {
    const second = !answer.ok && !answer.offline && answer.status === 412
    meanwhile.value = second
      ? { title: answer.refusal.title ?? '', differences: answer.refusal.differences ?? [], keep: again }
      : undefined
    if (second) await load()
    return second
  }
  function keepMine() {
    const keep = meanwhile.value?.keep
    meanwhile.value = undefined
    keep?.()
  }
  const letGo = () => (meanwhile.value = undefined)
  return { meanwhile, cameSecond, keepMine, letGo }
}
