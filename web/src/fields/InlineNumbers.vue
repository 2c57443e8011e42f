<script setup lang="ts">
import InlineText from './InlineText.vue'
import { noNumber, readNumber } from '@/shared/numbers'
import { useTyped } from './useTyped'

/** A row of numbers in running text, with semicolons or commas between them. */
const props = defineProps<{ label: string; at: string; placeholder?: string }>()
const value = defineModel<number[]>({ required: true })
const { text, type, problem } = useTyped<number[]>({
  place: () => props.at,
  value,
  write: (numbers) => numbers.join(', '),
  read: (typed) => {
    const words = typed.split(/[,;\s]+/).filter(Boolean)
    const numbers = words.map(readNumber)
    const wrong = words.find((_, i) => numbers[i]?.kind === 'other')
    if (wrong !== undefined) return { problem: noNumber(wrong) }
    return { value: numbers.flatMap((n) => (n.kind === 'number' ? [n.number] : [])) }
  },
})
</script>

<template>
  <InlineText
    :model-value="text"
    :label="label"
    :at="at"
    :placeholder="placeholder"
    :problem="problem"
    @update:model-value="type($event ?? '')"
  />
</template>
