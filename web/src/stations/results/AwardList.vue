<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { AwardResult, Entry } from '@/api/names'
import { struckOut, written } from '@/shared/entries'
import type { Sent } from '@/shared/useOutbox'

/** Awards: those that are worked out, and those that people give, each with a line why. */
const props = defineProps<{
  awards: readonly AwardResult[]
  teams: readonly { id: string; name: string }[]
  round: number
  record: (entry: Entry) => Promise<Sent>
}>()
const who = { teacher: 'you', jury: 'a jury', vote: 'a vote of the class' } as const
const open = ref('')
const fresh = () => ({ name: '', voter: '', team: '', for: '', why: '' })
const says = ref(fresh())
const refused = ref('')
const keyOf = (award: AwardResult) => award.award || award.name
const doesOf = (award: AwardResult) =>
  open.value === keyOf(award) ? 'Done' : award.givenBy === 'teacher' ? 'Give it' : 'Voices'
const nameOf = (team: string) => props.teams.find((t) => t.id === team)?.name ?? team
function turn(key: string) {
  open.value = open.value === key ? '' : key
  says.value = fresh()
  refused.value = ''
}
function entryOf(award: AwardResult | undefined): Entry {
  const { name, voter, team, why } = says.value
  const id = award?.award ?? ''
  if (award?.givenBy === 'vote' || award?.givenBy === 'jury')
    return written(award.givenBy === 'vote' ? team : '', props.round, {
      kind: 'awardVoted',
      award: id,
      for: says.value.for,
      voter: award.givenBy === 'jury' ? voter.trim() : '',
      why: why.trim(),
    })
  return written(says.value.for, props.round, { kind: 'awardGiven', award: id, name: name.trim(), why: why.trim() })
}
async function give(award: AwardResult | undefined) {
  const sent = await props.record(entryOf(award))
  refused.value =
    sent.kind === 'refused' ? sent.refusal.problems.map((p) => p.what).join(' ') || (sent.refusal.title ?? '') : ''
  if (sent.kind === 'refused') return
  if (award?.givenBy === 'vote' || award?.givenBy === 'jury') says.value = fresh()
  else turn(open.value)
}
const takeBack = (team: string, entry: string) => props.record(struckOut(team, props.round, entry, 'taken back'))
</script>

<template>
  <h3>Awards</h3>
  <div v-for="a in awards" :key="keyOf(a)">
    <p class="award">
      <span>{{ a.says }}</span>
      <button
        v-if="a.givenBy"
        type="button"
        class="act small"
        :aria-expanded="open === keyOf(a)"
        :aria-label="`${doesOf(a)}: ${a.name}, given by ${who[a.givenBy]}`"
        @click="turn(keyOf(a))"
      >
        {{ doesOf(a) }}
      </button>
    </p>
    <template v-if="a.givenBy && open === keyOf(a)">
      <ul v-if="a.voices.length > 0" class="small">
        <li v-for="v in a.voices" :key="v.entry">
          {{ v.of }}: {{ nameOf(v.for) }}{{ v.why ? `, ${v.why}` : '' }}
          <button
            type="button"
            class="act"
            :aria-label="`Take back the voice of ${v.of} for ${nameOf(v.for)}`"
            @click="takeBack(v.for, v.entry)"
          >
            Take back
          </button>
        </li>
      </ul>
      <form novalidate @submit.prevent="give(a)">
        <label v-if="a.givenBy === 'vote'">
          Team
          <select v-model="says.team" class="touch-field">
            <option value="" disabled>choose a team</option>
            <option v-for="t in teams" :key="t.id" :value="t.id">{{ t.name }}</option>
          </select>
        </label>
        <label v-if="a.givenBy === 'jury'">
          Who of the jury
          <input v-model="says.voter" class="touch-field" maxlength="60" />
        </label>
        <label>
          {{ a.givenBy === 'teacher' ? 'To' : 'names' }}
          <select v-model="says.for" class="touch-field">
            <option value="" disabled>choose a team</option>
            <option v-for="t in teams.filter((o) => o.id !== says.team)" :key="t.id" :value="t.id">{{ t.name }}</option>
          </select>
        </label>
        <label>
          because
          <input v-model="says.why" class="touch-field" maxlength="200" />
        </label>
        <Button type="submit" :label="a.givenBy === 'teacher' ? 'Give it' : 'Count it'" variant="outlined" />
      </form>
    </template>
  </div>
  <p>
    <button type="button" class="act small" :aria-expanded="open === '+'" @click="turn('+')">
      {{ open === '+' ? 'Never mind' : 'Give an award of your own' }}
    </button>
  </p>
  <form v-if="open === '+'" novalidate @submit.prevent="give(undefined)">
    <label>
      It is called
      <input v-model="says.name" class="touch-field" maxlength="60" />
    </label>
    <label>
      To
      <select v-model="says.for" class="touch-field">
        <option value="" disabled>choose a team</option>
        <option v-for="t in teams" :key="t.id" :value="t.id">{{ t.name }}</option>
      </select>
    </label>
    <label>
      because
      <input v-model="says.why" class="touch-field" maxlength="200" />
    </label>
    <Button type="submit" label="Give it" variant="outlined" />
  </form>
  <p v-if="refused" class="wrong small" role="alert">{{ refused }}</p>
</template>

<style scoped>
h3 {
  color: var(--lagoon-deep);
}
.award {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 1rem;
}
form {
  display: flex;
  flex-wrap: wrap;
  align-items: end;
  gap: 0.5rem 0.75rem;
  padding-block: 0.4rem;
}
label {
  display: grid;
  font-size: var(--small);
}
</style>
