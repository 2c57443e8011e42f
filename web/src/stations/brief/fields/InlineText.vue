<script setup lang="ts">
import { useId } from 'vue'
import FieldNote from '../../../shared/FieldNote.vue'
import { useSnags } from '../../../shared/snags'

/** A short text in running text. With the modifier lazy it is taken over when the field is left. */
defineProps<{ label: string; at: string; placeholder?: string; inputmode?: 'text' | 'decimal' }>()
const [value, modifiers] = defineModel<string, 'lazy'>({ required: true })
const snags = useSnags()
const note = useId()
const typed = (event: Event) => (value.value = (event.target as HTMLInputElement).value)
</script>

<template>
  <span>
    <input
      :value="value"
      class="inline"
      :aria-label="label"
      :placeholder="placeholder"
      :inputmode="inputmode"
      :data-at="at"
      :aria-invalid="snags.at(at) !== undefined"
      :aria-describedby="snags.at(at) ? note : undefined"
      @input="modifiers.lazy || typed($event)"
      @change="typed"
    />
    <FieldNote :id="note" :at="at" />
  </span>
</template>

<style scoped>
input {
  field-sizing: content;
  min-width: 4rem;
}
input::placeholder {
  color: var(--muted);
  opacity: 1;
}
</style>
