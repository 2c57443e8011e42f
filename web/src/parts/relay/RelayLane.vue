<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { JudgeRelay, Refusal, TeamSheet } from '@/api/names'
import { useRecording } from '@/pads/recording'
import BroughtOver from './BroughtOver.vue'
import { relayEntries } from './relayEntries'
import { useRelayWatch } from './useRelayWatch'
import RefusalNote from '@/shared/RefusalNote.vue'
import { struckOut } from '@/shared/entries'
import { ofFault } from './answers'

/** One lane of a heat. */
const props = defineProps<{
  rally: string
  part: JudgeRelay
  sheet: TeamSheet
  heat: number
  number: number
}>()
const { record, round } = useRecording()
defineEmits<{ leave: [] }>()
const watch = useRelayWatch(
  { rally: props.rally, part: props.part, team: props.sheet.team, round: round.value, heat: () => props.heat },
  (entry) => record(entry),
)
const soFar = computed(() => props.sheet.parts.find((p) => p.id === props.part.id))
const entries = computed(() => relayEntries(props.part, props.sheet.team, round.value))
const stopped = computed(() => soFar.value?.answers.stopped)
/** Faults that were recorded on this device, the last one of each can be taken off again. */
const faults = ref<Record<string, string[]>>({})
function fault(id: string) {
  const entry = entries.value.fault(id)
  faults.value[id] = [...(faults.value[id] ?? []), entry.id]
  return record(entry)
}
function takeOff(id: string) {
  const last = faults.value[id]?.pop()
  return last && record(struckOut(props.sheet.team, round.value, last, 'recorded by mistake'))
}
/** Legs that were in before this device's watch was started. */
const before = computed(() => {
  let legs = 0
  while (soFar.value?.answers[String(legs + 1)] !== undefined) legs++
  return legs
})
const goesOn = computed(() => !watch.started.value && before.value > 0 && before.value < props.part.legs.length)
const refusal = ref<Refusal>()
/** Nothing is erased: the legs that are in are crossed out, by the team’s log, which is asked for. */
async function startAgain() {
  const answer = await ask(
    api.GET('/api/rallies/{id}/score', {
      params: { path: { id: props.rally }, query: { round: round.value, team: props.sheet.team } },
    }),
  )
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  for (const line of answer.data.sheet?.log ?? []) {
    if (line.struck || line.what?.kind !== 'legTimed' || line.what.part !== props.part.id) continue
    const sent = await record(struckOut(props.sheet.team, round.value, line.entry, 'started again'))
    if (sent.kind === 'refused') return void (refusal.value = sent.refusal)
  }
}
const legs = computed(() =>
  props.part.legs.map((name, i) => `${name || `Leg ${i + 1}`} ${soFar.value?.answers[String(i + 1)] ?? '–'}`),
)
defineExpose({
  team: props.sheet.team,
  name: props.sheet.name,
  started: watch.started,
  finished: watch.finished,
  total: watch.total,
  start: (at: number) => watch.start(goesOn.value ? before.value : 0, at),
  split: watch.split,
  falseTouch: watch.falseTouch,
})
</script>

<template>
  <li class="lane" :class="{ running: watch.running.value }">
    <p class="head">
      <kbd>{{ number }}</kbd> <b>{{ sheet.name }}</b>
      <b class="figures total">{{ watch.started.value ? watch.total.value.toFixed(1) : '' }}</b>
    </p>
    <PadButton
      v-if="watch.running.value"
      class="split"
      :label="watch.leg.value < part.legs.length ? `Leg ${watch.leg.value} is in` : 'Finish'"
      :aria-label="`${watch.leg.value < part.legs.length ? `Leg ${watch.leg.value} is in` : 'Finish'}: ${sheet.name}`"
      @click="watch.split"
    />
    <p v-else-if="watch.finished.value" class="in">In</p>
    <PadButton
      v-else
      label="Out of this heat"
      :aria-label="`Out of this heat: ${sheet.name}`"
      variant="text"
      severity="secondary"
      @click="$emit('leave')"
    />
    <p class="small figures muted">{{ legs.join(', ') }}</p>
    <p v-if="goesOn && !stopped" class="small">
      Goes on with leg {{ before + 1 }}.
      <button type="button" class="act" :aria-label="`Start again: ${sheet.name}`" @click="startAgain">
        Start again
      </button>
    </p>
    <RefusalNote :refusal="refusal" />
    <p v-if="stopped" class="in">Gave up</p>
    <BroughtOver
      v-if="part.carries"
      :label="`How many were brought over: ${sheet.name}`"
      button="Brought over"
      :button-name="`Brought over: ${sheet.name}`"
      :shown="soFar?.answers.items"
      :entry="entries.carried"
    />
    <div class="touch-row">
      <PadButton
        v-if="watch.started.value"
        label="False touch"
        :aria-label="`False touch: ${sheet.name}`"
        variant="outlined"
        severity="secondary"
        @click="watch.falseTouch"
      />
      <PadButton
        v-if="!stopped && !watch.finished.value"
        label="Gave up"
        :aria-label="`Gave up: ${sheet.name}`"
        severity="danger"
        variant="outlined"
        @click="record(entries.gaveUp())"
      />
      <template v-for="f in part.faults" :key="f.id">
        <PadButton
          :label="`${f.name || f.id} ${soFar?.answers[ofFault(f.id)] ?? 0}`"
          :aria-label="`${f.name || f.id} ${soFar?.answers[ofFault(f.id)] ?? 0}, one more: ${sheet.name}`"
          variant="outlined"
          severity="secondary"
          @click="fault(f.id)"
        />
        <PadButton
          v-if="faults[f.id]?.length"
          label="−1"
          :aria-label="`−1 ${f.name || f.id}: ${sheet.name}`"
          variant="text"
          severity="secondary"
          @click="takeOff(f.id)"
        />
      </template>
    </div>
  </li>
</template>

<style scoped>
.lane {
  border: 1.5px solid var(--ink);
  background: var(--sheet);
  padding: var(--space-3) var(--space-4);
  display: grid;
  align-content: start;
  gap: var(--space-3);
}
.running {
  border-width: 3px;
  border-color: var(--lagoon);
}
.head {
  display: flex;
  align-items: baseline;
  gap: var(--space-3);
}
kbd {
  border: 1.5px solid var(--edge);
  padding: 0 var(--space-3);
  font: 650 var(--size-small) var(--text);
}
.total {
  margin-left: auto;
  font-size: var(--size-number);
}
.split {
  min-height: 72px;
  font-size: var(--size-lead);
}
.in {
  font-weight: 700;
}
</style>
