<script setup lang="ts">
import { ref, useId, watch } from 'vue'
import FieldNote from '../../shared/FieldNote.vue'
import { useSnags } from '../../shared/snags'

/** A number in running text. What is not a number stays as typed, and the server says what would do. */
const props = defineProps<{ label: string; at: string; wide?: boolean }>()
const value = defineModel<number | null | undefined>()
const snags = useSnags()
const note = useId()

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
  <span>
    <input
      v-model="text"
      class="inline figures"
      :class="{ wide: props.wide }"
      inputmode="decimal"
      :aria-label="label"
      :data-at="at"
      :aria-invalid="snags.at(at) !== undefined"
      :aria-describedby="snags.at(at) ? note : undefined"
    />
    <FieldNote :id="note" :at="at" />
  </span>
</template>

<style scoped>
input {
  width: 3.2rem;
  text-align: center;
}
.wide {
  width: 5rem;
}
</style>
