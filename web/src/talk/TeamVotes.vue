<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { Entry, VoteOfTeam } from '@/api/names'
import { written } from '@/shared/entries'
import type { Sent } from '@/shared/useOutbox'

/** Awards that the class gives: a voice for another team, and why. The last word counts. */
const props = defineProps<{
  votes: readonly VoteOfTeam[]
  teams: readonly { id: string; name: string }[]
  team: string
  round: number
  record: (entry: Entry) => Promise<Sent>
}>()
const said = ref(Object.fromEntries(props.votes.map((v) => [v.award, { for: v.for, why: v.why }])))
const given = ref<Record<string, string>>({})
async function vote(award: string) {
  const voice = said.value[award]
  if (!voice?.for) return
  const sent = await props.record(
    written(props.team, props.round, { kind: 'awardVoted', award, for: voice.for, voter: '', why: voice.why.trim() }),
  )
  given.value[award] =
    sent.kind === 'refused'
      ? (sent.refusal.problems[0]?.what ?? sent.refusal.title ?? '')
      : 'Counted. Until the award is told you can change it.'
}
</script>

<template>
  <section aria-labelledby="votes">
    <h2 id="votes">Awards that the class gives</h2>
    <form v-for="v in votes" :key="v.award" novalidate @submit.prevent="vote(v.award)">
      <fieldset>
        <legend>{{ v.name }}</legend>
        <label v-for="t in teams" :key="t.id" class="choice">
          <input v-model="said[v.award]!.for" type="radio" :name="v.award" :value="t.id" /> {{ t.name }}
        </label>
        <label class="why">
          because
          <input v-model="said[v.award]!.why" class="touch-field" maxlength="200" />
        </label>
        <Button type="submit" label="Vote" variant="outlined" :aria-label="`Vote: ${v.name}`" />
        <p v-if="given[v.award]" role="status" class="small">{{ given[v.award] }}</p>
      </fieldset>
    </form>
  </section>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: 0.4rem;
  justify-items: start;
  border: 0;
  border-bottom: var(--rule);
  padding: 0.6rem 0;
  margin: 0;
}
legend {
  font-weight: 700;
  padding: 0;
}
.choice {
  display: flex;
  align-items: center;
  gap: 0.6rem;
  min-height: 2.5rem;
}
.why {
  display: grid;
  width: 100%;
}
</style>
