<script setup lang="ts">
import { computed } from 'vue'
import type { Counter, TallyPart } from '@/api/names'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { freeIn } from '@/fields/freeId'
import { numberOf } from '@/fields/pastedRows'

/** Things counted while walking past. */
const props = defineProps<{ part: TallyPart }>()
const at = computed(() => `/method/parts/${props.part.id}`)
const fresh = (): Counter => ({
  id: freeIn(props.part.counters, 'counter'),
  name: '',
  points: 1,
  hurts: false,
})
</script>

<template>
  <ItemLines
    v-slot="{ item }"
    :items="part.counters"
    one="counter"
    :at="`${at}/counters`"
    :fresh="fresh"
    :paste="{
      such: 'helped another team: 2',
      row: ([name, points], item) => ({
        ...item,
        name: name ?? '',
        points: Math.abs(numberOf(points) ?? item.points),
        hurts: (numberOf(points) ?? 0) < 0,
      }),
    }"
  >
    Each
    <InlineText
      v-model="item.name"
      label="Counter"
      :at="`${at}/counters/${item.id}/name`"
      placeholder="What is counted"
    />
    <InlineChoice
      v-model="item.hurts"
      label="Helps or hurts"
      :options="[
        [false, 'helps by'],
        [true, 'hurts by'],
      ]"
    />
    <InlineNumber v-model="item.points" label="Points for each" :at="`${at}/counters/${item.id}/points`" />, at most
    <InlineNumber v-model="item.atMost" label="At most" :at="`${at}/counters/${item.id}/atMost`" />
    {{ item.atMost === 1 ? 'time (yes or no)' : 'times (empty: any number)' }}
  </ItemLines>
</template>
