<script setup lang="ts">
import { computed } from 'vue'
import type { Part } from '@/api/names'
import InlineChoice from '@/fields/InlineChoice.vue'
import { named } from '@/fields/pairs'
import { useWriting } from '@/fields/writing'

/** One of the parts of a kind, by its name. */
const props = defineProps<{ kind?: Part['kind']; label: string; at: string }>()
const part = defineModel<string>({ required: true })
const { brief } = useWriting()
const parts = computed(() =>
  named(brief.value?.method.parts.filter((p) => !props.kind || p.kind === props.kind) ?? [], 'part'),
)
</script>

<template><InlineChoice v-model="part" :label="label" :at="at" :options="parts" /></template>
