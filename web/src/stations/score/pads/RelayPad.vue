<script setup lang="ts">
import { useIntervalFn, useLocalStorage } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { PartSoFar, RelayPart } from '../../../api/names'
import { written } from '../../../shared/entries'
import { useRally } from '../../../shared/openRally'
import { useRecording } from '../recording'
import PadRow from './PadRow.vue'
import TimeField from './TimeField.vue'

/** A relay of one team: the watch runs from leg to leg, one touch each; faults, items, and times put in later. */
const props = defineProps<{ part: RelayPart; soFar: PartSoFar }>()
const { rally } = useRally()
const { team, round, record } = useRecording()
/** When the leg that is being run began; kept over a reload. */
const began = useLocalStorage<number | null>(
  `relay:${rally.value?.id}:${props.part.id}:${team.value}:${round.value}`,
  null,
  {
    serializer: { read: (t) => (t === '' ? null : Number(t)), write: (v) => (v === null ? '' : String(v)) },
  },
)
const now = ref(Date.now())
useIntervalFn(() => (now.value = Date.now()), 100)
const next = computed(() => props.part.legs.findIndex((_, i) => props.soFar.answers[String(i + 1)] === undefined))
const decimals = computed(() => (props.part.step < 0.1 ? 2 : props.part.step < 1 ? 1 : 0))
const seconds = (ms: number) => Math.max(0, ms / 1000).toFixed(decimals.value)
const items = ref('')

const leg = (number: number, typed: string) =>
  written(team.value, round.value, {
    kind: 'legTimed',
    part: props.part.id,
    leg: number,
    time: { measure: props.part.id, typed, bound: 'exact' },
    runner: '',
    heat: null,
  })
async function split() {
  if (began.value === null || next.value < 0) return
  const at = Date.now()
  const number = next.value + 1
  const took = seconds(at - began.value)
  began.value = number < props.part.legs.length ? at : null
  await record(leg(number, `${took} s`))
}
const fault = (id: string) =>
  record(
    written(team.value, round.value, { kind: 'relayFaulted', part: props.part.id, fault: id, count: 1, leg: null }),
  )
async function carried() {
  const count = Number(items.value)
  if (!Number.isInteger(count) || count < 0 || items.value.trim() === '') return
  await record(written(team.value, round.value, { kind: 'itemsCarried', part: props.part.id, count }))
  items.value = ''
}
const stop = () =>
  record(written(team.value, round.value, { kind: 'relayStopped', part: props.part.id, reason: 'gave up' }))
</script>

<template>
  <div class="watch">
    <template v-if="next >= 0 && soFar.answers.stopped === undefined">
      <Button v-if="began === null" :label="`Start leg ${next + 1}`" @click="began = Date.now()" />
      <template v-else>
        <b class="figures clock" aria-hidden="true">{{ seconds(now - began) }}</b>
        <Button
          :label="next + 1 < part.legs.length ? `Leg ${next + 1} is in` : 'Finish'"
          :aria-label="`Leg ${next + 1} is in`"
          @click="split"
        />
        <Button label="False touch" variant="outlined" @click="began = null" />
      </template>
      <Button label="Gave up" severity="danger" variant="outlined" @click="stop" />
    </template>
    <p v-else>{{ soFar.answers.stopped === undefined ? 'All legs are in.' : 'The team has stopped.' }}</p>
  </div>
  <ul>
    <PadRow
      v-for="(name, i) in part.legs"
      :key="i"
      :name="name || `Leg ${i + 1}`"
      :says="soFar.answers[String(i + 1)] ?? 'not in yet'"
    >
      <TimeField
        :label="`Time of leg ${i + 1}`"
        :shown="soFar.answers[String(i + 1)]"
        :entry="(typed) => leg(i + 1, typed)"
      />
    </PadRow>
    <PadRow v-for="f in part.faults" :key="f.id" :name="f.name || f.id" :says="`${f.seconds} s each`">
      <b class="figures">{{ soFar.answers[f.id] ?? 0 }}</b>
      <Button label="+1" :aria-label="`+1 ${f.name}`" @click="fault(f.id)" />
    </PadRow>
    <PadRow v-if="part.pointsPerItem !== 0" name="Brought over" :says="soFar.answers.items">
      <input
        v-model="items"
        class="touch-field figures"
        inputmode="numeric"
        aria-label="How many were brought over"
        @keydown.enter="carried"
      />
      <Button label="Record" aria-label="Record: brought over" variant="outlined" @click="carried" />
    </PadRow>
  </ul>
</template>

<style scoped>
.watch {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.6rem;
  padding: 0.4rem 0;
}
.watch :deep(button) {
  min-height: 56px;
}
.clock {
  font-size: 2.2rem;
  min-width: 6rem;
}
input {
  width: 5rem;
}
</style>
