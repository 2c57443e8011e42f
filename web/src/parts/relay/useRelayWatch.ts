import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import { computed, ref } from 'vue'
import type { Entry, JudgeRelay } from '@/api/names'
import { reading, struckOut, written } from '@/shared/entries'

interface Run {
  /** Legs that were in before the watch was started. */
  before: number
  /** When each leg since then began, in milliseconds; the last one is still being run. */
  starts: number[]
  /** The entries of the legs that the watch has timed. */
  entries: string[]
}
const none: Run = { before: 0, starts: [], entries: [] }

/**
 * The watch of one team in a relay. It is kept over a reload, and a false touch is taken back without losing the time.
 */
export function useRelayWatch(
  of: { rally: string; part: JudgeRelay; team: string; round: number; heat?: () => number | null },
  record: (entry: Entry) => Promise<unknown>,
) {
  const run = useLocalStorage<Run>(`relay:${of.rally}:${of.part.id}:${of.team}:${of.round}`, none)
  const now = ref(Date.now())
  useIntervalFn(() => (now.value = Date.now()), 100)
  const decimals = of.part.step < 0.1 ? 2 : of.part.step < 1 ? 1 : 0
  const shown = (ms: number) => Math.max(0, ms / 1000).toFixed(decimals)

  /** The leg that is being run, from 1; past the last one when all are in. */
  const leg = computed(() => run.value.before + run.value.starts.length)
  const started = computed(() => run.value.starts.length > 0)
  const finished = computed(() => started.value && leg.value > of.part.legs.length)
  const running = computed(() => started.value && !finished.value)
  const ofLeg = computed(() => shown(now.value - (run.value.starts.at(-1) ?? now.value)))
  /** Seconds from the start to the last touch, or until now. */
  const total = computed(
    () => ((finished.value ? run.value.starts.at(-1)! : now.value) - (run.value.starts[0] ?? now.value)) / 1000,
  )

  const timed = (number: number, typed: string, instrument = '') =>
    written(of.team, of.round, {
      kind: 'legTimed',
      part: of.part.id,
      leg: number,
      time: reading(of.part.id, typed, { instrument }),
      runner: '',
      heat: of.heat?.() ?? null,
    })
  const start = (before: number, at = Date.now()) => (run.value = { before, starts: [at], entries: [] })
  async function split() {
    if (!running.value) return
    const at = Date.now()
    // Each leg is what it adds to the time as shown, so that clock, legs and result agree to the last digit.
    const [first, last] = [run.value.starts[0]!, run.value.starts.at(-1)!]
    const adds = Number(shown(at - first)) - Number(shown(last - first))
    const entry = timed(leg.value, `${adds.toFixed(decimals)} s`)
    run.value = { ...run.value, starts: [...run.value.starts, at], entries: [...run.value.entries, entry.id] }
    await record(entry)
  }
  /** Takes the last touch back: the leg goes on as if it had not been touched, or the start is forgotten. */
  async function falseTouch() {
    const last = run.value.entries.at(-1)
    run.value = last
      ? { ...run.value, starts: run.value.starts.slice(0, -1), entries: run.value.entries.slice(0, -1) }
      : none
    if (last) await record(struckOut(of.team, of.round, last, 'false touch'))
  }
  return { leg, started, running, finished, ofLeg, total, start, split, falseTouch, timed }
}
