<script setup lang="ts">
import Button from 'primevue/button'
import { ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Deal, Entry, RallyOpened, Refusal } from '@/api/names'
import { written } from '@/shared/entries'
import { useRally } from '@/shared/openRally'
import RefusalNote from '@/shared/RefusalNote.vue'
import type { Sent } from '@/shared/useOutbox'
import { singly } from '@/shared/singly'

/**
 * Who has which card of a deal: drawn by a number that draws the same again, or dealt by hand. Again only with a
 * reason.
 */
const props = defineProps<{ deal: Deal; rally: RallyOpened; record: (entry: Entry) => Promise<Sent> }>()
const { round, news } = useRally()
const seed = ref(1)
const reason = ref('')
const refusal = ref<Refusal>()
/** What was dealt by hand and this page has not heard of yet: the next choice goes on from it. */
const given = ref<Readonly<Record<string, string>>>({})
const heard = (team: string) =>
  props.rally.teams.find((t) => t.id === team)?.dealt.find((d) => d.deal === props.deal.id)?.card ?? ''
const cardOf = (team: string) => given.value[team] ?? heard(team)
watch(
  () => props.rally,
  () => (given.value = Object.fromEntries(Object.entries(given.value).filter(([team, card]) => heard(team) !== card))),
)
const dealt = () => props.rally.teams.some((t) => cardOf(t.id) !== '')
const textOf = (card: string) => props.deal.cards.find((c) => c.id === card)?.text ?? ''
async function draw() {
  const answer = await ask(
    api.POST('/api/rallies/{id}/draws/cards', {
      params: { path: { id: props.rally.id } },
      body: { deal: props.deal.id, seed: seed.value, reason: reason.value, round: round.value },
    }),
  )
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  reason.value = ''
  news()
}
/** One card by hand: the others stay as they are. */
async function give(team: string, card: string) {
  const before = given.value[team]
  given.value = { ...given.value, [team]: card }
  const cards = Object.fromEntries(
    props.rally.teams.flatMap((t) => {
      const has = cardOf(t.id)
      return has ? [[t.id, has]] : []
    }),
  )
  const sent = await props.record(
    written('', round.value, {
      kind: 'cardsDealt',
      deal: props.deal.id,
      cards,
      seed: null,
      reason: reason.value || (dealt() ? 'dealt by hand' : ''),
    }),
  )
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
  if (sent.kind !== 'refused' || given.value[team] !== card) return
  const others = Object.entries(given.value).filter(([of]) => of !== team)
  given.value = Object.fromEntries(before === undefined ? others : [...others, [team, before]])
}
</script>

<template>
  <section :aria-labelledby="`deal-${deal.id}`">
    <h2 :id="`deal-${deal.id}`">{{ deal.name }}</h2>
    <ul>
      <li v-for="t in rally.teams" :key="t.id">
        <span>{{ t.name }}</span>
        <select
          class="inline"
          :value="cardOf(t.id)"
          :aria-label="`${deal.name} of ${t.name}`"
          @change="give(t.id, ($event.target as HTMLSelectElement).value)"
        >
          <option value="" disabled>not dealt</option>
          <option v-for="c in deal.cards" :key="c.id" :value="c.id">{{ c.name }}</option>
        </select>
        <span class="small muted">{{ textOf(cardOf(t.id)) }}</span>
      </li>
    </ul>
    <form class="line" @submit.prevent="singly(draw)">
      Drawn by number
      <input
        v-model.number="seed"
        type="number"
        class="inline number"
        :aria-label="`Shuffle number for ${deal.name}`"
      />
      <template v-if="dealt()">
        again, because
        <input
          v-model="reason"
          class="inline"
          maxlength="400"
          :aria-label="`Why ${deal.name} is drawn again`"
          placeholder="why"
        />
      </template>
      <Button
        type="submit"
        :label="dealt() ? 'Draw again' : 'Draw'"
        size="small"
        :disabled="dealt() && !reason.trim()"
      />
    </form>
    <RefusalNote :refusal="refusal" />
  </section>
</template>

<style scoped>
section {
  padding-top: var(--space-6);
}
li {
  display: grid;
  grid-template-columns: minmax(8rem, 14rem) auto minmax(0, 1fr);
  gap: var(--space-4);
  align-items: baseline;
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
@media (max-width: 700px) {
  li {
    grid-template-columns: minmax(0, 1fr) auto;
  }
}
</style>
