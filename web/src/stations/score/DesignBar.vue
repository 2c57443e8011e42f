<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed } from 'vue'
import type { SheetDesign } from '@/api/names'
import { designNoted } from '@/shared/entries'
import { useRecording } from '@/pads/recording'

/** The designs of a team: which one is being tried, what has changed on it, which one counts. */
const props = defineProps<{ designs: readonly SheetDesign[]; named: boolean }>()
const chosen = defineModel<string>({ required: true })
const { team, round, record } = useRecording()
const current = () => props.designs.find((d) => d.name === chosen.value)
const labels = computed(() =>
  Object.entries(current()?.labels ?? {})
    .map(([name, value]) => `${name}: ${value}`)
    .join(', '),
)
/** The design that the team names as its own, however the others did. */
const nameIt = (design: SheetDesign) => record(designNoted(team.value, round.value, design, { named: true }))
</script>

<template>
  <div class="designs">
    <div v-if="designs.length > 1" class="row" role="group" aria-label="Design">
      <PadButton
        v-for="d in designs"
        :key="d.name"
        type="button"
        :label="`${d.called || 'First design'}${d.counts ? ', counts' : ''}`"
        :aria-pressed="d.name === chosen"
        :variant="d.name === chosen ? undefined : 'outlined'"
        @click="chosen = d.name"
      />
      <PadButton
        v-if="named && current() && !current()?.counts"
        type="button"
        label="The team names this one"
        variant="outlined"
        @click="nameIt(current()!)"
      />
    </div>
    <p v-if="current()?.freshBuild" class="heed" role="status">
      The last build failed: this attempt is made with a fresh build, number {{ current()?.revision }}.
    </p>
    <p v-if="current()?.changed" class="small">Changed: {{ current()?.changed }}</p>
    <p v-if="labels" class="small">{{ labels }}</p>
  </div>
</template>

<style scoped>
.designs {
  display: grid;
  gap: var(--space-3);
}
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: var(--space-3);
  padding-top: var(--space-3);
}
.row :deep(button) {
  min-height: var(--touch);
}
</style>
