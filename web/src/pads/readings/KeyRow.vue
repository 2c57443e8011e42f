<script setup lang="ts">
/** Keys under a field, large enough for a thumb. */
defineProps<{ label: string }>()
</script>

<template>
  <div class="keys" role="group" :aria-label="label"><slot /></div>
</template>

<style scoped>
.keys {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3);
  padding: var(--space-2) 0;
}
.keys :deep(button) {
  min-height: var(--touch);
  min-width: 3.5rem;
}
</style>
