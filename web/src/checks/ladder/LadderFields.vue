<script setup lang="ts">
import type { RuleCheckOf } from '@/api/names'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import LabelChoice from '../LabelChoice.vue'
import PartChoice from '../PartChoice.vue'

/** Each size so many times the one before. */
defineProps<{ check: RuleCheckOf<'ladder'>; at: string }>()
</script>

<template>
  of <PartChoice v-model="check.part" kind="pieces" label="Pieces" :at="`${at}/part`" />: each size of
  <LabelChoice v-model="check.label" :part="check.part" /> at least
  <InlineNumber v-model="check.times" label="Times as large" :at="`${at}/times`" /> times the one before, by
  <InlineChoice
    v-model="check.dimension"
    label="What is compared"
    :options="[
      ['length', 'length'],
      ['width', 'width'],
      ['area', 'area'],
    ]"
  />
</template>
