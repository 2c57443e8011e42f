import { ref } from 'vue'
import { api, ask, refusalFrom, refusalOf } from '@/api/client'
import type { Brief, Refusal } from '@/api/names'

/**
 * Writes something that is seen at Kit into the brief itself, so that every page says the same. What would be wrong
 * there is said here and not kept.
 */
export function useBriefChange(id: string) {
  const refusal = ref<Refusal>()
  async function change(place: string, write: (brief: Brief) => void) {
    const at = { params: { path: { id } } }
    const opened = await ask(api.GET('/api/briefs/{id}', at))
    if (!opened.ok) return void (refusal.value = refusalOf(opened))
    write(opened.data)
    const checked = await ask(api.POST('/api/drafts/check', { body: opened.data }))
    if (!checked.ok) return void (refusal.value = refusalOf(checked))
    const wrong = checked.data.problems.filter((p) => p.at === place)
    if (wrong.length > 0) return void (refusal.value = refusalFrom(wrong))
    const saved = await ask(
      api.PUT('/api/briefs/{id}', { ...at, headers: { 'If-Match': opened.etag }, body: opened.data }),
    )
    refusal.value = saved.ok ? undefined : refusalOf(saved)
    return saved.ok
  }
  return { refusal, change }
}
