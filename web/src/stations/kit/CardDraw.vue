<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { api, ask } from '@/api/client'
import type { Refusal } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'

/** Problem cards by number; none comes again before all have come. */
const props = defineProps<{ teams: readonly string[] }>()
const cards = ref(12)
const seed = ref(1)
const drawn = ref<readonly number[]>([])
const refusal = ref<Refusal>()
async function draw() {
  const answer = await ask(
    api.GET('/api/cards', { params: { query: { cards: cards.value, teams: props.teams.length, seed: seed.value } } }),
  )
  refusal.value = answer.ok || answer.offline ? undefined : answer.refusal
  drawn.value = answer.ok ? answer.data : []
}
</script>

<template>
  <section aria-labelledby="cards">
    <h2 id="cards">Card draw</h2>
    <p>
      There are <input v-model.number="cards" type="number" min="1" class="inline" aria-label="Cards" /> problem cards;
      shuffle number
      <input v-model.number="seed" type="number" class="inline" aria-label="Shuffle number for the cards" />
    </p>
    <Button label="Draw the cards" size="small" @click="draw" />
    <RefusalNote :refusal="refusal" />
    <div role="status">
      <ul class="small">
        <li v-for="(card, i) in drawn" :key="i">
          <b>{{ teams[i] }}</b>: card {{ card }}
        </li>
      </ul>
    </div>
  </section>
</template>

<style scoped>
p {
  line-height: 1.9;
}
input {
  width: 3.6rem;
  field-sizing: fixed;
}
</style>
