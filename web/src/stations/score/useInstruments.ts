import { useIntervalFn } from '@vueuse/core'
import { shallowRef } from 'vue'
import { api, ask } from '@/api/client'
import type { Instrument } from '@/api/names'

/** How often displays are looked at; a display that has come to rest stays so for longer. */
const often = 400
/** Where nothing is connected it is enough to look now and then. */
const seldom = 12

/** What the connected instruments show. */
export function useInstruments(rally: string) {
  const all = shallowRef<readonly Instrument[]>([])
  let turn = 0
  async function look() {
    if (all.value.length === 0 && turn++ % seldom !== 0) return
    const answer = await ask(api.GET('/api/rallies/{id}/instruments', { params: { path: { id: rally } } }))
    all.value = answer.ok ? answer.data : all.value.map((i) => ({ ...i, state: 'lost', shown: '' }))
  }
  useIntervalFn(() => void look(), often, { immediateCallback: true })
  return all
}
