<script setup lang="ts">
import { computed } from 'vue'
import type { RuleCheckOf } from '@/api/names'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import LabelChoice from '../LabelChoice.vue'
import PartChoice from '../PartChoice.vue'
import { useWriting } from '@/fields/writing'

/** How large a part of the pieces some are. */
const props = defineProps<{ check: RuleCheckOf<'share'>; at: string }>()
const { brief } = useWriting()
const groups = computed(() => {
  const part = brief.value?.method.parts.find((p) => p.id === props.check.part)
  return part?.kind === 'pieces' ? part[props.check.label].values.map((v) => [v.name, v.name] as const) : []
})
</script>

<template>
  of <PartChoice v-model="check.part" kind="pieces" label="Pieces" :at="`${at}/part`" />, by
  <LabelChoice v-model="check.label" :part="check.part" />, that are
  <InlineChoice v-model="check.group" label="Group" :at="`${at}/group`" :options="groups" />:
  <InlineNumber v-model="check.percent" label="Percent" :at="`${at}/percent`" /> percent of their
  <InlineChoice
    v-model="check.of"
    label="Share of"
    :options="[
      ['count', 'number'],
      ['points', 'points'],
    ]"
  />, give or take <InlineNumber v-model="check.tolerance" label="Tolerance" :at="`${at}/tolerance`" />
</template>
