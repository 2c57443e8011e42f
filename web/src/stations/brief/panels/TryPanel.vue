<script setup lang="ts">
import { numberIn } from '@/shared/numbers'
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Brief, PretendTeam, Refusal, TryHandle, Tryout } from '@/api/names'
import CurvePlot from './CurvePlot.vue'
import { latest } from '@/shared/latest'

/**
 * Pretend results: move a value and see points, places and the reasons at once. Scored by the same rules as real ones.
 */
const props = defineProps<{ brief: Brief }>()
const names = ['Able', 'Bold', 'Calm']
const teams = ref<PretendTeam[]>(names.slice(0, 2).map((name) => ({ name, values: {}, missed: [] })))
const tier = ref('')
const tried = ref<Tryout>()
const refusal = ref<Refusal>()
const chosen = ref('')

const tryOut = latest(() =>
  ask(api.POST('/api/drafts/tryout', { body: { brief: props.brief, tier: tier.value, teams: teams.value } })),
)
async function run() {
  const answer = await tryOut()
  if (!answer) return
  refusal.value = refusalOf(answer)
  if (answer.ok) tried.value = answer.data
}
const soon = useDebounceFn(run, 30)
watch([() => props.brief, teams, tier], () => void soon(), { deep: true })
void run()

const value = (i: number, h: TryHandle) => teams.value[i]?.values[h.id] ?? tried.value?.teams[i]?.values[h.id] ?? h.low
function set(i: number, h: TryHandle, text: string) {
  const number = numberIn(text)
  const team = teams.value[i]
  if (team && number !== undefined) team.values[h.id] = number
}
function miss(i: number, rule: string, missed: boolean) {
  const team = teams.value[i]
  if (!team) return
  team.missed = missed ? [...team.missed, rule] : team.missed.filter((r) => r !== rule)
}
const add = () =>
  teams.value.push({ name: names[teams.value.length] ?? `Team ${teams.value.length + 1}`, values: {}, missed: [] })
const rows = computed(() => tried.value?.standings.rows ?? [])
const why = computed(() => rows.value.find((r) => r.name === chosen.value) ?? rows.value[0])
const row = (team: PretendTeam) => rows.value.find((r) => r.name === team.name)
const standing = (team: PretendTeam) => row(team)?.placeText || row(team)?.reason || '–'
const curve = (part: string) => tried.value?.curves.find((c) => c.part === part)
</script>

<template>
  <section aria-labelledby="try">
    <h2 id="try">Try it</h2>
    <p class="small muted">Try values and watch the points change. Nothing here is saved.</p>
    <p v-if="brief.tiers.length > 0" class="small">
      As in
      <select v-model="tier" class="inline" aria-label="Tier to try">
        <option value="">the brief</option>
        <option v-for="t in brief.tiers" :key="t.id" :value="t.id">{{ t.name || t.id }}</option>
      </select>
    </p>
    <div v-if="refusal" class="refused" role="status">
      <p>It cannot be tried yet.</p>
      <ul class="small">
        <li v-for="p in refusal.problems.slice(0, 5)" :key="p.at + p.what">{{ p.what }} {{ p.remedy }}</li>
      </ul>
    </div>
    <template v-if="tried">
      <div class="scroll">
        <table class="handles">
          <thead>
            <tr>
              <th scope="col"></th>
              <th v-for="(team, i) in teams" :key="i" scope="col">{{ team.name }}</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="h in tried.handles" :key="h.id">
              <th scope="row">
                {{ h.name }}<span v-if="h.unit" class="muted"> ({{ h.unit }})</span>
              </th>
              <td v-for="(team, i) in teams" :key="i">
                <select
                  v-if="h.words.length > 0"
                  class="inline"
                  :aria-label="`${h.name}, ${team.name}`"
                  :value="value(i, h)"
                  @change="set(i, h, ($event.target as HTMLSelectElement).value)"
                >
                  <option v-for="(w, at) in h.words" :key="w" :value="at">{{ w }}</option>
                </select>
                <template v-else>
                  <input
                    type="range"
                    :aria-label="`${h.name}, ${team.name}`"
                    :min="h.low"
                    :max="h.high"
                    :step="h.step"
                    :value="value(i, h)"
                    @input="set(i, h, ($event.target as HTMLInputElement).value)"
                  />
                  <input
                    class="inline number"
                    inputmode="decimal"
                    :aria-label="`${h.name}, ${team.name}, typed`"
                    :value="value(i, h)"
                    @change="set(i, h, ($event.target as HTMLInputElement).value)"
                  />
                </template>
              </td>
            </tr>
            <tr v-for="r in tried.rules" :key="r.rule">
              <th scope="row">{{ r.text }}</th>
              <td v-for="(team, i) in teams" :key="i">
                <label class="met">
                  <input
                    type="checkbox"
                    :checked="!team.missed.includes(r.rule)"
                    :aria-label="`${r.text}, ${team.name}`"
                    @change="miss(i, r.rule, !($event.target as HTMLInputElement).checked)"
                  />
                  met
                </label>
              </td>
            </tr>
          </tbody>
          <tfoot>
            <tr v-for="part in rows[0]?.parts ?? []" :key="part.part">
              <th scope="row">{{ part.name }}</th>
              <td v-for="(team, i) in teams" :key="i" class="figures">
                {{ row(team)?.parts.find((p) => p.part === part.part)?.pointsText || '–' }}
              </td>
            </tr>
            <tr class="total">
              <th scope="row">Total</th>
              <td v-for="(team, i) in teams" :key="i" class="figures">
                {{ row(team)?.totalText || '–' }}
              </td>
            </tr>
            <tr>
              <th scope="row">Place</th>
              <td v-for="(team, i) in teams" :key="i">
                <button
                  type="button"
                  class="act"
                  :aria-label="`${standing(team)}: why ${team.name}`"
                  @click="chosen = team.name"
                >
                  {{ standing(team) }}
                </button>
              </td>
            </tr>
          </tfoot>
        </table>
      </div>
      <button v-if="teams.length < 3" type="button" class="act" @click="add">Add a team</button>
      <p class="small">{{ tried.standings.winsText }}</p>
      <div class="curves">
        <template v-for="part in rows[0]?.parts ?? []" :key="part.part">
          <CurvePlot v-if="curve(part.part)" :curve="curve(part.part)!" />
        </template>
      </div>
      <div v-if="why" role="status">
        <h3>Why {{ why.name }}</h3>
        <ol class="why small">
          <li v-for="(step, i) in why.why" :key="i">{{ step.sentence }}</li>
        </ol>
      </div>
    </template>
  </section>
</template>

<style scoped>
.handles {
  width: 100%;
  font-size: var(--size-small);
}
th,
td {
  text-align: left;
  padding: var(--space-2) var(--space-3) var(--space-2) 0;
  border-bottom: 1px solid var(--line);
  vertical-align: middle;
}
tbody th,
tfoot th {
  font-weight: 400;
  max-width: 11rem;
}
.total {
  font-weight: 750;
}
.total th {
  font-weight: 750;
}
input[type='range'] {
  width: 5.5rem;
  vertical-align: middle;
  accent-color: var(--lagoon);
}
.number {
  width: 3.4rem;
  field-sizing: fixed;
  text-align: right;
}
.met {
  display: inline-flex;
  gap: var(--space-2);
  align-items: center;
}
.curves {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(13rem, 1fr));
  gap: var(--space-5);
  margin: var(--space-4) 0;
}
.why {
  display: grid;
  gap: var(--space-1);
}
.refused {
  border-left: 5px solid var(--brick);
  padding-left: var(--space-4);
}
</style>
