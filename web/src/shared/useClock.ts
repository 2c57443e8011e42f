import { useIntervalFn } from '@vueuse/core'
import { computed, ref, shallowRef, watch, type Ref } from 'vue'
import { api, ask, refusalOf, type Answer } from '@/api/client'
import type {
  BoardChoice,
  ClockOnWall,
  ClockRead,
  ClockTouch,
  LessonClock,
  LessonCut,
  LogLine,
  Refusal,
} from '@/api/names'
import type { LoadState } from './useLoad'

type Told = ClockOnWall | ClockRead
type Counter = Readonly<Ref<number>>

/** The clock as the remote has it, with what may be cut and what was done. */
export const useClock = (rally: string, round: Counter, tick: Counter) =>
  useToldClock<ClockRead>(rally, round, tick, (params) => ask(api.GET('/api/rallies/{id}/clock', { params })))

/** The clock as a wall has it; what the live line announced will do. */
export const useWallClock = (
  rally: string,
  round: Counter,
  tick: Counter,
  announced: Readonly<Ref<number | undefined>>,
) =>
  useToldClock<ClockOnWall>(rally, round, tick, (params) =>
    ask(api.GET('/api/rallies/{id}/wall/clock', { params: { ...params, header: { announced: announced.value } } })),
  )

/**
 * The clock of a rally, as the server has it. A screen knows only how far its own clock is from the server's, and asks
 * again whenever there is news.
 */
function useToldClock<T extends Told>(
  rally: string,
  round: Counter,
  tick: Counter,
  read: (params: { path: { id: string }; query: { round: number } }) => Promise<Answer<T>>,
) {
  const clock = ref<LessonClock>()
  /** The teams in the order in which they are tested. */
  const teams = shallowRef<T['teams']>([])
  /** The question that the wall shows, and what was read last in a test. */
  const question = ref<string>()
  const last = ref<readonly string[]>([])
  const answers = ref<readonly string[]>([])
  const cuts = ref<readonly LessonCut[]>([])
  const boards = ref<readonly BoardChoice[]>([])
  /** How many places the board on the wall reveals. */
  const places = ref(0)
  /** The rally whose board, picture or question the wall shows: this one, or another tier's of the same lesson. */
  const onWall = ref('')
  /** What was done to the lesson, the newest first. */
  const log = ref<readonly LogLine[]>([])
  const refusal = ref<Refusal>()
  /** Why there is no clock yet; a clock that is there goes on by itself while nobody answers. */
  const state = ref<LoadState>('loading')
  const notRead = ref<Refusal>()
  /** Milliseconds that the server's time is ahead of this device's. */
  const ahead = ref(0)
  const now = ref(Date.now())
  useIntervalFn(() => (now.value = Date.now() + ahead.value), 50)
  const params = () => ({ path: { id: rally }, query: { round: round.value } })

  /** Counts what was asked, so that an answer that has been overtaken changes nothing. */
  let latest = 0
  let taken = 0

  /**
   * The answer was written somewhere between sending and receiving, so the quickest one tells best how far the clocks
   * are apart (the clock filter of RFC 5905, 10). One that cannot be true beside it means that a clock was set
   * meanwhile.
   */
  let quickest = Infinity
  function compare(server: number, sentAt: number, receivedAt: number) {
    const trip = receivedAt - sentAt
    const apart = server - (sentAt + receivedAt) / 2
    if (trip > quickest && Math.abs(apart - ahead.value) <= (trip + quickest) / 2) return
    quickest = trip
    ahead.value = apart
  }

  function take(read: Told, sentAt: number, request: number) {
    if (request < taken) return
    taken = request
    compare(new Date(read.now).getTime(), sentAt, Date.now())
    now.value = Date.now() + ahead.value
    clock.value = read.clock
    state.value = 'ready'
    teams.value = read.teams
    places.value = read.places
    onWall.value = read.onWall
    if ('last' in read) {
      question.value = read.question ?? undefined
      last.value = read.last
      answers.value = read.answers
    }
    if (!('cuts' in read)) return
    cuts.value = read.cuts
    boards.value = read.boards
    log.value = read.log
  }
  async function load() {
    const [sentAt, request] = [Date.now(), ++latest]
    const answer = await read(params())
    if (answer.ok) take(answer.data, sentAt, request)
    else if (!clock.value) {
      state.value = answer.offline ? 'offline' : 'refused'
      notRead.value = refusalOf(answer)
    }
  }
  /** A first reading that failed is tried until there is a clock. */
  useIntervalFn(() => !clock.value && state.value !== 'loading' && void load(), 3_000)
  /** A touch of the remote; what the wall shows can be another rally's. */
  async function send(body: Partial<ClockTouch> & Pick<ClockTouch, 'does'>, to = rally) {
    const [sentAt, request] = [Date.now(), ++latest]
    const answer = await ask(
      api.POST('/api/rallies/{id}/clock', {
        params: { ...params(), path: { id: to } },
        body: { phase: '', minutes: 0, number: 0, shows: 'clock', teams: [], of: '', ...body },
      }),
    )
    refusal.value = refusalOf(answer, 'The clock goes on as it was. Try again when the connection is back.')
    if (!answer.ok) return
    // Another rally answers with its own boards and log.
    if (to === rally) take(answer.data, sentAt, request)
    else await load()
  }
  watch([tick, round], () => void load(), { immediate: true })

  /** Seconds that are left of the phase; below 0 when it runs over. */
  const left = computed(() => {
    const c = clock.value
    if (!c?.phase) return undefined
    return c.ends ? (new Date(c.ends).getTime() - now.value) / 1000 : (c.left ?? 0)
  })
  /** Seconds that are left of the turn, in a phase that goes team by team. */
  const turnLeft = computed(() => {
    const turn = clock.value?.turn
    if (!turn) return undefined
    const at = turn.stopped ? new Date(turn.stopped).getTime() : now.value
    return turn.seconds - (at - new Date(turn.since).getTime()) / 1000
  })
  /** What the class works by: its turn where teams come one after the other, else the phase. */
  const works = computed(() => turnLeft.value ?? left.value)
  /** Minutes that the lesson is behind its plan; below 0 when it is ahead. */
  const behind = computed(() => {
    const c = clock.value
    if (!c?.plannedEnd || left.value === undefined) return undefined
    return (now.value + Math.max(0, left.value) * 1000 - new Date(c.plannedEnd).getTime()) / 60_000
  })
  /** When the last phase will be over, as things stand. */
  const end = computed(() =>
    clock.value && left.value !== undefined
      ? new Date(now.value + (Math.max(0, left.value) + clock.value.minutesAfter * 60) * 1000)
      : undefined,
  )
  /** Seconds since everybody let go; absent while no hold is counted. */
  const held = computed(() =>
    clock.value?.hold ? Math.max(0, (now.value - new Date(clock.value.hold.from).getTime()) / 1000) : undefined,
  )
  /** How many places the wall has revealed of this round: a board of another one begins with none. */
  const revealed = computed(() => {
    const wall = clock.value?.wall
    if (wall?.round !== round.value) return 0
    return wall.shows === 'board' ? Math.min(wall.revealed, places.value) : wall.revealed
  })
  /** So many places of the board that hangs there, or with the first one the whole class. */
  const upTo = (number: number, teams: number) =>
    clock.value?.wall.shows === 'board' && number >= places.value ? teams : number
  return {
    round,
    clock,
    revealed,
    places,
    onWall,
    upTo,
    teams,
    question,
    answers,
    last,
    cuts,
    boards,
    log,
    left,
    turnLeft,
    works,
    behind,
    end,
    held,
    now,
    send,
    refusal,
    state,
    notRead,
    load,
  }
}

/** A clock as a page hands it to what it shows. */
export type LiveClock = ReturnType<typeof useClock>
export type WallClock = ReturnType<typeof useWallClock>

/** Minutes and seconds: 4:05, and a minus sign when the time is over. */
export function asClock(seconds: number) {
  const whole = seconds >= 0 ? Math.ceil(seconds - 0.001) : Math.ceil(-seconds)
  return `${seconds < 0 && whole > 0 ? '−' : ''}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
