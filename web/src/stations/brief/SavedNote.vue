<script setup lang="ts">
import { computed } from 'vue'
import { timeOfDay } from '@/shared/days'
import type { SaveState } from './useDraft'

const props = defineProps<{ state: SaveState; at?: Date; keeps: boolean; marked: boolean }>()
const here = computed(() =>
  props.keeps
    ? 'It is kept in this browser and tried again by itself.'
    : 'This browser keeps nothing more: leave this page open. It is tried again by itself.',
)
const says = computed(
  () =>
    ({
      saved: props.marked ? 'Saved, but for what is marked.' : props.at ? `Saved at ${timeOfDay(props.at)}` : 'Saved',
      saving: 'Saving…',
      refused: 'Not saved: fix what is marked.',
      offline: `Not saved yet: no connection. ${here.value}`,
      failed: `Not saved yet: the server could not take it. ${here.value}`,
      conflict: 'Not saved: changed in another window.',
    })[props.state],
)
</script>

<template>
  <p class="small" :class="{ wrong: marked || !['saved', 'saving'].includes(state) }" role="status">{{ says }}</p>
</template>

<style scoped>
p {
  color: var(--muted);
  max-width: 22rem;
}
</style>
