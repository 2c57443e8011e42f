<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, CardEffect, CardEffectOf, DealCard, PartOf } from '@/api/names'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { named, type Pairs } from '@/fields/pairs'

/** What a card changes: a price, what may be used, how much there is, the clock, points. */
const props = defineProps<{ brief: Brief; card: DealCard; at: string }>()
const budgets = computed(() => props.brief.method.parts.filter((p): p is PartOf<'budget'> => p.kind === 'budget'))
const materials = computed(() => named(props.brief.materials, 'material'))
const nameOf = (budget: PartOf<'budget'>, id: string) => {
  const price = budget.prices.find((p) => p.id === id)
  return props.brief.materials.find((m) => m.id === price?.material)?.name || price?.name || id
}
const sold = computed(() => budgets.value.flatMap((b) => b.prices.map((p) => [p.id, nameOf(b, p.id)] as const)))
/** Of what is sold, materials stand there once. */
const forbidden = computed(() => [
  ...materials.value,
  ...budgets.value.flatMap((b) => b.prices.filter((p) => !p.material).map((p) => [p.id, nameOf(b, p.id)] as const)),
])
const fresh: { [K in CardEffect['kind']]: () => CardEffectOf<K> } = {
  price: () => ({
    kind: 'price',
    part: budgets.value[0]?.id ?? '',
    item: sold.value[0]?.[0] ?? '',
    how: 'times',
    amount: 2,
  }),
  forbids: () => ({ kind: 'forbids', thing: forbidden.value[0]?.[0] ?? '' }),
  gives: () => ({ kind: 'gives', material: materials.value[0]?.[0] ?? '', amount: 1 }),
  minutes: () => ({ kind: 'minutes', amount: 2 }),
  points: () => ({ kind: 'points', amount: 1 }),
}
const kinds: Pairs<CardEffect['kind']> = [
  ['price', 'changes a price'],
  ['forbids', 'forbids'],
  ['gives', 'gives material'],
  ['minutes', 'adds or takes minutes'],
  ['points', 'gives or takes points'],
]
const setKind = (i: number, kind: CardEffect['kind']) => void props.card.effects.splice(i, 1, fresh[kind]())
/** Where a price is sold is told by the budget that has it. */
const sell = (effect: CardEffectOf<'price'>, item: string) => {
  effect.item = item
  effect.part = budgets.value.find((b) => b.prices.some((p) => p.id === item))?.id ?? effect.part
}
</script>

<template>
  <ItemLines
    v-slot="{ item, i }"
    :items="card.effects"
    one="effect"
    add="Add an effect"
    :at="`${at}/effects`"
    :fresh="(): CardEffect => (sold.length > 0 ? fresh.price() : fresh.points())"
  >
    <InlineChoice
      :model-value="item.kind"
      label="What the card does"
      :options="kinds"
      @update:model-value="setKind(i, $event)"
    />
    <template v-if="item.kind === 'price'">
      of
      <InlineChoice
        :model-value="item.item"
        label="Whose price"
        :at="`${at}/effects/${i}/item`"
        :options="sold"
        @update:model-value="sell(item, $event)"
      />
      <InlineChoice
        v-model="item.how"
        label="How it changes"
        :options="[
          ['to', 'to'],
          ['by', 'by'],
          ['times', 'times'],
        ]"
      />
      <InlineNumber v-model="item.amount" label="How much" :at="`${at}/effects/${i}/amount`" />
    </template>
    <InlineChoice
      v-else-if="item.kind === 'forbids'"
      v-model="item.thing"
      label="What it forbids"
      :at="`${at}/effects/${i}/thing`"
      :options="forbidden"
    />
    <template v-else-if="item.kind === 'gives'">
      <InlineNumber v-model="item.amount" label="How much" :at="`${at}/effects/${i}/amount`" /> of
      <InlineChoice v-model="item.material" label="Of what" :at="`${at}/effects/${i}/material`" :options="materials" />
    </template>
    <template v-else>
      <InlineNumber v-model="item.amount" label="How much" :at="`${at}/effects/${i}/amount`" />
      {{ item.kind === 'minutes' ? 'minutes' : 'points' }}
      <span class="small muted">(below 0 to take minutes off)</span>
    </template>
  </ItemLines>
</template>
