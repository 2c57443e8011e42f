<script setup lang="ts">
import Button from 'primevue/button'
import DifferenceTable from './DifferenceTable.vue'
import type { Meanwhile } from './useMeanwhile'

/** Somebody else's window saved first: both are shown, and one is chosen. */
defineProps<{ of?: Meanwhile }>()
defineEmits<{ theirs: [] }>()
</script>

<template>
  <div v-if="of" class="conflict" role="alert">
    <h2>{{ of.title }}</h2>
    <p>Nothing was overwritten, and what you typed is still here. Which one do you want to keep?</p>
    <DifferenceTable :differences="of.differences" before="The other window" after="This window" />
    <div class="ways">
      <Button label="Keep mine" @click="of.keep()" />
      <slot />
      <Button label="Use the other one" variant="outlined" @click="$emit('theirs')" />
    </div>
  </div>
</template>

<style scoped>
.conflict {
  display: grid;
  gap: var(--space-3);
  margin-block: var(--space-5);
  padding: var(--space-5);
  background: var(--brick-wash);
  border: 2px dashed var(--brick);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
}
</style>
