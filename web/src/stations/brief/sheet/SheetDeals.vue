<script setup lang="ts">
import type { Brief } from '@/api/names'
import GrowText from '@/fields/GrowText.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import { newCard, newDeal } from '@/stations/brief/newItems'

/** What differs from team to team: a machine, a problem card, a handicap, with the cards that there are of it. */
defineProps<{ brief: Brief }>()
</script>

<template>
  <ItemLines
    v-slot="{ item }"
    :items="brief.deals"
    one="deal"
    add="Deal something to each team"
    at="/deals"
    :fresh="() => newDeal(brief)"
  >
    <InlineText
      v-model="item.name"
      label="What is dealt"
      :at="`/deals/${item.id}/name`"
      placeholder="such as a machine"
    />, one to each team:
    <ItemLines
      v-slot="{ item: card }"
      :items="item.cards"
      one="card"
      :at="`/deals/${item.id}/cards`"
      :fresh="() => newCard(brief)"
      :paste="{
        such: 'Two pulleys',
        row: (cells, fresh) => ({ ...fresh, name: cells[0] ?? '', text: cells[1] ?? '' }),
      }"
    >
      <InlineText
        v-model="card.name"
        label="Card"
        :at="`/deals/${item.id}/cards/${card.id}/name`"
        placeholder="what it is called"
      />
      <span class="small muted not-on-paper"
        >; there are
        <InlineNumber
          v-model="card.count"
          label="How many there are"
          :at="`/deals/${item.id}/cards/${card.id}/count`"
        />
        (empty: enough)</span
      >
      <GrowText
        v-model="card.text"
        label="What stands on the card"
        :at="`/deals/${item.id}/cards/${card.id}/text`"
        placeholder="what stands on it"
      />
    </ItemLines>
  </ItemLines>
</template>
