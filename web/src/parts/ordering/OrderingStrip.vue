<script setup lang="ts">
import { computed } from 'vue'
import type { OrderingPart } from '@/api/names'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { freeIn } from '@/fields/freeId'
import { numberOf } from '@/fields/pastedRows'

/** Items to be put in order; equal numbers in the key are ties. */
const props = defineProps<{ part: OrderingPart }>()
const at = computed(() => `/method/parts/${props.part.id}`)
const fresh = () => ({
  id: freeIn(props.part.items, 'item'),
  name: '',
  key: Math.max(0, ...props.part.items.map((i) => i.key)) + 1,
})
</script>

<template>
  <ItemLines
    v-slot="{ item }"
    :items="part.items"
    one="item"
    add="Add an item"
    :at="`${at}/items`"
    :fresh="fresh"
    :paste="{
      such: 'gray pebble',
      row: ([name, key], item) => ({ ...item, name: name ?? '', key: numberOf(key) ?? item.key }),
    }"
  >
    <InlineText
      v-model="item.name"
      label="Item"
      :at="`${at}/items/${item.id}/name`"
      placeholder="What is put in order"
    />
    is number <InlineNumber v-model="item.key" label="Number in the key" :at="`${at}/items/${item.id}/key`" />
  </ItemLines>
  <p class="line">
    The order goes from
    <InlineText v-model="part.first" label="First end" :at="`${at}/first`" placeholder="lightest" /> to
    <InlineText v-model="part.last" label="Last end" :at="`${at}/last`" placeholder="heaviest" />.
  </p>
  <p class="line">
    Each pair in the right order gives
    <InlineNumber v-model="part.perPair" label="Points for a pair" :at="`${at}/perPair`" />, each item in its right
    place <InlineNumber v-model="part.perPlace" label="Points for a place" :at="`${at}/perPlace`" />.
  </p>
</template>
