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
  <div class="part" :data-at="`/method/parts/${part.id}`" tabindex="-1">
    <h3>
      <InlineText
        v-model="part.name"
        label="Name of the part"
        :at="`/method/parts/${part.id}/name`"
        placeholder="Name"
      />
      <button type="button" class="act" :aria-label="`Take out: ${part.name || 'part'}`" @click="$emit('remove')">
        Take out
      </button>
    </h3>
    <p class="small muted">{{ kinds[part.kind] }}, as the brief's file says.</p>
  </div>
</template>
