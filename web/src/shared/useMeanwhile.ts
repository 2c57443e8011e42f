import { ref } from 'vue'
import type { Answer } from '@/api/client'
import type { Difference } from '@/api/names'

/** What another window saved first, and how what is here is saved over it anyway. */
export interface Meanwhile {
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
  const letGo = () => (meanwhile.value = undefined)

  /** Whether a save came second; `again` saves the same once more, over what stands now. */
  async function cameSecond(answer: Answer<unknown>, again: () => unknown) {
    letGo()
    if (answer.ok || answer.offline || answer.status !== 412) return false
    const { title, differences } = answer.refusal
    const keep = () => {
      letGo()
      return again()
    }
    // It is read first: whoever takes the other one takes what stands now.
    await load()
    meanwhile.value = { title: title ?? '', differences: differences ?? [], keep }
    return true
  }
  return { meanwhile, cameSecond, letGo }
}
