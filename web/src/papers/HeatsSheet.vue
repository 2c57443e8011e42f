<script setup lang="ts">
import { computed } from 'vue'
import { heatsOf } from '@/shared/heats'
import TeamPennant from '@/shared/TeamPennant.vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** The heats that were drawn, with the lane of each team and room for its time. */
const { rally } = useRallyPrinting()
const heats = computed(() => heatsOf(rally.teams))
</script>

<template>
  <p v-if="heats.length === 0" class="muted">No heats have been drawn yet. Draw them under Teams.</p>
  <PaperSheet v-else title="Heats">
    <table>
      <thead>
        <tr>
          <th scope="col">Heat</th>
          <th scope="col">Lane</th>
          <th scope="col">Team</th>
          <th scope="col">Time</th>
        </tr>
      </thead>
      <tbody v-for="h in heats" :key="h.number">
        <tr v-for="(t, i) in h.teams" :key="t.id">
          <th scope="row">{{ i === 0 ? h.number : '' }}</th>
          <td>{{ t.lane }}</td>
          <td><TeamPennant :mark="rally.marks.get(t.id)!" :width="48" /> {{ t.name }}</td>
          <td class="room"></td>
        </tr>
      </tbody>
    </table>
  </PaperSheet>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: var(--space-3);
  border-bottom: 1px solid currentcolor;
}
.room {
  width: 40%;
}
</style>
