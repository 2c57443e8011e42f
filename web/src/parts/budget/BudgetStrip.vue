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
import { useWriting } from '@/fields/writing'
import OverspendingLine from './OverspendingLine.vue'
import { newPrice } from './newPrice'

/** What is sold: each thing once, with what a team pays for it and what the school does. */
const props = defineProps<{ part: BudgetPart }>()
const at = computed(() => `/method/parts/${props.part.id}`)
const { brief } = useWriting()
const fresh = () => newPrice(freeIn(props.part.prices, 'price'))
const materials = computed(() => brief.value?.materials.filter((m) => !m.off && m.name) ?? [])
const materialOf = (id: string) => brief.value?.materials.find((m) => m.id === id)
/** A material is sold once. */
const offered = (own: string) => [
  ['', 'something else'] as const,
  ...materials.value
    .filter((m) => m.id === own || !props.part.prices.some((p) => p.material === m.id))
    .map((m) => [m.id, m.name] as const),
]
</script>

<template>
  <p class="line">
    Each team has <InlineNumber v-model="part.funds" label="Funds" :at="`${at}/funds`" />
    <InlineText v-model="part.money" label="Money" :at="`${at}/money`" placeholder="tokens" />. What is given back
    returns <InlineNumber v-model="part.returnPercent" label="Percent returned" :at="`${at}/returnPercent`" /> percent
    of what it cost. Points are for what is
    <InlineChoice
      v-model="part.value"
      label="What counts of the budget"
      :options="[
        ['left', 'left'],
        ['spent', 'spent'],
      ]"
    />.
  </p>
  <OverspendingLine :part="part" />
  <ItemLines
    v-slot="{ item }"
    :items="part.prices"
    one="price"
    :at="`${at}/prices`"
    :fresh="fresh"
    :paste="{
      such: 'a minute of advice: 4',
      row: ([name, each], item) => ({ ...item, name: name ?? '', each: numberOf(each) ?? item.each }),
    }"
  >
    <InlineChoice
      v-if="materials.length > 0 || item.material"
      v-model="item.material"
      label="What is sold"
      :at="`${at}/prices/${item.id}/material`"
      :options="offered(item.material)"
    />
    <InlineText
      v-if="!item.material"
      v-model="item.name"
      label="For sale"
      :at="`${at}/prices/${item.id}/name`"
      placeholder="such as a minute of advice"
    />: a team pays <InlineNumber v-model="item.each" label="Price" :at="`${at}/prices/${item.id}/each`" />
    {{ part.money }}
    <template v-if="materialOf(item.material)?.unit">
      for
      <InlineNumber v-model="item.amount" label="How much one is" :at="`${at}/prices/${item.id}/amount`" />
      {{ materialOf(item.material)!.unit }}
    </template>
    <template v-else>each</template>
    <span v-if="materialOf(item.material)" class="small muted">
      The school pays
      <InlineNumber
        v-model="materialOf(item.material)!.price"
        label="What the school pays"
        :at="`/materials/${item.material}/price`"
      />
      {{ brief?.money }} for
      <InlineNumber
        v-model="materialOf(item.material)!.pack"
        label="In a pack"
        :at="`/materials/${item.material}/pack`"
      />
      (empty: one).
    </span>
  </ItemLines>
  <CurveFields v-model="part.curve" :at="`${at}/curve`" :of="{ unit: part.money }" />
</template>
