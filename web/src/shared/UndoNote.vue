<script setup lang="ts">
import Button from 'primevue/button'
import { useUndo } from './useUndo'

/** Says on every page what was done last, with one touch to undo it. */
const { last, close } = useUndo()
async function undo() {
  const { undo: doing } = last.value!
  close()
  await doing()
}
</script>

<template>
  <div class="foot-note" role="status">
    <div v-if="last" class="foot-note-inner">
      <p>{{ last.message }}</p>
      <Button label="Undo" size="small" variant="outlined" @click="undo" />
      <Button label="Close" size="small" variant="text" @click="close" />
    </div>
  </div>
</template>
