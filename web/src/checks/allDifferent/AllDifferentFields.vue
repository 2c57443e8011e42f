<script setup lang="ts">
import type { RuleCheckOf } from '@/api/names'
import InlineNumber from '@/fields/InlineNumber.vue'
import LabelChoice from '../LabelChoice.vue'
import PartChoice from '../PartChoice.vue'

/** Proportions that differ from group to group. */
defineProps<{ check: RuleCheckOf<'allDifferent'>; at: string }>()
</script>

<template>
  of <PartChoice v-model="check.part" kind="pieces" label="Pieces" :at="`${at}/part`" />, from group to group of
  <LabelChoice v-model="check.label" :part="check.part" />, to
  <InlineNumber v-model="check.decimals" label="Decimals" :at="`${at}/decimals`" /> decimals
</template>
