<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { ClassOpened, EarlierPair, Job, Refusal, Timing } from '@/api/names'
import ChooseOnce from '@/fields/ChooseOnce.vue'
import { shortDay } from '@/shared/days'
import ConflictNote from '@/shared/ConflictNote.vue'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useLoad } from '@/shared/useLoad'
import { useMeanwhile } from '@/shared/useMeanwhile'
import ClassPaste from './ClassPaste.vue'
import TeamBoard from './TeamBoard.vue'
import type { PlannedTeam } from './planned'

/** Teams from a class: who is here today, what the teams should be like, and the teams themselves. */
const teams = defineModel<PlannedTeam[]>({ required: true })
const props = defineProps<{ brief: string; timing: Timing; className: string }>()
const classes = useLoad(() => ask(api.GET('/api/classes')))
void classes.load()
const { meanwhile, cameSecond, letGo } = useMeanwhile(classes.load)
const chosen = ref('')
const pasting = ref(false)
const group = computed(() => classes.data.value?.find((c) => c.id === chosen.value))
const absent = ref<string[]>([])
/** Teams are asked for by their size or by their number; both begin with what the brief expects. */
const by = ref<'size' | 'number'>('size')
const size = ref(props.timing.teamSize)
const number = ref(props.timing.teams)
const jobs = ref<readonly Job[]>([])
/** Students to be spread over the teams. */
const spread = ref<string[]>([])
const preferences = ref<{ one: string; other: string; kind: 'apart' | 'together' }[]>([])
const seed = ref(1)
const unkept = ref<readonly string[]>([])
/** Who is together again, and from when partners are counted. */
const again = ref('')
const refusal = ref<Refusal>()
watch(classes.data, (all) => {
  if (!group.value) chosen.value = (all?.find((c) => c.name === props.className) ?? all?.[0])?.id ?? ''
})
watch(chosen, () => {
  absent.value = []
  teams.value = []
})
/** Preferences are the class's and last: they are there again for the next rally. */
watch(() => group.value?.id, showPreferences)
function showPreferences() {
  letGo()
  const preferred = group.value?.preferences
  const pairs = (groups: readonly (readonly string[])[], kind: 'apart' | 'together') =>
    groups.map(([one = '', other = '']) => ({ one, other, kind }))
  preferences.value = preferred ? [...pairs(preferred.apart, 'apart'), ...pairs(preferred.together, 'together')] : []
  spread.value = [...(preferred?.spread[0] ?? [])]
}
const preferred = () => {
  const pairs = (kind: string) =>
    preferences.value.filter((w) => w.kind === kind && w.one && w.other).map((w) => [w.one, w.other])
  return { together: pairs('together'), apart: pairs('apart'), spread: spread.value.length > 1 ? [spread.value] : [] }
}
async function keepPreferences() {
  // While nobody has chosen which preferences stand, none are saved.
  if (!group.value || meanwhile.value || JSON.stringify(preferred()) === JSON.stringify(group.value.preferences)) return
  const body = { was: group.value.preferences, now: preferred() }
  const answer = await ask(api.PUT('/api/classes/{id}/preferences', { params: { path: { id: group.value.id } }, body }))
  if (await cameSecond(answer, keepPreferences)) return
  if (answer.ok) await classes.load()
  else refusal.value = refusalOf(answer)
}
const keepSoon = useDebounceFn(keepPreferences, 350)
watch([preferences, spread], () => void keepSoon(), { deep: true })

async function make(keep: 'locked' | 'all') {
  if (!group.value) return
  const kept = teams.value.filter((t) => keep === 'all' || t.locked)
  const answer = await ask(
    api.POST('/api/classes/{id}/teams', {
      params: { path: { id: group.value.id } },
      body: {
        absent: absent.value,
        preferences: {
          size: size.value,
          teams: by.value === 'number' ? number.value : null,
          ...preferred(),
          locked: kept.map((t) => t.students.map((p) => p.id)),
          earlier: [],
          seed: seed.value,
        },
        brief: props.brief,
      },
    }),
  )
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  const name = new Map(group.value.students.map((p) => [p.id, p.name]))
  unkept.value = answer.data.made.unkept
  again.value = togetherAgain(answer.data.made.again, answer.data.since)
  const dealt = answer.data.dealt
  jobs.value = answer.data.jobs
  teams.value = answer.data.made.teams.map((members, i) => ({
    name: kept[i]?.name ?? `Team ${i + 1}`,
    callSign: kept[i]?.callSign ?? '',
    locked: kept[i]?.locked ?? false,
    students: members.map((id) => ({
      id,
      name: name.get(id) ?? '',
      jobs: (dealt[i] ?? []).filter((j) => j.student === id).map((j) => ({ id: j.job, before: j.before })),
    })),
  }))
}
/** In words that a teacher can check by hand: which pairs, how often each, since when. */
function togetherAgain(pairs: readonly EarlierPair[], since: string | null | undefined) {
  if (pairs.length === 0) return 'Nobody works with an earlier partner again.'
  const times = (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`)
  const says = pairs.map((p) => `${nameOf(p.one)} and ${nameOf(p.other)} (${times(p.times)})`).join(', ')
  const from = since ? ` Counted since the class’s first rally, ${shortDay(since)}.` : ''
  return `${pairs.length === 1 ? 'This pair has' : 'These pairs have'} been in one team before: ${says}.${from}`
}
/** Who is away leaves the team; the others stay where they are. */
function setPresent(id: string, is: boolean) {
  absent.value = is ? absent.value.filter((a) => a !== id) : [...absent.value, id]
  if (!is) for (const team of teams.value) team.students = team.students.filter((p) => p.id !== id)
}
const nameOf = (id: string) => group.value?.students.find((p) => p.id === id)?.name ?? ''
const unspread = (id: string) => (spread.value = spread.value.filter((s) => s !== id))
async function added(made: ClassOpened) {
  await classes.load()
  chosen.value = made.id
}
</script>

<template>
  <div>
    <LoadNote :state="classes.state.value" :refusal="classes.refusal.value" what="the classes" @again="classes.load" />
    <p v-if="classes.data.value" class="line">
      <template v-if="classes.data.value.length > 0">
        Class
        <select v-model="chosen" class="inline" aria-label="Class">
          <option v-for="c in classes.data.value" :key="c.id" :value="c.id">{{ c.name }}</option>
        </select>
      </template>
      &nbsp;<button type="button" class="act" @click="pasting = true">New class</button>
      <template v-if="group"> &nbsp;<RouterLink class="small" to="/classes">Edit the class</RouterLink> </template>
    </p>
    <ClassPaste v-model="pasting" @added="added" />
    <template v-if="group">
      <fieldset>
        <legend>Here today: {{ group.students.length - absent.length }} of {{ group.students.length }}</legend>
        <ul class="students">
          <li v-for="p in group.students" :key="p.id">
            <label>
              <input
                type="checkbox"
                :checked="!absent.includes(p.id)"
                @change="setPresent(p.id, ($event.target as HTMLInputElement).checked)"
              />
              {{ p.name }}
            </label>
          </li>
        </ul>
      </fieldset>
      <p class="line">
        <select v-model="by" class="inline" aria-label="How teams are made">
          <option value="size">Teams of</option>
          <option value="number">Number of teams:</option>
        </select>
        <input
          v-if="by === 'number'"
          v-model.number="number"
          type="number"
          min="1"
          max="400"
          class="inline number"
          aria-label="Number of teams"
        />
        <input
          v-else
          v-model.number="size"
          type="number"
          min="1"
          max="40"
          class="inline number"
          aria-label="Size of a team"
        />, shuffle number
        <input v-model.number="seed" type="number" class="inline number" aria-label="Shuffle number" />
      </p>
      <ul>
        <li v-for="(w, i) in preferences" :key="i" class="line">
          Keep
          <select v-model="w.one" class="inline" :aria-label="`Preference ${i + 1}: one`">
            <option v-for="p in group.students" :key="p.id" :value="p.id">{{ p.name }}</option>
          </select>
          and
          <select v-model="w.other" class="inline" :aria-label="`Preference ${i + 1}: the other`">
            <option v-for="p in group.students" :key="p.id" :value="p.id">{{ p.name }}</option>
          </select>
          <select v-model="w.kind" class="inline" :aria-label="`Preference ${i + 1}: how`">
            <option value="apart">apart</option>
            <option value="together">together</option>
          </select>
          <button
            type="button"
            class="act"
            :aria-label="`Remove preference ${i + 1}`"
            @click="preferences.splice(i, 1)"
          >
            Remove
          </button>
        </li>
      </ul>
      <ConflictNote :of="meanwhile" @theirs="showPreferences" />
      <p v-if="spread.length > 0" class="line">
        Spread over the teams:
        <template v-for="id in spread" :key="id">
          <button type="button" class="act" :aria-label="`No longer spread: ${nameOf(id)}`" @click="unspread(id)">
            {{ nameOf(id) }}</button>,
        </template>
        <span class="small muted">press one to remove it.</span>
      </p>
      <p class="line ways">
        <ChooseOnce
          class="small"
          label="Spread over the teams"
          prompt="Spread over the teams…"
          :options="group.students.filter((p) => !spread.includes(p.id)).map((p) => ({ name: p.name, value: p.id }))"
          @choose="(id: string) => spread.push(id)"
        />
        <button type="button" class="act" @click="preferences.push({ one: '', other: '', kind: 'apart' })">
          Add a preference
        </button>
      </p>
      <p class="line ways">
        <Button
          type="button"
          :label="teams.length > 0 ? 'Remake unlocked teams' : 'Make teams'"
          size="small"
          @click="make('locked')"
        />
        <button v-if="teams.length > 0" type="button" class="act" @click="make('all')">Reassign jobs</button>
      </p>
      <RefusalNote :refusal="refusal" />
      <div role="status">
        <p v-for="u in unkept" :key="u" class="wrong small">{{ u }}</p>
        <p v-if="teams.length > 0" class="small muted">
          {{ again }}
        </p>
      </div>
      <TeamBoard v-if="teams.length > 0" v-model="teams" :jobs="jobs" />
    </template>
  </div>
</template>

<style scoped>
.ways {
  display: flex;
  gap: var(--space-5);
  align-items: center;
}
.number {
  width: 3.2rem;
  field-sizing: fixed;
}
fieldset {
  border: 0;
  padding: var(--space-3) 0;
  margin: 0;
}
legend {
  font: 700 var(--size-text) var(--title);
  padding: 0;
}
.students {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr));
  gap: 0 var(--space-5);
}
.students li {
  border-bottom: var(--rule);
}
.students label {
  display: flex;
  align-items: center;
  gap: var(--space-3);
  min-height: var(--touch);
}
.students input {
  width: 20px;
  height: 20px;
}
</style>
