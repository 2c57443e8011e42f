<script setup lang="ts">
import { ref } from 'vue'
import type { AwardResult, Entry } from '@/api/names'
import { struckOut } from '@/shared/entries'
import type { Sent } from '@/shared/useOutbox'
import AwardForm from './AwardForm.vue'

/** Awards: those that are worked out, and those that people give, each with a line why. */
const props = defineProps<{
  awards: readonly AwardResult[]
  teams: readonly { id: string; name: string }[]
  round: number
  record: (entry: Entry) => Promise<Sent>
}>()
const who = { teacher: 'you', jury: 'a jury', vote: 'a vote of the class' } as const
/** The award that is being given; a plus for one of the teacher's own. */
const open = ref('')
const keyOf = (award: AwardResult) => award.award || award.name
const doesOf = (award: AwardResult) =>
  open.value === keyOf(award) ? 'Done' : award.givenBy === 'teacher' ? 'Give award' : 'Votes'
const nameOf = (team: string) => props.teams.find((t) => t.id === team)?.name ?? team
const toggle = (key: string) => (open.value = open.value === key ? '' : key)
const takeBack = (entry: string) => props.record(struckOut('', props.round, entry, 'undone'))
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
        @click="toggle(keyOf(a))"
      >
        {{ doesOf(a) }}
      </button>
    </p>
    <template v-if="a.givenBy && open === keyOf(a)">
      <ul v-if="a.votes.length > 0" class="small">
        <li v-for="v in a.votes" :key="v.entry">
          {{ v.of }}: {{ nameOf(v.for) }}{{ v.why ? `, ${v.why}` : '' }}
          <button
            type="button"
            class="act"
            :aria-label="`Remove the vote of ${v.of} for ${nameOf(v.for)}`"
            @click="takeBack(v.entry)"
          >
            Remove
          </button>
        </li>
      </ul>
      <AwardForm :award="a" :teams="teams" :round="round" :record="record" />
    </template>
  </div>
  <p>
    <button type="button" class="act small" :aria-expanded="open === '+'" @click="toggle('+')">
      {{ open === '+' ? 'Cancel' : 'Add an award' }}
    </button>
  </p>
  <AwardForm v-if="open === '+'" :teams="teams" :round="round" :record="record" @given="open = ''" />
</template>

<style scoped>
h3 {
  color: var(--lagoon-deep);
}
.award {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-5);
}
</style>
