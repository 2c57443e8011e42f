<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { Entry, RallyOpened, Team } from '@/api/names'
import ChooseOnce from '@/fields/ChooseOnce.vue'
import { written } from '@/shared/entries'
import { jobNames } from '@/shared/jobNames'
import { useRally } from '@/shared/openRally'
import CardLines from '@/shared/CardLines.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import type { TeamMark } from '@/shared/teamMarks'
import type { Sent } from '@/shared/useOutbox'
import PlacingNote from './PlacingNote.vue'
import { usePlacing } from './usePlacing'
import { singly } from '@/shared/singly'

/** The teams with who is in them: students move or leave, teams are absent and come back, or are renamed. */
const props = defineProps<{
  rally: RallyOpened
  marks: Map<string, TeamMark>
  record: (entry: Entry) => Promise<Sent>
}>()
const { round } = useRally()
const { coming, place, allTheSame, leaveIt } = usePlacing(props.record)
const nameOf = (id: string) => props.rally.teams.find((t) => t.id === id)?.name ?? ''
const others = computed(() => (team: Team) => [
  ...props.rally.teams.filter((t) => t.id !== team.id).map((t) => ({ name: t.name, value: t.id })),
  { name: 'nobody: has left', value: '' },
])

/** Which team is being renamed or taken out of the ranking, and what is typed for it. */
const open = ref<{ team: string; does: 'change' | 'away' }>()
const name = ref('')
const sign = ref('')
const members = ref<number>()
const reason = ref('')
function change(team: Team) {
  open.value = { team: team.id, does: 'change' }
  name.value = team.name
  sign.value = team.callSign
  members.value = team.members
}
function takeOut(team: Team) {
  open.value = { team: team.id, does: 'away' }
  reason.value = ''
}
const isOpen = (team: Team, does: 'change' | 'away') => open.value?.team === team.id && open.value.does === does
async function send(entry: Entry) {
  if ((await props.record(entry)).kind !== 'refused') open.value = undefined
}
/** Whoever had the job in the team has it no longer. */
function giveJob(team: Team, student: string, job: string) {
  const has = team.pupils.find((p) => p.id === student)?.jobs ?? []
  if (has.includes(job)) return
  void props.record(written(team.id, round.value, { kind: 'pupilPlaced', pupil: student, jobs: [...has, job] }))
}
const changed = (team: Team) =>
  send(
    written(team.id, round.value, {
      kind: 'teamChanged',
      name: name.value.trim() === team.name ? null : name.value,
      callSign: sign.value.trim().toUpperCase() === team.callSign ? null : sign.value.trim().toUpperCase(),
      members: team.pupils.length > 0 || members.value === team.members ? null : (members.value ?? 0),
    }),
  )
</script>

<template>
  <PlacingNote v-if="coming" :coming="coming" :team-name="nameOf(coming.team)" @place="allTheSame" @leave="leaveIt" />
  <ul class="teams">
    <li v-for="team in rally.teams" :key="team.id" :class="{ away: team.away }">
      <h2><TeamPennant :mark="marks.get(team.id)!" :width="64" /> {{ team.name }}</h2>
      <p v-if="team.away" class="small"><b>Not ranked:</b> {{ team.away }}</p>
      <ul>
        <li v-for="p in team.pupils" :key="p.id" class="student">
          <span
            >{{ p.name
            }}<span v-if="p.jobs.length > 0" class="muted small">, {{ jobNames(rally.jobs, p.jobs) }}</span></span
          >
          <ChooseOnce
            class="small to"
            :label="`Job of ${p.name}`"
            prompt="job…"
            :options="rally.jobs.map((j) => ({ name: j.name, value: j.id }))"
            @choose="(job: string) => giveJob(team, p.id, job)"
          />
          <ChooseOnce
            class="small to"
            :label="`Move ${p.name} to`"
            prompt="to…"
            :options="others(team)"
            @choose="(to: string) => place(p.id, p.name, to)"
          />
        </li>
        <li v-if="team.pupils.length === 0" class="muted">
          {{ team.members > 0 ? `${team.members} students` : 'nobody is named' }}
        </li>
      </ul>
      <CardLines class="small" :cards="rally.cards[team.id] ?? []" :bag="rally.bags[team.id] ?? []" />
      <form v-if="isOpen(team, 'change')" class="small" @submit.prevent="singly(changed, team)">
        <label>Name <input v-model="name" class="inline" maxlength="120" /></label>
        <label
          >Short code <input v-model="sign" class="inline sign" maxlength="2" :placeholder="marks.get(team.id)?.sign"
        /></label>
        <label v-if="team.pupils.length === 0"
          >Students <input v-model.number="members" class="inline sign" type="number" min="0" max="1000"
        /></label>
        <p class="ways">
          <Button type="submit" label="Rename" size="small" />
          <button type="button" class="act" @click="open = undefined">Cancel</button>
        </p>
      </form>
      <form
        v-else-if="isOpen(team, 'away')"
        class="small"
        @submit.prevent="send(written(team.id, round, { kind: 'teamAway', reason }))"
      >
        <label>Reason <input v-model="reason" class="inline" maxlength="120" placeholder="absent" /></label>
        <p class="ways">
          <Button type="submit" label="Mark absent" size="small" />
          <button type="button" class="act" @click="open = undefined">Cancel</button>
        </p>
      </form>
      <p v-else class="ways small">
        <button type="button" class="act" :aria-label="`Rename: ${team.name}`" @click="change(team)">Rename</button>
        <button
          v-if="team.away"
          type="button"
          class="act"
          :aria-label="`Mark present: ${team.name}`"
          @click="send(written(team.id, round, { kind: 'teamBack' }))"
        >
          Mark present
        </button>
        <button v-else type="button" class="act" :aria-label="`Mark absent…: ${team.name}`" @click="takeOut(team)">
          Mark absent…
        </button>
      </p>
    </li>
  </ul>
</template>

<style scoped>
.teams {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(16rem, 1fr));
  gap: var(--space-5);
  padding-top: var(--space-4);
}
.teams > li {
  border-top: 2px solid var(--ink);
  padding-top: var(--space-3);
}
.teams > .away {
  border-top-style: dashed;
  color: var(--muted);
}
h2 {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  padding-bottom: var(--space-3);
  font-size: var(--size-lead);
  overflow-wrap: anywhere;
}
.student {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto auto;
  gap: var(--space-3);
  align-items: center;
  border-bottom: 1px solid var(--line);
}
.to {
  max-width: 6rem;
}
form {
  display: grid;
  gap: var(--space-2);
  padding-top: var(--space-3);
}
.sign {
  width: 3.4rem;
  field-sizing: fixed;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-5);
  padding-top: var(--space-3);
}
</style>
