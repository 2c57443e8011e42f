<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import type { Unsent } from '@/shared/deviceStore'
import type { Outbox } from '@/shared/useOutbox'
import { entryWords } from './entryWords'

/**
 * What the server refused and no field has taken back: each with its value, why, and what can be done. It stays on this
 * device until somebody decides.
 */
defineProps<{
  refused: readonly Unsent[]
  outbox: Pick<Outbox, 'drop' | 'move' | 'beSure'>
  /** Whose it is; empty where the page says so already. */
  whose?: (unsent: Unsent) => string
  /** What can be typed otherwise in a field that is free. */
  mayRetype?: (unsent: Unsent) => boolean
}>()
const emit = defineEmits<{ retype: [unsent: Unsent] }>()
const closed = (u: Unsent) => u.refusal?.problems.some((p) => p.at === '/round')
const unlikely = (u: Unsent) => u.refusal?.problems.every((p) => p.at.endsWith('/sure'))
const attempt = ({ entry }: Unsent) =>
  entry.kind === 'trialRecorded' && entry.attempt ? `Attempt ${entry.attempt}: ` : ''
</script>

<template>
  <div v-if="refused.length > 0" class="heed" role="alert">
    <p><b>Not recorded. Kept on this device until you decide.</b></p>
    <ul>
      <li v-for="u in refused" :key="u.entry.id">
        <p>
          {{ whose?.(u) }}{{ attempt(u) }}<b class="figures">{{ entryWords(u.entry) }}</b
          >{{ whose && u.entry.by ? `, by ${u.entry.by}` : '' }}.
          <span class="wrong">{{ u.refusal?.title }} {{ u.refusal?.detail }}</span>
        </p>
        <div class="touch-row">
          <PadButton
            v-if="closed(u)"
            :label="`Move to round ${u.entry.round + 1}`"
            class="touch"
            @click="outbox.move(u, u.entry.round + 1)"
          />
          <PadButton
            v-if="unlikely(u)"
            label="It is right, record it"
            class="touch"
            variant="outlined"
            @click="outbox.beSure(u)"
          />
          <PadButton
            v-if="mayRetype?.(u)"
            label="Edit"
            :aria-label="`Edit ${entryWords(u.entry)}`"
            class="touch"
            variant="outlined"
            @click="emit('retype', u)"
          />
          <PadButton
            label="Discard"
            :aria-label="`Discard ${entryWords(u.entry)}`"
            class="touch"
            variant="outlined"
            @click="outbox.drop(u.entry.id)"
          />
        </div>
      </li>
    </ul>
  </div>
</template>

<style scoped>
.heed {
  margin-block: var(--space-3);
}
li {
  display: grid;
  gap: var(--space-3);
  padding: var(--space-2) 0;
}
</style>
