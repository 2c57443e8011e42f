<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import type { SheetTrial } from '@/api/names'

/** Somebody else has recorded the attempt that is being typed here: nothing is lost, and it is asked what this is. */
defineProps<{
  trial: SheetTrial
  /** Whether something of it was left to another judge, and nobody has read it. */
  waits: boolean
  /** The attempt that comes next, if one is left. */
  next?: number
  busy: boolean
}>()
const emit = defineEmits<{ again: []; rest: []; next: []; clear: [] }>()
</script>

<template>
  <div class="heed" role="group" :aria-label="`Attempt ${trial.attempt} was recorded meanwhile`">
    <p role="alert">
      <b>{{ trial.by || 'Another device' }} has recorded attempt {{ trial.attempt }} meanwhile:</b>
      {{ trial.shown || trial.became || trial.outcome }}. What is yours?
    </p>
    <div class="touch-row">
      <PadButton
        v-if="waits"
        type="button"
        label="It is the rest of this attempt"
        class="touch"
        :disabled="busy"
        @click="emit('rest')"
      />
      <PadButton
        v-else-if="trial.outcome === 'counted'"
        type="button"
        label="Record it as a second reading"
        class="touch"
        :disabled="busy"
        @click="emit('again')"
      />
      <PadButton
        v-if="next"
        type="button"
        :label="`It is attempt ${next}`"
        variant="outlined"
        class="touch"
        @click="emit('next')"
      />
      <PadButton type="button" label="Clear mine" variant="outlined" class="touch" @click="emit('clear')" />
    </div>
  </div>
</template>

<style scoped>
.heed {
  display: grid;
  gap: var(--space-3);
}
</style>
