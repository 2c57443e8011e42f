<script setup lang="ts">
import { useEventListener, useLocalStorage } from '@vueuse/core'
import PadButton from '@/pads/PadButton.vue'
import { computed, ref } from 'vue'
import type { JudgeRelay, TeamSheet } from '@/api/names'
import { useJudgeRally } from '@/shared/openRally'
import { heatsOf } from '@/shared/heats'
import { isTyping } from '@/shared/isTyping'
import { useRecording } from '@/pads/recording'
import RelayLane from './RelayLane.vue'
import { singleKeys } from '@/shared/singleKeys'

/** A heat: teams side by side, all started at once, one key or touch for each leg that comes in. */
const props = defineProps<{
  part: JudgeRelay
  sheets: readonly TeamSheet[]
}>()
const { round } = useRecording()
const onWalk = useJudgeRally().rally
const rally = onWalk.value?.id ?? ''
const teams = computed(() => onWalk.value?.teams.filter((t) => !t.away) ?? [])
/** Which heat each team ran in, as all devices know it. */
const ranIn = computed(
  () =>
    new Map(
      props.sheets.flatMap((s) => {
        const heat = Number(s.parts.find((p) => p.id === props.part.id)?.answers.heat ?? 0)
        return heat > 0 ? [[s.team, heat] as const] : []
      }),
    ),
)
const heat = useLocalStorage(`heat:${rally}:${props.part.id}:${round.value}`, {
  number: 1,
  teams: [] as string[],
  /** The heat before, as long as it can be gone back to. */
  before: undefined as { number: number; teams: string[] } | undefined,
})
/** The heat that no device has begun yet. */
const free = computed(() => Math.max(0, ...ranIn.value.values()) + 1)
/** A device whose lanes are empty goes on with the heat that comes next everywhere. */
const number = computed(() =>
  heat.value.teams.length === 0 ? Math.max(free.value, heat.value.number) : heat.value.number,
)
const lanes = computed(() => heat.value.teams.flatMap((id) => props.sheets.filter((s) => s.team === id)))
/** A team with a part of its legs can go on, or start anew. */
const hasMore = (s: TeamSheet) => {
  const answers = s.parts.find((p) => p.id === props.part.id)?.answers ?? {}
  return !answers.stopped && props.part.legs.some((_, i) => answers[String(i + 1)] === undefined)
}
const mayRun = (s: TeamSheet) => !heat.value.teams.includes(s.team) && (!ranIn.value.has(s.team) || hasMore(s))
const waiting = computed(() => props.sheets.filter(mayRun))
/** The first heat that was drawn of which nobody has run. */
const drawn = computed(() =>
  heatsOf(teams.value).find((h) => h.teams.every((t) => !ranIn.value.has(t.id) && !heat.value.teams.includes(t.id))),
)
const enterDrawn = () =>
  drawn.value && (heat.value = { ...heat.value, number: drawn.value.number, teams: drawn.value.teams.map((t) => t.id) })
const ran = computed(() =>
  props.sheets
    .filter((s) => ranIn.value.has(s.team) && !heat.value.teams.includes(s.team) && !hasMore(s))
    .map((s) => `${s.name} in heat ${ranIn.value.get(s.team)}`),
)
const enter = (team: string) =>
  (heat.value = { ...heat.value, number: number.value, teams: [...heat.value.teams, team] })
const leave = (team: string) => (heat.value = { ...heat.value, teams: heat.value.teams.filter((t) => t !== team) })
function nextHeat() {
  confirming.value = false
  const before = { number: number.value, teams: heat.value.teams }
  heat.value = { number: Math.max(free.value, number.value + 1), teams: [], before }
}
/** The watches of a heat run on by themselves, so that going back to it loses nothing. */
const goBack = () => heat.value.before && (heat.value = { ...heat.value.before, before: undefined })
/** A heat that still runs is not ended by a slip. */
const confirming = ref(false)
const running = computed(() => shown.value.filter((l) => l.started && !l.finished).map((l) => l.name))

type Lane = InstanceType<typeof RelayLane>
const shown = ref<Lane[]>([])
const lane = (team: string) => shown.value.find((l) => l.team === team)
function startAll() {
  const at = Date.now()
  for (const s of lanes.value) lane(s.team)?.start(at)
}
const mayStart = computed(() => lanes.value.length > 0 && shown.value.every((l) => !l.started))

/** Who came in, first to last, by the time from start to last touch. */
const finished = computed(() =>
  shown.value
    .filter((l) => l.finished)
    .sort((a, b) => a.total - b.total)
    .map((l) => l.name),
)

useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (isTyping(event) || event.ctrlKey || event.metaKey || (!singleKeys.value && !event.altKey)) return
  if (event.code === 'KeyS' && !event.altKey && mayStart.value) {
    event.preventDefault()
    return startAll()
  }
  const digit = Number(/^Digit([1-9])$/.exec(event.code)?.[1] ?? 0)
  const at = digit > 0 ? lanes.value[digit - 1] : undefined
  if (!at) return
  event.preventDefault()
  void (event.altKey ? lane(at.team)?.falseTouch() : lane(at.team)?.split())
})
</script>

<template>
  <div class="heat">
    <p>
      <b>Heat {{ number }}</b>
      <span class="small muted"> S starts all; 1 to 9 takes a lane’s leg in, with Alt it is undone.</span>
    </p>
    <p v-if="drawn && lanes.length === 0">
      <PadButton
        :label="`Heat ${drawn.number} as drawn: ${drawn.teams.map((t) => t.name).join(', ')}`"
        @click="enterDrawn"
      />
    </p>
    <div v-if="waiting.length > 0" class="touch-row" role="group" aria-label="Teams that are not in this heat">
      <PadButton
        v-for="s in waiting"
        :key="s.team"
        :label="s.name"
        variant="outlined"
        severity="secondary"
        :aria-label="`${s.name}: into this heat`"
        @click="enter(s.team)"
      />
    </div>
    <p v-if="ran.length > 0" class="small muted">Have run: {{ ran.join(', ') }}.</p>
    <ol>
      <RelayLane
        v-for="(s, i) in lanes"
        :key="`${s.team} ${round}`"
        ref="shown"
        :rally="rally"
        :part="part"
        :sheet="s"
        :heat="number"
        :number="i + 1"
        @leave="leave(s.team)"
      />
    </ol>
    <div class="touch-row">
      <PadButton label="Start all" :disabled="!mayStart" @click="startAll" />
      <PadButton
        v-if="lanes.length > 0"
        label="Next heat"
        variant="outlined"
        :aria-expanded="confirming"
        @click="running.length > 0 ? (confirming = true) : nextHeat()"
      />
      <PadButton
        v-if="heat.before && !shown.some((l) => l.started)"
        :label="`Back to heat ${heat.before.number}`"
        variant="outlined"
        severity="secondary"
        @click="goBack"
      />
    </div>
    <div v-if="confirming && running.length > 0" class="heed" role="group" aria-label="The heat is still running">
      <p role="alert">
        <b>{{ running.join(' and ') }} {{ running.length === 1 ? 'is' : 'are' }} still running.</b> Their clocks go on,
        and you can come back to this heat.
      </p>
      <p class="touch-row">
        <PadButton label="Begin the next heat" variant="outlined" @click="nextHeat" />
        <PadButton label="Stay here" @click="confirming = false" />
      </p>
    </div>
    <p v-if="finished.length > 0" role="status">In: {{ finished.map((name, i) => `${i + 1}. ${name}`).join(', ') }}</p>
  </div>
</template>

<style scoped>
.heat {
  display: grid;
  gap: var(--space-3);
}
ol {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: var(--space-4);
}
</style>
