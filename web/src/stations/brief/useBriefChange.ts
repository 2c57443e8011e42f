import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Brief, Change, ChangePreview, Refusal } from '@/api/names'
import type { Halves } from '@/fields/halfTyped'
import { keptDraft, type KeptDraft } from '@/shared/keptDraft'
import type { BriefTyped } from './briefTyped'
import { useMeanwhile } from '@/shared/useMeanwhile'
import { useCheckup } from './useCheckup'
import { useSteps } from './useSteps'

/** A change that is not done yet. */
interface ChangeTyped extends BriefTyped {
  reason: string
}

/**
 * The brief of a rally while it is changed. Nothing counts before it is kept; what is changed stays in this browser, so
 * that nobody begins again after a glance at another page.
 */
export function useBriefChange(rally: string, round: Ref<number>) {
  const brief = ref<Brief>()
  const { checkup, problems, check } = useCheckup(brief)
  const halves = ref<Halves>({})
  const reason = ref('')
  const onlyThisRound = ref(false)
  const shelfToo = ref(false)
  /** Whether a price that changes holds for what is bought from now on alone. */
  const pricesFromNow = ref(true)
  /** What would change; absent until it was looked at, and when something was changed since. */
  const seen = ref<ChangePreview>()
  const refusal = ref<Refusal>()
  /** As the round runs it now. */
  const from = ref('')
  const { step, ...steps } = useSteps(brief)
  const store = () =>
    keptDraft<ChangeTyped>(`brief-change:${rally}:${round.value}`, () => ({ text: '', halves: {}, reason: '' }))
  /** What an earlier window left, while the rally's brief has been changed since. */
  const left = ref<KeptDraft<ChangeTyped>>()
  const text = () => JSON.stringify(brief.value)
  const changed = computed(() => !!brief.value && JSON.stringify(brief.value) !== from.value)

  const read = () =>
    ask(api.GET('/api/rallies/{id}/brief-changes', { params: { path: { id: rally }, query: { round: round.value } } }))
  async function open() {
    const answer = await read()
    refusal.value = refusalOf(answer)
    if (!answer.ok) return
    letGoOfTheirs()
    from.value = JSON.stringify(answer.data.brief)
    const kept = store().read()
    const goesOn = kept?.base === from.value
    left.value = goesOn ? undefined : kept
    take(goesOn ? kept.value : { text: from.value, halves: {}, reason: '' })
    seen.value = undefined
    steps.begin()
    await check()
  }
  function take(typed: ChangeTyped) {
    brief.value = JSON.parse(typed.text) as Brief
    halves.value = typed.halves
    reason.value = typed.reason
  }
  /** Nothing is kept over what an earlier window left before somebody has chosen. */
  function keepHere() {
    if (left.value) return
    if (!changed.value && Object.keys(halves.value).length === 0 && !reason.value) store().drop()
    else store().keep(from.value, { text: text(), halves: halves.value, reason: reason.value })
  }
  function restore() {
    if (!left.value) return
    const { value } = left.value
    left.value = undefined
    take(value)
  }
  function discard() {
    left.value = undefined
    keepHere()
  }
  const soon = useDebounceFn(() => {
    step()
    void check()
  }, 350)
  watch(
    brief,
    () => {
      if (!brief.value) return
      keepHere()
      seen.value = undefined
      void soon()
    },
    { deep: true },
  )
  watch([halves, reason], keepHere)
  watch([onlyThisRound], () => (seen.value = undefined))
  watch(pricesFromNow, () => seen.value && void preview())

  /** What another window changed becomes what this change begins with; what is typed here stays. */
  const {
    meanwhile,
    cameSecond,
    letGo: letGoOfTheirs,
  } = useMeanwhile(async () => {
    const answer = await read()
    if (!answer.ok) return
    from.value = JSON.stringify(answer.data.brief)
    keepHere()
  })

  const body = () => ({
    was: JSON.parse(from.value) as Brief,
    brief: brief.value!,
    round: round.value,
    onlyThisRound: onlyThisRound.value,
    reason: reason.value,
    shelfToo: shelfToo.value,
    pricesFromNow: pricesFromNow.value,
  })
  const at = { params: { path: { id: rally } } }
  /** Places of the brief are the sheet's; what else is wrong is said above it. */
  function refused(now: Refusal | undefined) {
    refusal.value = now
    if (now) problems.value = now.problems.map((p) => ({ ...p, at: p.at.replace(/^\/brief/, '') }))
  }
  async function preview() {
    const answer = await ask(api.POST('/api/rallies/{id}/brief-changes/preview', { ...at, body: body() }))
    if (await cameSecond(answer, preview)) return
    refused(refusalOf(answer))
    seen.value = answer.ok ? answer.data : undefined
  }
  /** Keeps it; says what became of it on the shelf where that went wrong. */
  async function keep() {
    const answer = await ask(api.POST('/api/rallies/{id}/brief-changes', { ...at, body: body() }))
    // Whoever keeps theirs looks first what it changes now.
    if (await cameSecond(answer, preview)) return void (seen.value = undefined)
    refused(refusalOf(answer))
    if (!answer.ok) return undefined
    store().drop()
    from.value = text()
    return { notOnShelf: answer.data.notOnShelf ?? '' }
  }
  /** As it was when this page was opened. */
  async function letGo() {
    store().drop()
    await open()
  }
  const applyChanges = async (changes: readonly Change[], since?: Brief) =>
    refused(await steps.applyChanges(changes, since))
  return {
    brief,
    checkup,
    problems,
    halves,
    reason,
    onlyThisRound,
    shelfToo,
    pricesFromNow,
    seen,
    refusal,
    meanwhile,
    changed,
    left,
    restore,
    discard,
    open,
    preview,
    keep,
    letGo,
    ...steps,
    applyChanges,
  }
}
