<script setup lang="ts">
import type { Brief } from '@/api/names'
import GrowText from '@/fields/GrowText.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import CardEffects from './CardEffects.vue'
import { newCard, newDeal } from '@/stations/brief/newItems'

/** Differences from team to team: a machine, a problem card, a handicap, with the cards that there are of it. */
defineProps<{ brief: Brief }>()
/** A card's name keeps its number, for students draw it by that; what stands behind a colon is its text. */
function cardOf(line: string) {
  const [name = '', ...text] = line.split(/\t|;\s*|:\s+/)
  return { name: name.trim(), text: text.join(' ').trim() }
}
</script>

<template>
  <ItemLines
    v-slot="{ item }"
    :items="brief.deals"
    one="deal"
    add="Add cards for the teams"
    at="/deals"
    :fresh="() => newDeal(brief)"
  >
    <InlineText
      v-model="item.name"
      label="What is dealt"
      :at="`/deals/${item.id}/name`"
      placeholder="such as a machine"
    />,
    <InlineChoice
      v-model="item.drawn"
      label="When it comes to the teams"
      :options="[
        ['beforeLesson', 'one to each team'],
        ['inLesson', 'drawn one by one in the lesson'],
      ]"
    />:
    <ItemLines
      v-slot="{ item: card }"
      :items="item.cards"
      one="card"
      :at="`/deals/${item.id}/cards`"
      :fresh="() => newCard(brief)"
      :paste="{
        such: 'Two pulleys',
        row: (_cells, fresh, _line, numbered) => ({ ...fresh, ...cardOf(numbered) }),
      }"
    >
      <InlineText v-model="card.name" label="Card" :at="`/deals/${item.id}/cards/${card.id}/name`" placeholder="name" />
      <span class="small muted not-on-paper"
        >; there are
        <InlineNumber
          v-model="card.count"
          label="How many there are"
          :at="`/deals/${item.id}/cards/${card.id}/count`"
        />
        ({{ item.drawn === 'inLesson' ? 'empty: one' : 'empty: enough' }})</span
      >
      <GrowText
        v-model="card.text"
        label="What stands on the card"
        :at="`/deals/${item.id}/cards/${card.id}/text`"
        placeholder="what stands on it"
      />
      <div class="small not-on-paper">
        <template v-if="item.drawn === 'inLesson'">
          It is for
          <InlineChoice
            v-model="card.for"
            label="Whom the card is for"
            :at="`/deals/${item.id}/cards/${card.id}/for`"
            :options="[
              ['holder', 'the team that draws it'],
              ['all', 'all teams'],
            ]"
          />
          and holds
          <InlineChoice
            v-model="card.lasts"
            label="How long the card holds"
            :options="[
              ['fromNowOn', 'from then on'],
              ['once', 'once: in that round, a price for the next time a team buys'],
            ]"
          />.
        </template>
        <CardEffects :brief="brief" :card="card" :at="`/deals/${item.id}/cards/${card.id}`" />
      </div>
    </ItemLines>
  </ItemLines>
</template>
