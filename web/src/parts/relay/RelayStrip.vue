<script setup lang="ts">
import { computed } from 'vue'
import type { RelayPart } from '@/api/names'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { freeIn } from '@/fields/freeId'
import CurveFields from '@/curves/CurveFields.vue'
import { numberOf } from '@/fields/pastedRows'

/** Legs in order, with faults that cost seconds. */
const props = defineProps<{ part: RelayPart }>()
const at = computed(() => `/method/parts/${props.part.id}`)
const freshFault = () => ({
  id: freeIn(props.part.faults, 'fault'),
  name: '',
  seconds: 5,
})
</script>

<template>
  <ItemLines
    v-slot="{ i }"
    :items="part.legs"
    one="leg"
    :at="`${at}/legs`"
    :fresh="() => `leg ${part.legs.length + 1}`"
    :paste="{ such: 'across the beam', row: (_cells, _fresh, line) => line }"
  >
    <InlineText v-model="part.legs[i]!" label="Leg" :at="`${at}/legs/${i}`" />
  </ItemLines>
  <ItemLines
    v-slot="{ item }"
    :items="part.faults"
    one="fault"
    :at="`${at}/faults`"
    :fresh="freshFault"
    :paste="{
      such: 'dropped: 5 seconds',
      row: ([name, seconds], item) => ({ ...item, name: name ?? '', seconds: numberOf(seconds) ?? item.seconds }),
    }"
  >
    <InlineText
      v-model="item.name"
      label="Fault"
      :at="`${at}/faults/${item.id}/name`"
      placeholder="What can go wrong"
    />
    costs <InlineNumber v-model="item.seconds" label="Seconds" :at="`${at}/faults/${item.id}/seconds`" /> seconds
  </ItemLines>
  <p class="line">
    Times are read to <InlineNumber v-model="part.step" label="Step of times" :at="`${at}/step`" /> s. Each item brought
    over gives
    <InlineNumber v-model="part.pointsPerItem" label="Points for each item" :at="`${at}/pointsPerItem`" /> points.
  </p>
  <CurveFields v-model="part.curve" :at="`${at}/curve`" :of="{ unit: 'second' }" />
</template>
