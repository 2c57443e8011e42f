<script setup lang="ts">
import Button from 'primevue/button'
import { computed, reactive, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Bag, BagItem, Refusal } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'
import BagShares from './BagShares.vue'
import { newDraw } from './bags'

/** Bags drawn from the materials, so many of each category, by a number that draws the same again. */
const props = defineProps<{ teams: readonly string[]; stock: readonly BagItem[] }>()
const categories = computed(() => [...new Set(props.stock.map((i) => i.category))])
const how = reactive(newDraw())
const bags = ref<readonly Bag[]>([])
const refusal = ref<Refusal>()

async function draw() {
  const answer = await ask(
    api.POST('/api/bags', {
      body: {
        stock: [...props.stock],
        shares: categories.value.map((category) => ({ category, ...how.share(category) })),
        teams: [...props.teams],
        same: how.same,
        spread: how.spread,
        seed: how.seed,
      },
    }),
  )
  refusal.value = refusalOf(answer)
  bags.value = answer.ok ? answer.data : []
}
</script>

<template>
  <section aria-labelledby="bags">
    <h2 id="bags">Bag draw</h2>
    <BagShares :draw="how" :categories="categories" />
    <Button label="Draw the bags" size="small" @click="draw" />
    <RefusalNote :refusal="refusal" />
    <div role="status">
      <ul class="small">
        <li v-for="b in bags" :key="b.team">
          <b>{{ b.team }}</b> ({{ b.value }}): {{ b.items.join(', ') }}
        </li>
      </ul>
    </div>
  </section>
</template>
