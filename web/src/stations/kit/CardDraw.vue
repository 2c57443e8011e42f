<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { CardShown, KitSheet, Refusal } from '@/api/names'
import RefusalNote from '@/shared/RefusalNote.vue'

/** The cards of a deal by a shuffle number: the same number deals them to the teams of a rally. */
const props = defineProps<{
  brief: string
  tier: string
  deal: KitSheet['deals'][number]
  teams: readonly string[]
}>()
const seed = ref(1)
const drawn = ref<readonly CardShown[]>([])
const refusal = ref<Refusal>()
async function draw() {
  const answer = await ask(
    api.GET('/api/briefs/{id}/cards', {
      params: { path: { id: props.brief }, query: { deal: props.deal.id, seed: seed.value, tier: props.tier } },
    }),
  )
  refusal.value = refusalOf(answer)
  drawn.value = answer.ok ? answer.data : []
}
</script>

<template>
  <section :aria-labelledby="`cards-${deal.id}`">
    <h2 :id="`cards-${deal.id}`">Card draw: {{ deal.name }}</h2>
    <p>
      Shuffle number
      <input v-model.number="seed" type="number" class="inline" :aria-label="`Shuffle number: ${deal.name}`" />.
      <span class="small muted">The same number deals the same cards at Teams.</span>
    </p>
    <Button label="Draw the cards" size="small" :aria-label="`Draw the cards: ${deal.name}`" @click="draw" />
    <RefusalNote :refusal="refusal" />
    <div role="status">
      <ul class="small">
        <li v-for="(card, i) in drawn" :key="i">
          <b>{{ teams[i] }}</b>: {{ card.name }}
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
