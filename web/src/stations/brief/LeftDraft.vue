<script setup lang="ts">
import Button from 'primevue/button'
import { dayOf, timeOfDay } from '@/shared/days'
import type { KeptDraft } from '@/shared/keptDraft'

/** What an earlier window left and was never saved, while what it was begun from has been changed since. */
defineProps<{ left?: KeptDraft<unknown>; what: string }>()
defineEmits<{ restore: []; discard: [] }>()
</script>

<template>
  <div v-if="left" class="kept heed" role="alert">
    <p>
      Changes of {{ dayOf(left.at) }}, {{ timeOfDay(left.at) }}, were not saved, and {{ what }} has been changed since.
    </p>
    <Button label="Restore changes" size="small" @click="$emit('restore')" />
    <Button label="Discard changes" size="small" variant="outlined" @click="$emit('discard')" />
  </div>
</template>

<style scoped>
.kept {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-4);
}
</style>
