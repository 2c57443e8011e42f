<script setup lang="ts">
import { ref, watch } from 'vue'
import InlineText from './InlineText.vue'

/** A number in running text. What is not a number stays as typed, and the server says what would do. */
defineProps<{ label: string; at: string; wide?: boolean }>()
const value = defineModel<number | null | undefined>()

const written = (number: typeof value.value) => (number === null || number === undefined ? '' : String(number))
const understood = (text: string) => {
  const plain = text.trim().replace(',', '.').replace('−', '-')
  if (plain === '') return undefined
  // Something else than a number is passed on as it is: the refusal names this field.
  return Number.isFinite(Number(plain)) ? Number(plain) : (text as unknown as number)
}

/** What is typed stays as typed; only a value that comes from elsewhere is written anew. */
const text = ref(written(value.value))
watch(value, (now) => {
  if (understood(text.value) !== (now ?? undefined)) text.value = written(now)
})
watch(text, (typed) => (value.value = understood(typed)))
</script>

<template>
  <InlineText v-model="text" class="number" :class="{ wide }" :label="label" :at="at" inputmode="decimal" />
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
