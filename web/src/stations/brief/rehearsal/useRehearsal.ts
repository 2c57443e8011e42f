import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import { linesOf } from '@/api/linesOf'
import type {
  Brief,
  Refusal,
  RehearsalAsked,
  RehearsalInput,
  RehearsalOffer,
  RehearsalReport,
  RehearsalStep,
} from '@/api/names'
import { latest } from '@/shared/latest'
import { useDraft } from '@/shared/useDraft'

/**
 * A brief that whole classes play: how it is asked for, how far it is, and what came of it. What somebody wrote of what
 * to expect is kept in this browser; nothing else is.
 */
export function useRehearsal(id: string, brief: Ref<Brief>) {
  const { draft: asked } = useDraft<RehearsalAsked>(
    () => ({
      expected: {},
      chances: {},
      teams: brief.value.timing.teams,
      classes: 1000,
      alike: 60,
      allRound: 40,
      seed: 1,
    }),
    `rehearsal:${id}`,
  )
  const tier = ref('')
  /** What is expected, before anything is played. */
  const inputs = ref<readonly RehearsalInput[]>([])
  const askExpected = latest(() =>
    ask(
      api.POST('/api/drafts/rehearsal/expected', {
        body: { brief: brief.value, tier: tier.value, asked: asked.value, of: id },
      }),
    ),
  )
  const expected = useDebounceFn(async () => {
    const answer = await askExpected()
    if (answer?.ok) inputs.value = answer.data
  }, 350)
  watch([brief, tier], () => void expected(), { deep: true, immediate: true })
  const step = ref<RehearsalStep>()
  const report = ref<RehearsalReport>()
  const offers = ref<RehearsalOffer[]>([])
  const refusal = ref<Refusal>()
  const going = ref<AbortController>()
  /** The brief as it was played. */
  const played = ref('')
  const stale = computed(() => report.value !== undefined && played.value !== JSON.stringify(brief.value))

  async function rehearse() {
    stop()
    const controller = new AbortController()
    going.value = controller
    const text = JSON.stringify(brief.value)
    try {
      const answer = await ask(
        api.POST('/api/drafts/rehearsal', {
          body: { brief: brief.value, tier: tier.value, asked: asked.value, of: id },
          parseAs: 'stream',
          signal: controller.signal,
        }),
      )
      refusal.value = refusalOf(answer)
      if (!answer.ok) return
      for await (const line of linesOf(answer.data)) hear(JSON.parse(line) as RehearsalStep, text)
    } catch (wrong) {
      // Whoever stops it wants no more of it. A line that is lost on the way is said like one that was never there.
      if (!controller.signal.aborted && !(wrong instanceof TypeError)) throw wrong
      if (!controller.signal.aborted) refusal.value = refusalOf<never>({ ok: false, offline: true })
    } finally {
      if (going.value === controller) {
        going.value = undefined
        step.value = undefined
      }
    }
  }

  function hear(now: RehearsalStep, text: string) {
    step.value = now
    if (now.report) {
      report.value = now.report
      played.value = text
      offers.value = []
    }
    if (now.tried?.offer) offers.value = [...offers.value, now.tried.offer]
  }

  function stop() {
    going.value?.abort()
    going.value = undefined
    step.value = undefined
  }

  return { inputs, asked, tier, step, report, offers, refusal, going, stale, rehearse, stop }
}
