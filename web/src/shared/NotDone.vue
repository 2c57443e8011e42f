<script setup lang="ts">
import Button from 'primevue/button'
import RefusalNote from './RefusalNote.vue'
import { useDone } from './useDone'

/** Says on every page what was touched and could not be done. */
const { refusal, putAway } = useDone()
</script>

<template>
  <div v-if="refusal" class="heed not-done">
    <RefusalNote :refusal="refusal" />
    <Button label="Close" size="small" variant="text" @click="putAway" />
  </div>
</template>

<style scoped>
.not-done {
  position: fixed;
  inset: auto 1rem 1rem;
  z-index: 20;
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.25rem 1rem;
  margin-inline: auto;
  max-width: 40rem;
  background: var(--sheet);
}
@media print {
  .not-done {
    display: none;
  }
}
</style>
