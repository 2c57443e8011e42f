<script setup lang="ts">
import { computed } from 'vue'
import type { OverRounds, RoundsWay } from '@/api/names'
import InlineCheck from './InlineCheck.vue'
import InlineChoice from './InlineChoice.vue'
import InlineNumbers from './InlineNumbers.vue'
import type { Pairs } from './pairs'

/** How the rounds of a rally become one standing: in a brief, or later beside the results. */
defineProps<{ at: string }>()
const over = defineModel<OverRounds | null>({ required: true })
const ways: Pairs<RoundsWay | null> = [
  [null, 'each round stands by itself'],
  ['last', 'the last round counts'],
  ['best', 'each team’s best round counts'],
  ['sum', 'the rounds are added up'],
  ['mean', 'the mean of the rounds counts'],
  ['weights', 'the rounds are added up with weights'],
]
const way = computed({
  get: () => over.value?.way ?? null,
  set: (way) => (over.value = way ? { weights: [], missedIsZero: false, ...over.value, way } : null),
})
const weights = computed({
  get: () => over.value?.weights ?? [],
  set: (weights) => (over.value = { ...over.value!, weights }),
})
const missedIsZero = computed({
  get: () => over.value?.missedIsZero ?? false,
  set: (missedIsZero) => (over.value = { ...over.value!, missedIsZero }),
})
</script>

<template>
  <InlineChoice v-model="way" label="All rounds" :at="at" :options="ways" /><template v-if="way === 'weights'"
    >, the weights of the rounds in order:
    <InlineNumbers
      v-model="weights"
      label="Weights of the rounds"
      :at="`${at}/weights`"
      placeholder="such as 1, 2" /></template
  ><template v-if="way === 'sum' || way === 'weights'"
    >. <InlineCheck v-model="missedIsZero" label="A round that a team missed counts as 0" :at="`${at}/missedIsZero`" />
  </template>
</template>
