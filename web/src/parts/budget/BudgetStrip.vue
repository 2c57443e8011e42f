<script setup lang="ts">
import { computed } from 'vue'
import type { BudgetPart } from '@/api/names'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { freeIn } from '@/fields/freeId'
import CurveFields from '@/curves/CurveFields.vue'
import { numberOf } from '@/fields/pastedRows'

/** Materials that are bought. */
const props = defineProps<{ part: BudgetPart }>()
const at = computed(() => `/method/parts/${props.part.id}`)
const fresh = () => ({
  id: freeIn(props.part.prices, 'price'),
  name: '',
  each: 1,
})
</script>

<template>
  <p class="line">
    Each team has <InlineNumber v-model="part.funds" label="Funds" :at="`${at}/funds`" />
    <InlineText v-model="part.money" label="Money" :at="`${at}/money`" placeholder="tokens" />. What is given back
    returns <InlineNumber v-model="part.returnPercent" label="Percent returned" :at="`${at}/returnPercent`" /> percent
    of its price. Points are for what is
    <InlineChoice
      v-model="part.value"
      label="What counts of the budget"
      :options="[
        ['left', 'left'],
        ['spent', 'spent'],
      ]"
    />.
  </p>
  <ItemLines
    v-slot="{ item }"
    :items="part.prices"
    one="price"
    :at="`${at}/prices`"
    :fresh="fresh"
    :paste="{
      such: 'sheet of card: 4',
      row: ([name, each], item) => ({ ...item, name: name ?? '', each: numberOf(each) ?? item.each }),
    }"
  >
    <InlineText
      v-model="item.name"
      label="For sale"
      :at="`${at}/prices/${item.id}/name`"
      placeholder="What can be bought"
    />
    costs <InlineNumber v-model="item.each" label="Price" :at="`${at}/prices/${item.id}/each`" />
  </ItemLines>
  <CurveFields v-model="part.curve" :at="`${at}/curve`" :unit="part.money" />
</template>
