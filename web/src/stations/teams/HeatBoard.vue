<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { RallyOpened, Refusal } from '@/api/names'
import { heatsOf } from '@/shared/heats'
import { useRally } from '@/shared/openRally'
import RefusalNote from '@/shared/RefusalNote.vue'
import { singly } from '@/shared/singly'

/** The heats of a round, with a lane for each team, drawn by a number that draws the same again. */
const props = defineProps<{ rally: RallyOpened }>()
const { round, news } = useRally()
const lanes = ref(2)
const seed = ref(1)
const refusal = ref<Refusal>()
const heats = computed(() => heatsOf([...props.rally.teams, ...props.rally.beside.flatMap((b) => b.teams)]))
async function draw() {
  const answer = await ask(
    api.POST('/api/rallies/{id}/draws/heats', {
      params: { path: { id: props.rally.id } },
      body: { lanes: lanes.value, seed: seed.value, round: round.value },
    }),
  )
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  seed.value++
  news()
}
</script>

<template>
  <section aria-labelledby="heats">
    <h2 id="heats">Heats</h2>
    <ol v-if="heats.length > 0">
      <li v-for="h in heats" :key="h.number">
        <b>Heat {{ h.number }}:</b> {{ h.teams.map((t) => `${t.name} in lane ${t.lane}`).join(', ') }}
      </li>
    </ol>
    <p v-else class="muted">None are drawn. Teams can also be put together at the pad.</p>
    <form class="line" @submit.prevent="singly(draw)">
      <label for="lanes">Teams that run at once</label>
      <input id="lanes" v-model.number="lanes" type="number" min="1" max="60" class="inline number" />
      <label for="heat-seed">drawn by number</label>
      <input id="heat-seed" v-model.number="seed" type="number" class="inline number" />
      <Button type="submit" :label="heats.length > 0 ? 'Draw the heats again' : 'Draw the heats'" size="small" />
    </form>
    <RefusalNote :refusal="refusal" />
  </section>
</template>

<style scoped>
section {
  padding-top: var(--space-6);
}
li {
  border-bottom: 1px solid var(--line);
  padding: var(--space-1) 0;
}
form {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
  padding-top: var(--space-3);
}
.number {
  width: 3.6rem;
  field-sizing: fixed;
}
</style>
