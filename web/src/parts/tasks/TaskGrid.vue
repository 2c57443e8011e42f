<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed } from 'vue'
import type { JudgeTasks, TeamSheet } from '@/api/names'
import { reading, written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import TimeField from '@/pads/TimeField.vue'
import TeamTable from '@/pads/TeamTable.vue'

/** Teams by tasks. A task in steps goes one step further with each touch, and from its last one back to none. */
const props = defineProps<{
  part: JudgeTasks
  sheets: readonly TeamSheet[]
}>()
const { record, round } = useRecording()
const time = 'time'
const columns = computed(() => [
  ...props.part.items.map((t) => ({
    id: t.id,
    name: t.name || t.id,
    ...(typeof t.firstTeams === 'number' ? { detail: `first ${t.firstTeams}` } : {}),
  })),
  ...(props.part.timed ? [{ id: time, name: 'Time' }] : []),
])
const itemOf = (id: string) => props.part.items.find((t) => t.id === id)
const soFar = (sheet: TeamSheet) => sheet.parts.find((p) => p.id === props.part.id)
const done = (sheet: TeamSheet, task: string) => Number(soFar(sheet)?.answers[task] ?? 0)
const describe = (sheet: TeamSheet, task: string) => {
  const steps = itemOf(task)?.steps ?? 1
  const now = done(sheet, task)
  return steps > 1 ? `${now} of ${steps}` : now > 0 ? 'Done' : 'Open'
}
function step(sheet: TeamSheet, task: string) {
  const steps = (done(sheet, task) + 1) % ((itemOf(task)?.steps ?? 1) + 1)
  return record(written(sheet.team, round.value, { kind: 'taskTicked', part: props.part.id, task, steps }))
}
const timed = (sheet: TeamSheet, typed: string) =>
  written(sheet.team, round.value, { kind: 'tasksTimed', part: props.part.id, time: reading(props.part.id, typed) })
</script>

<template>
  <TeamTable v-slot="{ sheet, column, called }" :sheets="sheets" :columns="columns">
    <TimeField
      v-if="column === time"
      :label="`Time of ${sheet.name}`"
      :shown="soFar(sheet)?.answers.time"
      :entry="(typed) => timed(sheet, typed)"
    />
    <PadButton
      v-else
      :label="describe(sheet, column)"
      :aria-label="`${describe(sheet, column)}: ${sheet.name}, ${called}`"
      :aria-pressed="done(sheet, column) > 0"
      :variant="done(sheet, column) > 0 ? undefined : 'outlined'"
      @click="step(sheet, column)"
    />
  </TeamTable>
</template>
