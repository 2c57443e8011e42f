<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import type { RuleState } from '@/api/names'

/** The answer of somebody who looked at a rule. */
defineProps<{ name: string; state: RuleState }>()
const emit = defineEmits<{ choose: [met: boolean] }>()
</script>

<template>
  <div class="two" role="group" :aria-label="name">
    <PadButton
      label="Met"
      :variant="state === 'met' ? undefined : 'outlined'"
      :aria-pressed="state === 'met'"
      class="touch"
      @click="emit('choose', true)"
    />
    <PadButton
      label="Missed"
      severity="danger"
      :variant="state === 'missed' ? undefined : 'outlined'"
      :aria-pressed="state === 'missed'"
      class="touch"
      @click="emit('choose', false)"
    />
  </div>
</template>

<style scoped>
.two {
  display: flex;
  gap: var(--space-3);
}
.touch {
  min-width: 5.5rem;
}
</style>
