<script setup lang="ts">
import Button from 'primevue/button'

/** What is asked at the door: fields one below the other, and one button. */
defineProps<{ label: string }>()
defineEmits<{ send: [] }>()
</script>

<template>
  <form novalidate @submit.prevent="$emit('send')">
    <slot />
    <Button type="submit" :label="label" />
  </form>
</template>

<style scoped>
form {
  display: grid;
  gap: var(--space-3);
  max-width: 32rem;
  padding: var(--space-5) 0;
}
form :deep(button) {
  min-height: var(--touch);
}
form :deep(label) {
  font-weight: 650;
}
</style>
