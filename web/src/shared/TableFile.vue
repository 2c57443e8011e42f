<script setup lang="ts">
import Button from 'primevue/button'
import { readText } from '@/shared/readText'

/** A table from a file of this computer, as its text. */
defineProps<{ label: string }>()
const emit = defineEmits<{ text: [text: string] }>()
async function read(event: Event) {
  const text = await readText(event)
  if (text !== undefined) emit('text', text)
}
</script>

<template>
  <Button as="label" variant="outlined" class="file">
    <span class="p-button-label">{{ label }}</span>
    <input type="file" class="out-of-sight" accept=".csv,.txt,text/csv,text/plain" @change="read" />
  </Button>
</template>

<style scoped>
.file {
  position: relative;
}
.file:focus-within {
  outline: 3px solid var(--plum);
  outline-offset: 2px;
}
</style>
