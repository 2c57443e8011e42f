import { useDebounceFn, useIntervalFn } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Brief, Change, Difference, Refusal } from '@/api/names'
import type { Halves } from '@/fields/halfTyped'
import { keptDraft, type KeptDraft } from '@/shared/keptDraft'
import type { BriefTyped } from './briefTyped'
import { useCheckup } from './useCheckup'
import { useSteps } from './useSteps'

/**
 * A tier on a sheet of its own: the whole brief as the tier runs it, to be changed like any other. What differs from
 * the brief becomes what the tier has of its own, and is saved with the brief.
 * @param whole The brief with its tiers.
 */
export function useTierSheet(id: string, tier: string, whole: Ref<Brief | undefined>) {
  const brief = ref<Brief>()
  const { checkup, problems, check } = useCheckup(brief)
  const halves = ref<Halves>({})
  const differences = ref<readonly Difference[]>([])
  const refusal = ref<Refusal>()
  const { step, ...steps } = useSteps(brief)
  const store = keptDraft<BriefTyped>(`tier:${id}:${tier}`, () => ({ text: '', halves: {} }))
  /** What an earlier window left, while the tier has been changed since. */
  const left = ref<KeptDraft<BriefTyped>>()
  /** Why what stands here has not become the tier yet. */
  const behind = ref<'offline' | 'failed' | 'refused'>()
  /** The sheet as the tier has it. */
  let from = ''
  const text = () => JSON.stringify(brief.value)
  const name = computed(() => whole.value?.tiers.find((t) => t.id === tier)?.name ?? '')

  async function laid() {
    const answer = await ask(api.POST('/api/drafts/edition', { body: { brief: whole.value!, tier } }))
    refusal.value = refusalOf(answer)
    if (answer.ok) differences.value = answer.data.differences
    return answer.ok ? answer.data.brief : undefined
  }
  async function open() {
    if (!whole.value) return
    const now = await laid()
    if (!now) return
    from = JSON.stringify(now)
    const kept = store.read()
    const goesOn = kept?.base === from
    left.value = goesOn ? undefined : kept
    put(goesOn ? kept.value : { text: from, halves: {} })
    steps.begin()
    await check()
  }
  function put(typed: BriefTyped) {
    halves.value = typed.halves
    brief.value = JSON.parse(typed.text) as Brief
  }
  /** Nothing is kept over what an earlier window left before somebody has chosen. */
  function keepHere() {
    if (left.value) return
    if (text() === from && Object.keys(halves.value).length === 0) store.drop()
    else store.keep(from, { text: text(), halves: halves.value })
  }
  function restore() {
    if (!left.value) return
    const { value } = left.value
    left.value = undefined
    put(value)
  }
  function discard() {
    left.value = undefined
    keepHere()
  }
  /** Makes the tier what stands on its sheet. */
  async function take() {
    if (!brief.value || !whole.value || text() === from) return
    const sent = text()
    const answer = await ask(
      api.POST('/api/drafts/tier/edited', { body: { brief: whole.value, tier, edited: brief.value } }),
    )
    behind.value = answer.ok ? undefined : answer.offline ? 'offline' : answer.status >= 500 ? 'failed' : 'refused'
    if (!answer.ok) return void (refusal.value = answer.offline ? undefined : answer.refusal)
    const at = whole.value.tiers.findIndex((t) => t.id === tier)
    if (at >= 0) whole.value.tiers[at] = answer.data
    from = sent
    keepHere()
    await laid()
    if (text() !== sent) await take()
  }
  const soon = useDebounceFn(async () => {
    step()
    await take()
    await check()
  }, 350)
  watch(
    brief,
    () => {
      if (!brief.value) return
      keepHere()
      if (text() !== from) void soon()
    },
    { deep: true },
  )
  watch(halves, keepHere)
  useIntervalFn(() => void (behind.value && behind.value !== 'refused' && take()), 3_000)
  const applyChanges = async (changes: readonly Change[], since?: Brief) => {
    refusal.value = await steps.applyChanges(changes, since)
  }
  return {
    brief,
    checkup,
    problems,
    halves,
    differences,
    refusal,
    behind,
    name,
    open,
    take,
    ...steps,
    applyChanges,
    left,
    restore,
    discard,
  }
}
