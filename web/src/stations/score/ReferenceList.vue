<script setup lang="ts">
import type { ReferenceTrial } from '@/api/names'
import { purposeNames } from '@/shared/purposes'

/** What there is to compare with; none of it is scored. */
defineProps<{ references: readonly ReferenceTrial[] }>()
</script>

<template>
  <ul v-if="references.length > 0" class="references small">
    <li v-for="r in references" :key="r.entry">
      <span class="muted">{{ purposeNames[r.purpose] }}{{ r.team ? '' : ', for all' }}</span>
      <span class="figures">{{ r.shown }}</span>
    </li>
  </ul>
</template>

<style scoped>
.references {
  padding-top: var(--space-3);
}
li {
  display: flex;
  gap: var(--space-4);
  border-bottom: 1px dashed var(--line);
  padding: var(--space-1) 0;
}
</style>
