<script setup lang="ts">
import Button from 'primevue/button'
import type { Difference } from '@/api/names'
import DifferenceTable from './DifferenceTable.vue'

/** Somebody else's window saved first: both are shown, and one is chosen. */
defineProps<{ title: string; differences: readonly Difference[] }>()
defineEmits<{ keep: []; theirs: [] }>()
</script>

<template>
  <div class="conflict" role="alert">
    <h2>{{ title }}</h2>
    <p>Nothing was overwritten, and what you typed is still here. Which one do you want to keep?</p>
    <DifferenceTable :differences="differences" before="The other window" after="This window" />
    <div class="ways">
      <Button label="Keep mine" @click="$emit('keep')" />
      <slot />
      <Button label="Use the other one" variant="outlined" @click="$emit('theirs')" />
    </div>
  </div>
</template>

<style scoped>
.conflict {
  display: grid;
  gap: 0.5rem;
  margin-top: 1rem;
  padding: 1rem;
  background: var(--brick-wash);
  border: 2px dashed var(--brick);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.75rem;
}
</style>
