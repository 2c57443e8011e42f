<script setup lang="ts">
import type { MeasuredPart, Part } from '../../api/names'
import InlineText from './InlineText.vue'

/** A part that is not measured: it can be named and taken out here; the rest of it is as its file says. */
type Other = Exclude<Part, MeasuredPart>
defineProps<{ part: Other }>()
defineEmits<{ remove: [] }>()

const kinds: Record<Other['kind'], string> = {
  tasks: 'Tasks done',
  relay: 'A relay',
  bins: 'Sorting into bins',
  ordering: 'Sorting into an order',
  pieces: 'Pieces counted',
  rubric: 'Levels of a rubric',
  budget: 'What a budget leaves',
  tally: 'A tally',
}
</script>

<template>
  <div class="strip" :data-at="`/method/parts/${part.id}`" tabindex="-1">
    <h3>
      <InlineText
        v-model="part.name"
        label="Name of the part"
        :at="`/method/parts/${part.id}/name`"
        placeholder="Name"
      />
      <button type="button" class="take" :aria-label="`Take out: ${part.name || 'part'}`" @click="$emit('remove')">
        Take out
      </button>
    </h3>
    <p class="small muted">{{ kinds[part.kind] }}, as the brief's file says.</p>
  </div>
</template>

<style scoped>
.strip {
  background: var(--lagoon-wash);
  border-left: 4px solid var(--lagoon);
  padding: 0.6rem 0.9rem;
  margin-top: 0.6rem;
}
h3 {
  display: flex;
  justify-content: space-between;
  gap: 0.75rem;
}
.take {
  font: inherit;
  font-size: var(--small);
  font-weight: 400;
  color: var(--lagoon-deep);
  background: none;
  border: 0;
  padding: 0;
  min-height: 24px;
  cursor: pointer;
  text-decoration: underline;
}
</style>
