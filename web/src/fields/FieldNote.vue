<script setup lang="ts">
import type { Problem } from '@/api/names'

/** What is wrong with a field, and what would do. */
defineProps<{ problem?: Pick<Problem, 'what' | 'remedy'> }>()
</script>

<template>
  <span v-if="problem" class="note not-on-paper">{{ problem.what }} {{ problem.remedy }}</span>
</template>

<style scoped>
.note {
  display: block;
  font: 400 var(--size-small) / 1.35 var(--text);
  letter-spacing: 0;
  color: var(--brick);
}
</style>
