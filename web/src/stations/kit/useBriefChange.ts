import { ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Brief, Refusal } from '@/api/names'

/** Writes something that is seen at Kit into the brief itself, so that every page says the same. */
export function useBriefChange(id: string) {
  const refusal = ref<Refusal>()
  async function change(write: (brief: Brief) => void) {
    const at = { params: { path: { id } } }
    const opened = await ask(api.GET('/api/briefs/{id}', at))
    if (!opened.ok) return void (refusal.value = refusalOf(opened))
    write(opened.data)
    const saved = await ask(
      api.PUT('/api/briefs/{id}', { ...at, headers: { 'If-Match': opened.etag }, body: opened.data }),
    )
    refusal.value = saved.ok ? undefined : refusalOf(saved)
    return saved.ok
  }
  return { refusal, change }
}
