<script setup lang="ts">
import { useId } from 'vue'
import FieldNote from '../../shared/FieldNote.vue'
import { useSnags } from '../../shared/snags'

/** A short text in running text. */
defineProps<{ label: string; at: string; placeholder?: string; inputmode?: 'text' | 'decimal' }>()
const value = defineModel<string>({ required: true })
const snags = useSnags()
const note = useId()
</script>

<template>
  <span>
    <input
      v-model="value"
      class="inline"
      :aria-label="label"
      :placeholder="placeholder"
      :inputmode="inputmode"
      :data-at="at"
      :aria-invalid="snags.at(at) !== undefined"
      :aria-describedby="snags.at(at) ? note : undefined"
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
