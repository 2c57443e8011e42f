import { useIntervalFn } from '@vueuse/core'
import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue'
import { api, ask } from '@/api/client'
import type { JudgeRallyView, Refusal, RallyProgress } from '@/api/names'
import { useJudgeRally } from '@/shared/openRally'
import type { LoadState } from '@/shared/useLoad'
import { useOutbox } from '@/shared/useOutbox'
import { withOnItsWay } from './fold'
import { askSince, behind, nothingHeld, withChanges, withSheets } from './heldSheets'
import { keepSheets, keptSheets } from './keptSheets'
import { useTaken } from './useTaken'

/** A line that gives no answer for so long is none. */
const lineGone = 10_000
/** How often the sheets of other teams are brought up to date, for going on without a line. */
const seldom = 4_000
/** So many sheets come in one answer at most. */
const together = 25

/** The rally whose sheets are wanted: the one around the page, or one that is run with it. */
export interface SheetsOf {
  id: string
  rally: Readonly<Ref<JudgeRallyView | undefined>>
  round: Readonly<Ref<number>>
  tick: Readonly<Ref<number>>
  announced: Readonly<Ref<number | undefined>>
  news: () => void
  progressed: (progress: RallyProgress) => void
  connected: Readonly<Ref<boolean>>
}

/**
 * The sheets of all teams, each with what this device has recorded on it and the sheet has not seen yet. The one that
 * is open follows at once, and only what is new is fetched.
 * @param open The team whose sheet is open; empty where all are looked at, which then all follow at once.
 * @param of The rally.
 */
export function useSheets(open: () => string, of = aroundThePage()) {
  const { id, rally, round, tick, announced, news, progressed, connected } = of
  const held = shallowRef(nothingHeld)
  const state = ref<LoadState>('loading')
  const refusal = ref<Refusal>()
  /** When what is shown was last heard from the server; absent while it is fresh. */
  const asOf = ref<Date>()
  const key = () => `${id}:${round.value}`
  const path = { id }

  const taken = useTaken(id)
  const outbox = useOutbox(id, news, () => rally.value?.progress.edition)
  /**
   * What this window was told of, has, or has recorded: with that many windows are content with one answer, and what
   * came since they are told of next.
   */
  const knows = () =>
    announced.value === undefined
      ? undefined
      : Math.max(announced.value, held.value.asOf, ...outbox.onItsWay.value.map((o) => o.asOf ?? 0))

  async function follow() {
    const [asked, team, shown] = [key(), open(), round.value]
    const answer = await ask(
      api.GET('/api/rallies/{id}/score', {
        params: { path, query: { round: round.value, ...askSince(held.value, team) }, header: { announced: knows() } },
        signal: AbortSignal.timeout(lineGone),
      }),
    )
    if (key() !== asked) return
    if (answer.ok) {
      held.value = withChanges(held.value, answer.data, team)
      state.value = 'ready'
      asOf.value = undefined
      progressed(answer.data.progress)
      await keepSheets(asked, held.value, [answer.data.sheet?.team ?? team])
      if (answer.data.sheet) taken.seen([answer.data.sheet], shown)
    } else if (answer.offline) {
      state.value = 'offline'
      const kept = await keptSheets(asked)
      if (!kept || key() !== asked) return
      asOf.value = kept.at
      if (held.value.order.length === 0) held.value = kept.held
    } else {
      refusal.value = answer.refusal
      state.value = 'refused'
    }
  }
  const load = oneAtATime(follow)

  /** Brings the sheets of the other teams up to date. What is not had from the line now is had when it is back. */
  const catchUp = oneAtATime(async () => {
    const [asked, shown] = [key(), round.value]
    for (;;) {
      const team = behind(held.value, open()).slice(0, together)
      if (team.length === 0) return
      const answer = await ask(
        api.GET('/api/rallies/{id}/score/sheets', { params: { path, query: { round: round.value, team } } }),
      )
      if (!answer.ok || answer.data.length === 0 || key() !== asked) return
      held.value = withSheets(held.value, answer.data)
      await keepSheets(
        asked,
        held.value,
        answer.data.map((s) => s.team),
      )
      taken.seen(answer.data, shown)
    }
  })
  async function now() {
    await load()
    if (open() === '') await catchUp()
  }
  watch(round, () => (held.value = nothingHeld))
  watch([open, round, tick], () => void now(), { immediate: true })
  watch(connected, (back) => back && asOf.value && void now())
  useIntervalFn(() => void catchUp(), seldom)

  const sheets = computed(() => {
    const trials = rally.value?.brief.trials
    if (held.value.order.length === 0 || !trials) return undefined
    return held.value.order.flatMap((team) => {
      const known = held.value.sheets.get(team)?.sheet
      return known ? [withOnItsWay(known, [...taken.earlier.value, ...outbox.onItsWay.value], round.value, trials)] : []
    })
  })
  const order = computed(() => held.value.order)
  const queue = computed(() => held.value.queue)
  const due = computed(() => held.value.due)
  const strip = computed(() => held.value.teams)
  return { sheets, order, queue, due, strip, state, refusal, asOf, load: now, outbox }
}

function aroundThePage(): SheetsOf {
  const around = useJudgeRally()
  return { ...around, id: around.rally.value?.id ?? '' }
}

/**
 * Does a thing again after it is done where it was asked for meanwhile, and never twice at once: each goes on from what
 * the one before brought. Who has left the page asks for nothing more.
 */
function oneAtATime(work: () => Promise<void>) {
  let doing: Promise<void> | undefined
  let again = false
  let left = false
  onScopeDispose(() => (left = true))
  async function all() {
    try {
      do {
        again = false
        await work()
      } while (again && !left)
    } finally {
      // What went wrong is seen; whoever asks next begins anew.
      doing = undefined
    }
  }
  return () => {
    again = true
    return (doing ??= all())
  }
}
