<script setup lang="ts">
import type { Standings } from '@/api/names'

/** For a closed round: what is different today from when it was closed. */
defineProps<{ standings: Standings }>()
</script>

<template>
  <p v-if="standings.closed && standings.closed.scoring == null" class="small muted">
    Round {{ standings.round }} was closed before places were kept. These are calculated today.
  </p>
  <div v-else-if="standings.closed && standings.closed.differences.length > 0" class="changed">
    <p>
      <b>Since round {{ standings.round }} was closed, this has changed.</b>
    </p>
    <ul>
      <li v-for="d in standings.closed.differences" :key="d.team">
        {{ d.name }}: {{ d.had }} then, {{ d.has }} today.
      </li>
    </ul>
    <p class="small">An entry may have been crossed out, or the scoring was changed.</p>
  </div>
</template>

<style scoped>
.changed {
  background: var(--marigold-wash);
  border-left: 4px solid var(--marigold);
  padding: var(--space-3) var(--space-4);
}
</style>
