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
  padding-top: 0.6rem;
}
li {
  display: flex;
  gap: 0.75rem;
  border-bottom: 1px dashed var(--line);
  padding: 0.15rem 0;
}
</style>
