<script setup lang="ts">
import { computed } from 'vue'
import type { PiecesPart } from '@/api/names'
import InlineChoice from '@/fields/InlineChoice.vue'
import { useWriting } from '@/fields/writing'

/** One of the two labels of a part's pieces, by its name. */
const props = defineProps<{ part: string }>()
const label = defineModel<'first' | 'second'>({ required: true })
const { brief } = useWriting()
const pieces = computed(() =>
  brief.value?.method.parts.find((p): p is PiecesPart => p.kind === 'pieces' && p.id === props.part),
)
const sides = computed(
  () =>
    [
      ['first', pieces.value?.first.name || 'the first label'],
      ['second', pieces.value?.second.name || 'the second label'],
    ] as const,
)
</script>

<template><InlineChoice v-model="label" label="Label" :options="sides" /></template>
