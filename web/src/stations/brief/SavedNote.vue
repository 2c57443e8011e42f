<script setup lang="ts">
import { computed } from 'vue'
import { timeOfDay } from '../../shared/days'
import type { SaveState } from './useDraft'

const props = defineProps<{ state: SaveState; at?: Date }>()
const says = computed(
  () =>
    ({
      saved: props.at ? `Saved at ${timeOfDay(props.at)}` : 'Saved',
      saving: 'Saving…',
      refused: 'Not saved: mend what is marked.',
      offline: 'Not saved yet: no connection. It is kept in this browser and saved when the connection is back.',
      conflict: 'Not saved: changed in another window.',
    })[props.state],
)
</script>

<template>
  <p class="small" :class="{ wrong: !['saved', 'saving'].includes(state) }" role="status">{{ says }}</p>
</template>

<style scoped>
p {
  color: var(--muted);
  max-width: 22rem;
}
</style>
