<script setup lang="ts">
import type { NamedFigure } from '@/api/names'
import InlineAmount from './InlineAmount.vue'
import InlineChoice from './InlineChoice.vue'
import InlineNumber from './InlineNumber.vue'
import { better, combines, takesFailed } from './words'

/** What several attempts come to: which of them count, which way is better, and what a failed one counts as. */
defineProps<{
  of: Pick<NamedFigure, 'combine' | 'bestOf' | 'better' | 'failureValue'>
  at: string
  levels?: readonly string[]
}>()
</script>

<template>
  <InlineChoice
    :model-value="of.better ?? 'more'"
    label="Which direction is better"
    :at="`${at}/better`"
    :options="better"
    @update:model-value="(way) => (of.better = way)"
  />
  is better. What counts is
  <InlineChoice v-model="of.combine" label="What counts" :at="`${at}/combine`" :options="combines" />
  <InlineNumber v-if="of.combine === 'bestMean'" v-model="of.bestOf" label="Of how many" :at="`${at}/bestOf`" />.
  <template v-if="takesFailed(of)">
    A failed attempt counts as
    <InlineAmount
      v-model="of.failureValue"
      label="Value of a failed attempt"
      :at="`${at}/failureValue`"
      :levels="levels"
    />.
  </template>
</template>
