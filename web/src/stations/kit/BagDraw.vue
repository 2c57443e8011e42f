<script setup lang="ts">
import Button from 'primevue/button'
import { computed, reactive, ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Bag, BagItem, Refusal } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'

/** Bags drawn from the materials, so many of each category, by a number that draws the same again. */
const props = defineProps<{ teams: readonly string[]; stock: readonly BagItem[] }>()
const categories = computed(() => [...new Set(props.stock.map((i) => i.category))])
const shares = reactive<Record<string, { least: number; most: number }>>({})
const share = (category: string) => (shares[category] ??= { least: 2, most: 3 })
const same = ref(false)
const spread = ref(1)
const seed = ref(1)
const bags = ref<readonly Bag[]>([])
const refusal = ref<Refusal>()

async function draw() {
  const answer = await ask(
    api.POST('/api/bags', {
      body: {
        stock: [...props.stock],
        shares: categories.value.map((category) => ({ category, ...share(category) })),
        teams: [...props.teams],
        same: same.value,
        spread: spread.value,
        seed: seed.value,
      },
    }),
  )
  refusal.value = answer.ok || answer.offline ? undefined : answer.refusal
  bags.value = answer.ok ? answer.data : []
}
</script>

<template>
  <section aria-labelledby="bags">
    <h2 id="bags">Bag draw</h2>
    <p v-if="categories.length === 0" class="muted">
      There is nothing to draw from: the brief's materials have no category.
    </p>
    <template v-else>
      <p v-for="c in categories" :key="c">
        From
        <input v-model.number="share(c).least" type="number" min="0" class="inline" :aria-label="`Least of ${c}`" /> to
        <input v-model.number="share(c).most" type="number" min="0" class="inline" :aria-label="`Most of ${c}`" /> of
        {{ c }}
      </p>
      <p>
        <label><input v-model="same" type="checkbox" /> the same for all</label>; worth at most
        <input v-model.number="spread" type="number" min="0" class="inline" aria-label="Spread" /> more or less; draw
        number <input v-model.number="seed" type="number" class="inline" aria-label="Draw number" />
      </p>
      <Button label="Draw the bags" size="small" @click="draw" />
      <RefusalNote :refusal="refusal" />
      <div role="status">
        <ul class="small">
          <li v-for="b in bags" :key="b.team">
            <b>{{ b.team }}</b> ({{ b.value }}): {{ b.items.join(', ') }}
          </li>
        </ul>
      </div>
    </template>
  </section>
</template>

<style scoped>
p {
  line-height: 1.9;
}
input[type='number'] {
  width: 3.2rem;
  field-sizing: fixed;
}
</style>
