<script setup lang="ts">
import InlineText from './InlineText.vue'
import { noNumber, readNumber } from '@/shared/numbers'
import { useTyped } from './useTyped'

/** A number in running text, also as a fraction. What is no number stays as typed, and the field says what would do. */
const props = defineProps<{ label: string; at: string; wide?: boolean; placeholder?: string }>()
const value = defineModel<number | null | undefined>()
const { text, type, problem } = useTyped<number | null | undefined>({
  place: () => props.at,
  value,
  write: (number) => (number === null || number === undefined ? '' : String(number)),
  read: (typed) => {
    const meant = readNumber(typed)
    if (meant.kind === 'other') return { problem: noNumber(typed) }
    return { value: meant.kind === 'number' ? meant.number : undefined }
  },
})
</script>

<template>
  <InlineText
    :model-value="text"
    class="number"
    :class="{ wide }"
    :label="label"
    :at="at"
    :placeholder="placeholder"
    :problem="problem"
    inputmode="decimal"
    @update:model-value="type($event ?? '')"
  />
</template>

<style scoped>
.number :deep(input) {
  field-sizing: fixed;
  min-width: 0;
  width: 3.2rem;
  text-align: center;
  font-variant-numeric: tabular-nums;
}
.wide :deep(input) {
  width: 5rem;
}
</style>
