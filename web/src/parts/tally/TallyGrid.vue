<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed } from 'vue'
import type { JudgeTally, TeamSheet } from '@/api/names'
import { written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import TeamTable from '@/pads/TeamTable.vue'
import { counting, room } from './counting'

/** Counters of all teams, each one touch. */
const props = defineProps<{
  part: JudgeTally
  sheets: readonly TeamSheet[]
}>()
const { record, round } = useRecording()
const columns = computed(() =>
  props.part.counters.map((c) => ({ id: c.id, name: c.name || c.id, ...(c.hurts ? { detail: 'costs points' } : {}) })),
)
const recorded = (sheet: TeamSheet, counter: string) =>
  sheet.parts.find((p) => p.id === props.part.id)?.answers[counter]
const counters = computed(() => Object.fromEntries(props.part.counters.map((c) => [c.id, c])))
/** What the button says that counts one more. */
const describe = (sheet: TeamSheet, id: string) => {
  const counter = counters.value[id]!
  const count = counting(counter, recorded(sheet, id))
  return counter.atMost === 1 ? (count === 1 ? 'yes' : 'no, +1') : `${count} +1`
}
const add = (sheet: TeamSheet, counter: string) =>
  record(written(sheet.team, round.value, { kind: 'tallied', part: props.part.id, counter, count: 1 }))
</script>

<template>
  <TeamTable v-slot="{ sheet, column, called }" :sheets="sheets" :columns="columns">
    <PadButton
      :label="describe(sheet, column)"
      :aria-label="`${describe(sheet, column)}: ${sheet.name}, ${called}`"
      :disabled="room(counters[column]!, recorded(sheet, column)) < 1"
      variant="outlined"
      @click="add(sheet, column)"
    />
  </TeamTable>
</template>
