<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { TeamSheet } from '@/api/names'
import { written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import { usualNotes } from '@/stations/score/usualNotes'
import TeamTable from '@/pads/TeamTable.vue'

/** A usual note on any team, one touch; the last one stays in sight. */
defineProps<{
  sheets: readonly TeamSheet[]
}>()
const { record, round } = useRecording()
const last = ref('')
const columns = usualNotes.map((n) => ({ id: n, name: n }))
async function note(sheet: TeamSheet, text: string) {
  await record(written(sheet.team, round.value, { kind: 'noteMade', text }))
  last.value = `${sheet.name}: ${text}`
}
</script>

<template>
  <TeamTable v-slot="{ sheet, column }" :sheets="sheets" :columns="columns">
    <Button
      label="Note"
      :aria-label="`Note: ${sheet.name} ${column}`"
      variant="outlined"
      @click="note(sheet, column)"
    />
  </TeamTable>
  <p class="small muted" role="status">{{ last ? `Noted. ${last}.` : '' }}</p>
</template>
