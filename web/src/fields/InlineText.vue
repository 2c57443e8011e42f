<script setup lang="ts">
import { computed, useId } from 'vue'
import type { Problem } from '@/api/names'
import FieldNote from '@/fields/FieldNote.vue'
import { useSnags } from '@/shared/snags'

/** A short text in running text. With the modifier lazy it is taken over when the field is left. */
const props = defineProps<{
  label: string
  at: string
  placeholder?: string
  inputmode?: 'text' | 'decimal'
  /** What is wrong with what is typed, where the field itself knows. */
  problem?: Pick<Problem, 'what' | 'remedy'>
}>()
const [value, modifiers] = defineModel<string, 'lazy'>({ required: true })
const snags = useSnags()
const note = useId()
const wrong = computed(() => props.problem ?? snags.at(props.at))
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
      :aria-invalid="wrong !== undefined"
      :aria-describedby="wrong ? note : undefined"
      @input="modifiers.lazy || typed($event)"
      @change="typed"
    />
    <FieldNote :id="note" :problem="wrong" />
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
