<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import type { JudgeAnswers, JudgeTally } from '@/api/names'
import { written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import PadRow from '@/pads/PadRow.vue'
import { counting, room } from './counting'

/** Counters, each one touch. */
const props = defineProps<{ part: JudgeTally; soFar: JudgeAnswers }>()
const { team, round, record } = useRecording()
const count = (counter: string, n: number) =>
  record(written(team.value, round.value, { kind: 'tallied', part: props.part.id, counter, count: n }))
</script>

<template>
  <ul>
    <PadRow
      v-for="c in part.counters"
      :key="c.id"
      :name="c.name || c.id"
      :detail="c.hurts ? 'costs points' : undefined"
    >
      <template v-if="c.atMost === 1">
        <b class="count">{{ counting(c, soFar.answers[c.id]) === 1 ? 'yes' : 'no' }}</b>
        <PadButton
          label="Yes"
          :aria-label="`Yes: ${c.name}`"
          :disabled="room(c, soFar.answers[c.id]) === 0"
          @click="count(c.id, 1)"
        />
      </template>
      <template v-else>
        <b class="figures count">{{ counting(c, soFar.answers[c.id]) }}</b>
        <PadButton
          label="+1"
          :aria-label="`+1 ${c.name}`"
          :disabled="room(c, soFar.answers[c.id]) < 1"
          @click="count(c.id, 1)"
        />
        <PadButton
          label="+5"
          :aria-label="`+5 ${c.name}`"
          variant="outlined"
          :disabled="room(c, soFar.answers[c.id]) < 5"
          @click="count(c.id, 5)"
        />
      </template>
    </PadRow>
  </ul>
</template>

<style scoped>
.count {
  font-size: var(--size-number);
  min-width: 2.5rem;
  text-align: right;
}
</style>
