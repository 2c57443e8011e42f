import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Brief, Change, ChangePreview, Refusal } from '@/api/names'
import type { Halves } from '@/fields/halfTyped'
import { thisBrowser } from '@/shared/thisBrowser'
import { useMeanwhile } from '@/shared/useMeanwhile'
import { useCheckup } from './useCheckup'
import { useSteps } from './useSteps'

/** What a browser keeps of a change that is not done yet. */
interface KeptHere {
  from: string
  text: string
  halves: Halves
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
  const keptHere = () => `brief-change:${rally}:${round.value}`
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
    const left = JSON.parse(thisBrowser.read(keptHere()) ?? 'null') as KeptHere | null
    const goesOn = left?.from === from.value
    brief.value = goesOn ? (JSON.parse(left.text) as Brief) : answer.data.brief
    halves.value = goesOn ? left.halves : {}
    reason.value = goesOn ? left.reason : ''
    seen.value = undefined
    steps.begin()
    await check()
  }
  function keepHere() {
    if (!changed.value && Object.keys(halves.value).length === 0 && !reason.value) thisBrowser.drop(keptHere())
    else
      thisBrowser.keep(
        keptHere(),
        JSON.stringify({
          from: from.value,
          text: text(),
          halves: halves.value,
          reason: reason.value,
        } satisfies KeptHere),
      )
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
    thisBrowser.drop(keptHere())
    from.value = text()
    return { notOnShelf: answer.data.notOnShelf ?? '' }
  }
  /** As it was when this page was opened. */
  async function letGo() {
    thisBrowser.drop(keptHere())
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
    open,
    preview,
    keep,
    letGo,
    ...steps,
    applyChanges,
  }
}
