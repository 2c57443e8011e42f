<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { CardShown, Deal, RallyOpened, Refusal } from '@/api/names'
import CardLines from '@/shared/CardLines.vue'
import { useRally } from '@/shared/openRally'
import RefusalNote from '@/shared/RefusalNote.vue'
import { singly } from '@/shared/singly'

/** Draws a card in the lesson, for a team or for all; every screen shows it, and it holds from then on. */
const props = defineProps<{ deal: Deal; rally: RallyOpened }>()
const { round, news } = useRally()
const teams = computed(() => props.rally.teams.filter((t) => !t.away))
const team = ref('')
const chosen = ref('')
const last = ref<CardShown>()
const refusal = ref<Refusal>()
/** A card for all needs no team; which one is drawn is not known before. */
const needsTeam = computed(() =>
  (chosen.value ? props.deal.cards.filter((c) => c.id === chosen.value) : props.deal.cards).some(
    (c) => c.for === 'holder',
  ),
)
async function draw() {
  const answer = await ask(
    api.POST('/api/rallies/{id}/draws/card', {
      params: { path: { id: props.rally.id } },
      body: { deal: props.deal.id, team: team.value, card: chosen.value, round: round.value },
    }),
  )
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  last.value = answer.data
  chosen.value = ''
  news()
}
</script>

<template>
  <section :aria-labelledby="`draw-${deal.id}`">
    <h2 :id="`draw-${deal.id}`">{{ deal.name }}: draw a card</h2>
    <form class="line" @submit.prevent="singly(draw)">
      <template v-if="needsTeam">
        <label :for="`team-${deal.id}`">For</label>
        <select :id="`team-${deal.id}`" v-model="team" class="inline">
          <option value="" disabled>choose a team</option>
          <option v-for="t in teams" :key="t.id" :value="t.id">{{ t.name }}</option>
        </select>
      </template>
      <label :for="`card-${deal.id}`">draw</label>
      <select :id="`card-${deal.id}`" v-model="chosen" class="inline">
        <option value="">the next card, by chance</option>
        <option v-for="c in deal.cards" :key="c.id" :value="c.id">“{{ c.name }}”</option>
      </select>
      <Button type="submit" label="Draw" :disabled="needsTeam && !team" />
    </form>
    <div v-if="last" role="status"><CardLines :cards="[last]" :bag="[]" /></div>
    <p class="small muted">A card that was drawn by mistake can be crossed out in the log below.</p>
    <RefusalNote :refusal="refusal" />
  </section>
</template>

<style scoped>
form {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
}
</style>
