<script setup lang="ts">
import Button from 'primevue/button'
import RefusalNote from './RefusalNote.vue'
import { useDone } from './useDone'

/** Says on every page what was touched and could not be done. */
const { refusal, close } = useDone()
</script>

<template>
  <div v-if="refusal" class="foot-note">
    <div class="foot-note-inner">
      <RefusalNote :refusal="refusal" />
      <Button label="Close" size="small" variant="text" @click="close" />
    </div>
  </div>
</template>
