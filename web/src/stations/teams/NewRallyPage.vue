<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import Textarea from 'primevue/textarea'
import { computed, ref, watch } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import BuntingRoute from '@/shared/BuntingRoute.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { nextAt } from '@/shared/nextAt'
import RouteBar from '@/shared/RouteBar.vue'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'
import ClassTeams from './ClassTeams.vue'
import TeamLines from './TeamLines.vue'
import TeamTiers from './TeamTiers.vue'
import type { PlannedTeam } from './planned'
import { teamNames } from './teamNames'
import { done } from '@/shared/useDone'
import WhatIs from '@/shared/WhatIs.vue'
import { useRefusal } from '@/fields/useRefusal'
import { singly } from '@/shared/singly'

/** A brief, a class and its teams become a rally. What is typed stays in this browser until the rally has begun. */
const props = defineProps<{ brief: string }>()
const router = useRouter()
/** Where it was planned, it begins with the plan's day and class, and the plan is done when the rally is there. */
const { plan, name: plannedFor, date: plannedOn } = useRoute().query
const checkup = useLoad(() => ask(api.GET('/api/briefs/{id}/check', { params: { path: { id: props.brief } } })))

const keptHere = `teams:${props.brief}`
const brief = useLoad(() => ask(api.GET('/api/briefs/{id}', { params: { path: { id: props.brief } } })))
const typed = ref<{
  name: string
  date: string
  teams: string
  tier: string
  way: 'typed' | 'class'
  planned: PlannedTeam[]
  /** Whether teams work in several tiers, and which team in which, by its name. */
  mixed: boolean
  tierOf: Record<string, string>
  /** The class of the students who are typed; empty to leave their names out; absent until that is chosen. */
  group?: string
}>({
  way: 'typed',
  planned: [],
  mixed: false,
  tierOf: {},
  name: '',
  tier: '',
  date: new Date().toLocaleDateString('sv-SE'),
  teams: '',
  // Whoever began to type before students were called so goes on with it.
  ...(JSON.parse((localStorage.getItem(keptHere) ?? '{}').replaceAll('"pupils":', '"students":')) as object),
  ...(plannedFor ? { name: String(plannedFor) } : {}),
  ...(plannedOn ? { date: String(plannedOn) } : {}),
})
/** Where there is no class yet, it can begin at once: teams that are only numbered, to be named now or later. */
const classes = useLoad(() => ask(api.GET('/api/classes')))
watch([classes.data, brief.data], ([known, written]) => {
  if (plannedFor && known?.some((c) => c.name === plannedFor)) typed.value.way = 'class'
  if (known?.length !== 0 || !written || typed.value.teams || typed.value.name) return
  typed.value.name = 'My class'
  typed.value.teams = Array.from({ length: written.timing.teams }, (_, i) => `Team ${i + 1}`).join('\n')
})
/** Nothing can begin before what it begins with is there: it would be refused for what is filled in a moment later. */
const asked = [checkup, brief, classes]
const state = computed(() => (asked.some((a) => a.state.value === 'loading') ? 'loading' : checkup.state.value))
const load = () => asked.forEach((a) => void a.load())
load()
watch(typed, (value) => localStorage.setItem(keptHere, JSON.stringify(value)), { deep: true })

const listed = computed(() => teamNames(typed.value.teams))
const teams = computed(() =>
  listed.value.map(({ name, names }, i) => ({
    id: `t${i + 1}`,
    name,
    callSign: '',
    members: names.length,
    pupils: names.map((n) => ({ id: n, name: n, jobs: [] })),
    dealt: [],
  })),
)
const named = computed(() => listed.value.some((t) => t.names.length > 0))
/** The classes that the typed students can go into: those that are there, and one that is called as the rally is. */
const groups = computed(() => {
  const known = classes.data.value?.map((c) => c.name) ?? []
  const fresh = typed.value.name.trim()
  return [
    ...known.map((c) => ({ label: c, value: c })),
    ...(fresh && !known.includes(fresh) ? [{ label: `A new class: ${fresh}`, value: fresh }] : []),
    { label: 'No class: leave the names out', value: leftOut },
  ]
})
/** A choice needs a value that is not empty. */
const leftOut = '(none)'
const chosenGroup = computed({
  get: () =>
    groups.value.some((g) => g.value === typed.value.group)
      ? typed.value.group
      : classes.data.value?.find((c) => c.name === typed.value.name.trim())?.name,
  set: (group) => (typed.value.group = group),
})
const inClass = () => {
  if (typed.value.way !== 'typed' || !named.value || chosenGroup.value === undefined) return null
  return chosenGroup.value === leftOut ? '' : chosenGroup.value
}
const tiers = computed(() => [{ id: '', name: 'The brief itself' }, ...(brief.data.value?.tiers ?? [])])
const teamList = computed(() =>
  (typed.value.way === 'class' ? typed.value.planned : listed.value).map((t) => t.name.trim()),
)
/** The tier of a team that works in another one than the rally; nothing where all work in one. */
const mixed = computed(() => typed.value.mixed && tiers.value.length > 1)
const tierOf = (team: string) => (mixed.value ? (typed.value.tierOf[team.trim()] ?? typed.value.tier) : null)
const refusal = useRefusal(() => body())
const beginning = ref(false)
const wrongWith = (place: string) => refusal.value?.problems.find((p) => p.at === place)
const wrongTeams = computed(() => refusal.value?.problems.filter((p) => p.at.startsWith('/teams')) ?? [])
const others = computed(
  () => refusal.value?.problems.filter((p) => !['/name', '/class'].includes(p.at) && !p.at.startsWith('/teams')) ?? [],
)

const wanted = () =>
  typed.value.way === 'class'
    ? typed.value.planned.map((t) => ({
        name: t.name,
        callSign: t.callSign,
        members: t.students.length,
        students: t.students.map((p) => ({ id: p.id, jobs: p.jobs.map((j) => j.id) })),
        names: [],
        tier: tierOf(t.name),
      }))
    : listed.value.map((t) => ({
        ...t,
        callSign: '',
        members: t.names.length,
        students: [],
        tier: tierOf(t.name),
      }))

const body = () => ({
  brief: props.brief,
  tier: typed.value.tier,
  name: typed.value.name,
  date: typed.value.date || null,
  teams: wanted(),
  class: inClass(),
})

async function begin() {
  beginning.value = true
  const answer = await ask(api.POST('/api/rallies', { body: body() }))
  beginning.value = false
  if (answer.ok) {
    localStorage.removeItem(keptHere)
    if (plan) await done(api.DELETE('/api/year/plans/{id}', { params: { path: { id: String(plan) } } }))
    await router.push(`/rallies/${answer.data.id}/${answer.data.next}`)
  } else {
    refusal.value = refusalOf(answer, 'What you typed is kept here. Try again.')
  }
}
</script>

<template>
  <RouteBar :name="brief.data.value ? brief.data.value.title || 'Untitled brief' : ''" detail="New rally">
    <BuntingRoute
      v-if="checkup.data.value"
      :pennants="checkup.data.value.route"
      current="teams"
      :to="{
        brief: `/briefs/${props.brief}`,
        kit: `/briefs/${props.brief}/kit`,
        teams: `/briefs/${props.brief}/teams`,
      }"
    />
  </RouteBar>
  <main id="main" class="desk">
    <LoadNote :state :refusal="checkup.refusal.value" what="the brief" @again="load" />
    <template v-if="state !== 'loading' && checkup.data.value">
      <StationHead title="Teams" :next="nextAt(checkup.data.value.route, 'teams')" />
      <form novalidate @submit.prevent="singly(begin)">
        <div class="fields">
          <div class="called">
            <label for="name">Class or name of the rally</label>
            <WhatIs word="rally" />
          </div>
          <InputText id="name" v-model="typed.name" :invalid="!!wrongWith('/name')" aria-describedby="name-note" />
          <p id="name-note" class="note">
            <template v-if="wrongWith('/name')"
              >{{ wrongWith('/name')?.what }} {{ wrongWith('/name')?.remedy }}</template
            >
          </p>
          <template v-if="(brief.data.value?.tiers.length ?? 0) > 0">
            <span class="label">Tier</span>
            <Select
              v-model="typed.tier"
              :options="tiers"
              :option-label="(t) => t.name || t.id"
              option-value="id"
              aria-label="Tier"
              placeholder="The brief itself"
            />
            <label class="way"><input v-model="typed.mixed" type="checkbox" /> Some teams work in another tier</label>
          </template>
          <label for="date">Day</label>
          <input id="date" v-model="typed.date" type="date" />
          <fieldset>
            <legend>Teams</legend>
            <label class="way"><input v-model="typed.way" type="radio" value="class" /> From a class</label>
            <label class="way"><input v-model="typed.way" type="radio" value="typed" /> Type the teams</label>
          </fieldset>
          <template v-if="typed.way === 'typed'">
            <label for="teams">Teams, one on each line</label>
            <Textarea
              id="teams"
              v-model="typed.teams"
              rows="10"
              :invalid="wrongTeams.length > 0"
              aria-describedby="teams-note"
            />
          </template>
          <ul id="teams-note" class="note">
            <li v-for="p in wrongTeams" :key="p.at + p.what">{{ p.what }} {{ p.remedy }}</li>
          </ul>
          <p v-if="typed.way === 'typed'" class="small muted">
            You can paste a list from a spreadsheet.
            {{ named ? '' : 'Add names after a colon: “Snails: Ola, Per, Ria”.' }}
          </p>
          <template v-if="typed.way === 'typed' && named">
            <span class="label">Class of these students</span>
            <Select
              v-model="chosenGroup"
              :options="groups"
              option-label="label"
              option-value="value"
              placeholder="Choose a class"
              aria-label="Class of these students"
              :invalid="!!wrongWith('/class')"
              aria-describedby="class-note"
            />
            <p id="class-note" :class="wrongWith('/class') ? 'note' : 'small muted'">
              {{
                wrongWith('/class')
                  ? `${wrongWith('/class')?.what} ${wrongWith('/class')?.remedy}`
                  : 'Next time you can make teams from the class. Its list says who had which job and which partners.'
              }}
            </p>
          </template>
        </div>
        <TeamLines v-if="typed.way === 'typed'" :teams="teams" />
        <ClassTeams
          v-else-if="brief.data.value"
          v-model="typed.planned"
          :class-name="typed.name"
          :brief="props.brief"
          :timing="brief.data.value.timing"
          class="wide"
        />
        <TeamTiers
          v-if="mixed"
          v-model="typed.tierOf"
          :teams="teamList"
          :tiers="tiers"
          :usual="typed.tier"
          class="wide"
        />
        <div class="begin">
          <div v-if="refusal" role="alert">
            <p class="note">{{ refusal.title }}</p>
            <ul class="note">
              <li v-for="p in others" :key="p.at + p.what">{{ p.what }} {{ p.remedy }}</li>
            </ul>
          </div>
          <Button type="submit" :label="beginning ? 'Beginning…' : 'Begin the rally'" :disabled="beginning" />
          <p class="small muted">
            The rally keeps its own copy of the brief, so later changes to the brief do not change this rally.
          </p>
        </div>
      </form>
    </template>
  </main>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-6) var(--space-7);
  padding-top: var(--space-5);
}
.fields {
  display: grid;
  align-content: start;
  gap: var(--space-2);
}
fieldset {
  border: 0;
  padding: var(--space-3) 0 0;
  margin: 0;
}
legend {
  font-weight: 650;
  padding: 0;
}
.fields .way {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
  font-weight: 400;
  margin: 0 var(--space-5) 0 0;
  min-height: 32px;
}
.wide {
  grid-column: 1 / -1;
}
.fields > label,
.fields > .called > label,
.fields > .label {
  font-weight: 650;
  margin-top: var(--space-3);
}
input[type='date'] {
  font: inherit;
  color: inherit;
  background: var(--sheet);
  border: 1px solid var(--edge);
  border-radius: 3px;
  padding: var(--space-3) var(--space-3);
  justify-self: start;
}
.note {
  color: var(--brick);
  font-size: var(--size-small);
}
.begin {
  grid-column: 1 / -1;
  display: grid;
  justify-items: start;
  gap: var(--space-3);
}
@media (max-width: 700px) {
  form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
