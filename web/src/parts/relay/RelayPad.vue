<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed } from 'vue'
import type { JudgeAnswers, JudgeRelay } from '@/api/names'
import { useJudgeRally } from '@/shared/openRally'
import { useRecording } from '@/pads/recording'
import TakeReading from '@/pads/readings/TakeReading.vue'
import PadRow from '@/pads/PadRow.vue'
import TimeField from '@/pads/TimeField.vue'
import BroughtOver from './BroughtOver.vue'
import { relayEntries } from './relayEntries'
import { useRelayWatch } from './useRelayWatch'
import { ofFault } from './answers'

/** A relay of one team: the watch runs from leg to leg, one touch each; faults, items, and times put in later. */
const props = defineProps<{ part: JudgeRelay; soFar: JudgeAnswers }>()
const { rally } = useJudgeRally()
const { team, round, record } = useRecording()
const next = computed(() => props.part.legs.findIndex((_, i) => props.soFar.answers[String(i + 1)] === undefined))
const watch = useRelayWatch(
  { rally: rally.value?.id ?? '', part: props.part, team: team.value, round: round.value },
  record,
)
const entries = computed(() => relayEntries(props.part, team.value, round.value))
</script>

<template>
  <div class="watch">
    <template v-if="next >= 0 && !watch.finished.value && soFar.answers.stopped === undefined">
      <PadButton
        v-if="!watch.running.value"
        data-key="watch"
        :label="`Start leg ${next + 1}`"
        @click="watch.start(next)"
      />
      <template v-else>
        <b class="figures clock" aria-hidden="true">{{ watch.ofLeg.value }}</b>
        <PadButton
          data-key="watch"
          :label="watch.leg.value < part.legs.length ? `Leg ${watch.leg.value} is in` : 'Finish'"
          :aria-label="
            watch.leg.value < part.legs.length ? `Leg ${watch.leg.value} is in` : `Finish: leg ${watch.leg.value} is in`
          "
          @click="watch.split"
        />
        <PadButton label="False touch" variant="outlined" @click="watch.falseTouch" />
      </template>
      <PadButton label="Gave up" severity="danger" variant="outlined" @click="record(entries.gaveUp())" />
    </template>
    <template v-else-if="watch.finished.value && soFar.answers.stopped === undefined">
      <p>All legs are in.</p>
      <PadButton label="False touch" variant="outlined" @click="watch.falseTouch" />
    </template>
    <p v-else>{{ soFar.answers.stopped === undefined ? 'All legs are in.' : 'The team has stopped.' }}</p>
  </div>
  <TakeReading
    v-if="rally && next >= 0 && !watch.running.value && soFar.answers.stopped === undefined"
    :rally="rally.id"
    kind="duration"
    :as="`leg ${next + 1}`"
    @taken="(t) => record(watch.timed(next + 1, t.typed, t.instrument))"
  />
  <ul>
    <PadRow
      v-for="(name, i) in part.legs"
      :key="i"
      :name="name || `Leg ${i + 1}`"
      :detail="soFar.answers[String(i + 1)] ?? 'not in yet'"
    >
      <TimeField
        :label="`Time of leg ${i + 1}`"
        :shown="soFar.answers[String(i + 1)]"
        :entry="(typed) => watch.timed(i + 1, typed)"
      />
    </PadRow>
    <PadRow v-for="f in part.faults" :key="f.id" :name="f.name || f.id" :detail="`${f.seconds} s each`">
      <b class="figures">{{ soFar.answers[ofFault(f.id)] ?? 0 }}</b>
      <PadButton label="+1" :aria-label="`+1 ${f.name}`" @click="record(entries.fault(f.id))" />
    </PadRow>
    <PadRow v-if="part.carries" name="Brought over" :detail="soFar.answers.items">
      <BroughtOver
        label="How many were brought over"
        button="Record"
        button-name="Record: brought over"
        :shown="soFar.answers.items"
        :entry="entries.carried"
      />
    </PadRow>
  </ul>
</template>

<style scoped>
.watch {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3);
  padding: var(--space-3) 0;
}
.watch :deep(button) {
  min-height: 56px;
}
.clock {
  font-size: var(--size-title);
  min-width: 6rem;
}
</style>
