<script setup lang="ts">
import type { Standings } from '@/api/names'

/** Awards, values to hold the teams' against, and what the class as a whole shows. */
defineProps<{ standings: Standings }>()
const sorts = { control: 'Control', benchmark: 'To beat', practice: 'Practice', score: 'Score' } as const
</script>

<template>
  <div class="findings">
    <template v-if="standings.awards.length">
      <h3>Awards</h3>
      <p v-for="a in standings.awards" :key="a.award">{{ a.says }}</p>
    </template>
    <template v-if="standings.references.length">
      <h3>To hold against</h3>
      <p v-for="r in standings.references" :key="r.part + r.purpose + r.team">
        {{ sorts[r.purpose] }}{{ r.team ? ` (${standings.rows.find((row) => row.team === r.team)?.name})` : '' }}:
        {{ r.valueText }}
      </p>
    </template>
    <p v-for="f in standings.findings" :key="f">{{ f }}</p>
  </div>
</template>

<style scoped>
.findings {
  display: grid;
  gap: 0.25rem;
  padding-top: 1rem;
}
h3 {
  color: var(--lagoon-deep);
}
p + h3 {
  padding-top: 0.75rem;
}
</style>
