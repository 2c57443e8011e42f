<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { TallyOnWalk, TeamSheet } from '@/api/names'
import { written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import TeamTable from '@/pads/TeamTable.vue'

/** Counters of all teams, each one touch. */
const props = defineProps<{
  part: TallyOnWalk
  sheets: readonly TeamSheet[]
}>()
const { record, round } = useRecording()
const columns = computed(() =>
  props.part.counters.map((c) => ({ id: c.id, name: c.name || c.id, ...(c.hurts ? { says: 'costs points' } : {}) })),
)
const count = (sheet: TeamSheet, counter: string) =>
  sheet.parts.find((p) => p.id === props.part.id)?.answers[counter] ?? '0'
const add = (sheet: TeamSheet, counter: string) =>
  record(written(sheet.team, round.value, { kind: 'tallied', part: props.part.id, counter, count: 1 }))
</script>

<template>
  <TeamTable v-slot="{ sheet, column, called }" :sheets="sheets" :columns="columns">
    <Button
      :label="`${count(sheet, column)} +1`"
      :aria-label="`${count(sheet, column)} +1: ${sheet.name}, ${called}`"
      variant="outlined"
      @click="add(sheet, column)"
    />
  </TeamTable>
</template>
