<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Material, PartOf } from '@/api/names'
import { freeIn } from '@/fields/freeId'
import InlineNumber from '@/fields/InlineNumber.vue'
import { newPrice } from '@/parts/budget/newPrice'

/** What a team pays for a material, where the brief has a budget: the same price as in the budget's list. */
const props = defineProps<{ brief: Brief; material: Material }>()
const budget = computed(() =>
  props.brief.method.parts.find((p): p is PartOf<'budget'> => p.kind === 'budget' && !p.off),
)
const price = computed(() => budget.value?.prices.find((p) => p.material === props.material.id))
function sell() {
  const prices = budget.value!.prices
  prices.push({ ...newPrice(freeIn(prices, 'price')), material: props.material.id })
}
</script>

<template>
  <div v-if="budget && price">
    A team pays
    <InlineNumber
      v-model="price.each"
      label="What a team pays"
      :at="`/method/parts/${budget.id}/prices/${price.id}/each`"
    />
    {{ budget.money }} {{ material.unit ? `for ${price.amount} ${material.unit}` : 'each' }}.
  </div>
  <button v-else-if="budget" type="button" class="act" @click="sell">Sell it to teams</button>
</template>
