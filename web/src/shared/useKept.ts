import { ref } from 'vue'
import type { Answer } from '@/api/client'
import { deviceStore, type OnThisDevice } from './deviceStore'
import { useLoad } from './useLoad'

type Kept = 'rallies' | 'albums' | 'days'
type Value<K extends Kept> = OnThisDevice[K]['value']['data']

/** Loads something that is also kept on this device, and shows what was last kept while there is no connection. */
export function useKept<K extends Kept>(store: K, key: () => string, request: () => Promise<Answer<Value<K>>>) {
  const { data, refusal, state, load: askAgain } = useLoad(request)
  /** When what is shown was last heard from the server; absent while it is fresh. */
  const asOf = ref<Date>()

  async function load() {
    const of = key()
    await askAgain()
    const db = await deviceStore()
    // What has come is of what is wanted by now, and that may be another than was wanted here.
    if (key() !== of) return
    if (state.value === 'ready' && data.value !== undefined) {
      asOf.value = undefined
      // A store that is full keeps what it had: this was only for a line that may be lost later.
      await db?.put(store, { data: data.value, at: Date.now() } as OnThisDevice[K]['value'], of).catch(() => undefined)
    } else if (state.value === 'offline') {
      const kept = await db?.get(store, of)
      if (!kept || key() !== of) return
      asOf.value = new Date(kept.at)
      data.value ??= kept.data
    }
  }
  return { data, refusal, state, load, asOf }
}
