<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { ref } from 'vue'
import type { Entry, VoteOfTeam } from '@/api/names'
import { written } from '@/shared/entries'
import type { Sent } from '@/shared/useOutbox'
import { singly } from '@/shared/singly'

/** Awards that the class gives: a vote for another team, and why. The last one counts. */
const props = defineProps<{
  votes: readonly VoteOfTeam[]
  teams: readonly { id: string; name: string }[]
  team: string
  round: number
  record: (entry: Entry) => Promise<Sent>
}>()
const said = ref(Object.fromEntries(props.votes.map((v) => [v.award, { for: v.for, why: v.why }])))
const given = ref<Record<string, string>>({})
async function send(award: string) {
  const vote = said.value[award]
  if (!vote?.for) return
  const sent = await props.record(
    written(props.team, props.round, { kind: 'awardVoted', award, for: vote.for, voter: '', why: vote.why.trim() }),
  )
  given.value[award] =
    sent.kind === 'refused'
      ? (sent.refusal.problems[0]?.what ?? sent.refusal.title ?? '')
      : 'Your vote is counted. You can change it until the award is announced.'
}
</script>

<template>
  <section aria-labelledby="votes">
    <h2 id="votes">Your votes</h2>
    <form v-for="v in votes" :key="v.award" novalidate @submit.prevent="singly(send, v.award)">
      <fieldset>
        <legend>{{ v.name }}</legend>
        <label v-for="t in teams" :key="t.id" class="choice">
          <input v-model="said[v.award]!.for" type="radio" :name="v.award" :value="t.id" /> {{ t.name }}
        </label>
        <label class="why">
          Why?
          <InputText v-model="said[v.award]!.why" class="touch" maxlength="200" fluid />
        </label>
        <Button
          type="submit"
          label="Vote"
          class="touch"
          :aria-label="`Vote: ${v.name}`"
          :disabled="!said[v.award]!.for"
        />
        <p v-if="given[v.award]" role="status" class="small">{{ given[v.award] }}</p>
      </fieldset>
    </form>
  </section>
</template>

<style scoped>
fieldset {
  display: grid;
  gap: var(--space-3);
  justify-items: start;
  border: 0;
  border-bottom: var(--rule);
  padding: var(--space-3) 0;
  margin: 0;
}
legend {
  font-weight: 700;
  padding: 0;
}
.choice {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  min-height: var(--touch);
}
.choice input {
  width: 22px;
  height: 22px;
}
.why {
  display: grid;
  width: 100%;
}
</style>
