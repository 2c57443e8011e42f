<script setup lang="ts">
import { computed } from 'vue'
import InlineChoice from './InlineChoice.vue'
import InlineNumber from './InlineNumber.vue'
import type { Pairs } from './pairs'

/** A value of a measure in running text: a number, or, where it is read in levels, the level's words. */
const props = defineProps<{
  label: string
  at: string
  levels?: readonly string[]
  wide?: boolean
  placeholder?: string
}>()
const value = defineModel<number | null | undefined>()
const words = computed((): Pairs<number> => (props.levels ?? []).map((level, i) => [i, level] as const))
</script>

<template>
  <InlineChoice
    v-if="words.length > 0"
    :model-value="value ?? -1"
    :label="label"
    :at="at"
    :options="words"
    @update:model-value="(level) => (value = level)"
  />
  <InlineNumber v-else v-model="value" :label="label" :at="at" :wide="wide" :placeholder="placeholder" />
</template>
