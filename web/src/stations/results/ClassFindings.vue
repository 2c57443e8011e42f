<script setup lang="ts">
import type { Standings } from '@/api/names'

/** Awards, and what the class as a whole shows. */
defineProps<{ standings: Standings }>()
</script>

<template>
  <div class="findings">
    <template v-if="standings.awards.length">
      <h3>Awards</h3>
      <p v-for="a in standings.awards" :key="a.award">{{ a.says }}</p>
    </template>
    <template v-if="standings.findings.length">
      <h3>What decided</h3>
      <p v-for="f in standings.findings" :key="f">{{ f }}</p>
    </template>
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
