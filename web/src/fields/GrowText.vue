<script setup lang="ts">
import { useId } from 'vue'
import FieldNote from './FieldNote.vue'
import { useSnags } from '@/shared/snags'

/** Text that is edited where it stands and grows with what is written. */
defineProps<{ label: string; at: string; placeholder?: string; fixed?: boolean }>()
const text = defineModel<string>({ required: true })
const snags = useSnags()
const note = useId()
</script>

<template>
  <span v-if="fixed" class="grow fixed">{{ text }}</span>
  <span v-else class="field">
    <textarea
      v-model="text"
      class="grow"
      rows="1"
      :aria-label="label"
      :placeholder="placeholder"
      :data-at="at"
      :aria-invalid="snags.at(at) !== undefined"
      :aria-describedby="snags.at(at) ? note : undefined"
    ></textarea>
    <FieldNote :id="note" :problem="snags.at(at)" />
  </span>
</template>

<style scoped>
.field {
  display: block;
}
.grow {
  display: block;
  width: 100%;
  font: inherit;
  color: inherit;
  letter-spacing: inherit;
  background: transparent;
  border: 0;
  border-bottom: 2px dashed transparent;
  padding: 0;
  resize: none;
  field-sizing: content;
  overflow-wrap: anywhere;
}
.fixed {
  white-space: pre-wrap;
}
textarea.grow:hover,
textarea.grow:focus {
  border-bottom-color: var(--edge);
}
textarea.grow[aria-invalid='true'] {
  border-bottom-color: var(--brick);
}
textarea::placeholder {
  color: var(--muted);
  opacity: 1;
}
</style>
