import { useIntervalFn } from '@vueuse/core'
import { computed, ref, watch, type Ref } from 'vue'
import { api, ask } from '../../api/client'
import type { ClockTouch, LessonClock, Refusal } from '../../api/names'

/**
 * The clock of a rally, as the server has it. A screen knows only how far its own clock is from the server's, and asks again
 * whenever there is news.
 */
export function useClock(rally: string, tick: Readonly<Ref<number>>) {
  const clock = ref<LessonClock>()
  const refusal = ref<Refusal>()
  /** Milliseconds that the server's time is ahead of this device's. */
  const ahead = ref(0)
  const now = ref(Date.now())
  useIntervalFn(() => (now.value = Date.now() + ahead.value), 100)
  const path = { id: rally }

  function take(read: { clock: LessonClock; now: string }, asked: number) {
    // The answer was written somewhere between asking and hearing it.
    ahead.value = new Date(read.now).getTime() - (asked + Date.now()) / 2
    now.value = Date.now() + ahead.value
    clock.value = read.clock
  }
  async function load() {
    const asked = Date.now()
    const answer = await ask(api.GET('/api/rallies/{id}/clock', { params: { path } }))
    if (answer.ok) take(answer.data, asked)
  }
  async function touch(body: Partial<ClockTouch> & Pick<ClockTouch, 'does'>) {
    const asked = Date.now()
    const answer = await ask(
      api.POST('/api/rallies/{id}/clock', {
        params: { path },
        body: { phase: '', minutes: 0, by: 'Teacher', ...body },
      }),
    )
    refusal.value = answer.ok || answer.offline ? undefined : answer.refusal
    if (answer.ok) take(answer.data, asked)
  }
  watch(tick, () => void load(), { immediate: true })

  /** Seconds that are left of the phase; below 0 when it runs over. */
  const left = computed(() => {
    const c = clock.value
    if (!c?.phase) return undefined
    return c.ends ? (new Date(c.ends).getTime() - now.value) / 1000 : (c.left ?? 0)
  })
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
  return { clock, left, behind, end, touch, refusal }
}

/** Minutes and seconds: 4:05, and a minus sign when the time is over. */
export function asClock(seconds: number) {
  const whole = seconds >= 0 ? Math.ceil(seconds - 0.001) : Math.ceil(-seconds)
  return `${seconds < 0 && whole > 0 ? '−' : ''}${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`
}
