<script setup lang="ts">
import InlineText from './InlineText.vue'

/** A row of words in running text, with commas between them; taken over when the field is left. */
defineProps<{ label: string; at: string; placeholder?: string }>()
const words = defineModel<string[]>({ required: true })
const split = (text: string) => text.split(',').flatMap((word) => word.trim() || [])
</script>

<template>
  <InlineText
    :model-value="words.join(', ')"
    :model-modifiers="{ lazy: true }"
    :label="label"
    :at="at"
    :placeholder="placeholder"
    @update:model-value="(text) => (words = split(text ?? ''))"
  />
</template>
