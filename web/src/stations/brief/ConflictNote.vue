<script setup lang="ts">
import Button from 'primevue/button'
import type { Difference } from '@/api/names'
import DifferenceTable from './DifferenceTable.vue'

defineProps<{ differences: readonly Difference[] }>()
defineEmits<{ keep: []; copy: []; theirs: [] }>()
</script>

<template>
  <div class="conflict" role="alert">
    <h2>This brief was changed in another window.</h2>
    <p>Nothing was overwritten, and what you typed is still here. Which one should stand?</p>
    <DifferenceTable :differences="differences" before="The other window" after="Here" />
    <div class="ways">
      <Button label="Keep what is here" @click="$emit('keep')" />
      <Button label="Save mine as a copy" variant="outlined" @click="$emit('copy')" />
      <Button label="Take the other one" variant="outlined" @click="$emit('theirs')" />
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
