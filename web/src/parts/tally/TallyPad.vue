<script setup lang="ts">
import Button from 'primevue/button'
import type { AnswersOnWalk, TallyOnWalk } from '@/api/names'
import { written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import PadRow from '@/pads/PadRow.vue'

/** Counters, each one touch. */
const props = defineProps<{ part: TallyOnWalk; soFar: AnswersOnWalk }>()
const { team, round, record } = useRecording()
const count = (counter: string, n: number) =>
  record(written(team.value, round.value, { kind: 'tallied', part: props.part.id, counter, count: n }))
</script>

<template>
  <ul>
    <PadRow v-for="c in part.counters" :key="c.id" :name="c.name || c.id" :says="c.hurts ? 'costs points' : undefined">
      <b class="figures count">{{ soFar.answers[c.id] ?? 0 }}</b>
      <Button label="+1" :aria-label="`+1 ${c.name}`" @click="count(c.id, 1)" />
      <Button label="+5" :aria-label="`+5 ${c.name}`" variant="outlined" @click="count(c.id, 5)" />
    </PadRow>
  </ul>
</template>

<style scoped>
.count {
  font-size: 1.4rem;
  min-width: 2.5rem;
  text-align: right;
}
</style>
