<script setup lang="ts">
import { computed } from 'vue'
import { timeOfDay } from '@/shared/days'
import { keepsDrafts } from '@/shared/keptDraft'
import type { SaveState } from './useBriefDraft'

const props = defineProps<{ state: SaveState; at?: Date; marked: boolean }>()
const keeping = computed(() =>
  keepsDrafts.value
    ? 'It is kept in this browser, and saving is tried again automatically.'
    : 'This browser cannot store it: leave this page open. Saving is tried again automatically.',
)
const status = computed(
  () =>
    ({
      saved: props.marked
        ? 'Saved, except for what is marked.'
        : props.at
          ? `Saved at ${timeOfDay(props.at)}`
          : 'Saved',
      saving: 'Saving…',
      refused: 'Not saved: fix what is marked.',
      offline: `Not saved yet: no connection. ${keeping.value}`,
      failed: `Not saved yet: the server could not take it. ${keeping.value}`,
      conflict: 'Not saved: changed in another window.',
    })[props.state],
)
</script>

<template>
  <p class="small" :class="{ wrong: marked || !['saved', 'saving'].includes(state) }" role="status">{{ status }}</p>
</template>

<style scoped>
p {
  color: var(--muted);
  max-width: 22rem;
}
</style>
