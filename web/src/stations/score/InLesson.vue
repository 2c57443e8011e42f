<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { ref } from 'vue'
import { useWho } from '@/access/useWho'
import type { JudgeRallyView, TeamSheet } from '@/api/names'
import { struckOut, written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'

/** Where the team stands in the lesson: its plan approved or not, late or not. */
const props = defineProps<{ sheet: TeamSheet; brief: JudgeRallyView['brief'] }>()
const { team, round, record } = useRecording()
const { isTeacher } = useWho()
/** Where it is settled when the sheet is opened, a line says so and the attempts move up under the thumb. */
const open = ref(!props.sheet.cleared || !!props.sheet.late)
const toggle = (kind: 'planCleared' | 'cameLate', entry: string | null | undefined) =>
  record(entry ? struckOut(team.value, round.value, entry, 'undone') : written(team.value, round.value, { kind }))
</script>

<template>
  <p v-if="!open" class="small settled">
    <span class="met">Plan approved.</span>
    <button type="button" class="act" aria-expanded="false" @click="open = true">Plan and time</button>
  </p>
  <p v-if="brief.plansAreApproved && !sheet.cleared" class="heed small">
    This team’s plan is not approved yet.{{ isTeacher ? '' : ' Tell the teacher.' }}
  </p>
  <div v-if="open" class="touch-row">
    <PadButton
      v-if="isTeacher"
      type="button"
      label="Plan approved"
      :aria-pressed="!!sheet.cleared"
      :variant="sheet.cleared ? undefined : 'outlined'"
      @click="toggle('planCleared', sheet.cleared)"
    />
    <PadButton
      type="button"
      label="Late"
      severity="secondary"
      :aria-pressed="!!sheet.late"
      :variant="sheet.late ? undefined : 'outlined'"
      @click="toggle('cameLate', sheet.late)"
    />
    <p v-if="sheet.late" class="small">{{ brief.ifLate || 'The brief does not say what being late costs.' }}</p>
  </div>
</template>

<style scoped>
.settled {
  display: flex;
  justify-content: space-between;
}
.met {
  color: var(--lagoon-deep);
}
</style>
