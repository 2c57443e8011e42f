<script setup lang="ts">
import type { TeamSheet } from '../../api/names'

/** The attempts so far, as they count. */
defineProps<{ trials: TeamSheet['trials'] }>()
</script>

<template>
  <ol v-if="trials.length" class="trials">
    <li v-for="t in trials" :key="t.entry" :class="t.outcome">
      <span class="number">{{ t.attempt ?? '–' }}</span>
      <span class="shown figures">{{ t.shown }}</span>
    </li>
  </ol>
</template>

<style scoped>
.trials {
  display: flex;
  flex-wrap: wrap;
  gap: 0.5rem;
  padding-top: 0.4rem;
}
li {
  display: flex;
  align-items: baseline;
  gap: 0.6rem;
  border: 1.5px solid var(--ink);
  padding: 0.3rem 0.75rem;
  overflow-wrap: anywhere;
}
.number {
  color: var(--muted);
  font-size: var(--small);
}
.shown {
  font-weight: 700;
  font-size: 1.1rem;
}
.failed {
  border-style: dashed;
  border-color: var(--brick);
  color: var(--brick);
}
.void,
.waiting {
  border-style: dotted;
  color: var(--muted);
}
</style>
