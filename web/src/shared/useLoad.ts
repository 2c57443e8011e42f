import { ref, shallowRef } from 'vue'
import type { Refusal } from '@/api/names'
import type { Answer } from '@/api/client'
import { latest } from './latest'

export type LoadState = 'loading' | 'ready' | 'offline' | 'refused'

/** Loads something and can load it again; what was shown stays while a newer answer is on its way or does not come. */
export function useLoad<T>(request: () => Promise<Answer<T>>) {
  const data = shallowRef<T>()
  const etag = ref('')
  const refusal = ref<Refusal>()
  const state = ref<LoadState>('loading')
  const newest = latest(async () => {
    try {
      return await request()
    } catch (wrong) {
      // A fault of the page is seen, and can be tried again.
      if (state.value === 'loading') state.value = 'offline'
      throw wrong
    }
  })

  async function load() {
    const answer = await newest()
    if (!answer) return
    if (answer.ok) {
      data.value = answer.data
      etag.value = answer.etag
      state.value = 'ready'
    } else if (answer.offline) {
      state.value = 'offline'
    } else {
      refusal.value = answer.refusal
      state.value = 'refused'
    }
  }

  return { data, etag, refusal, state, load }
}
