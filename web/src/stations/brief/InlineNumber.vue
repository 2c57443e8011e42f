<script setup lang="ts">
import { computed, useId } from 'vue'
import FieldNote from '../../shared/FieldNote.vue'
import { useSnags } from '../../shared/snags'

/** A number in running text. What is not a number stays as typed, and the server says what would do. */
const props = defineProps<{ label: string; at: string; wide?: boolean }>()
const value = defineModel<number | null | undefined>()
const snags = useSnags()
const note = useId()
const shown = computed({
  get: () => (value.value === null || value.value === undefined ? '' : String(value.value)),
  set: (typed: string) => {
    const text = typed.trim().replace(',', '.').replace('−', '-')
    const number = Number(text)
    // Something else than a number is passed on as it is: the refusal names this field.
    value.value = text === '' ? undefined : Number.isFinite(number) ? number : (typed as unknown as number)
  },
})
</script>

<template>
  <span>
    <input
      v-model.lazy="shown"
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
