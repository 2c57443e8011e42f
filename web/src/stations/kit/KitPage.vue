<script setup lang="ts">
import Button from 'primevue/button'
import { computed, reactive, ref, watch } from 'vue'
import { vTyped } from '@/fields/vTyped'
import { api, ask, refusalFrom, refusalOf } from '@/api/client'
import type { Refusal } from '@/api/names'
import BuntingRoute from '@/shared/BuntingRoute.vue'
import ConflictNote from '@/shared/ConflictNote.vue'
import LessonScale from '@/shared/LessonScale.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { nextAt } from '@/shared/nextAt'
import { noNumber, numberIn } from '@/shared/numbers'
import RefusalNote from '@/shared/RefusalNote.vue'
import RouteBar from '@/shared/RouteBar.vue'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'
import { useMeanwhile } from '@/shared/useMeanwhile'
import AtTheTest from './AtTheTest.vue'
import BagDraw from './BagDraw.vue'
import CardDraw from './CardDraw.vue'
import KitTable from './KitTable.vue'
import LoadingPlanner from './LoadingPlanner.vue'
import { useBriefChange } from './useBriefChange'

/** What a class needs for a brief, what is in the cupboard, what is to be bought and laid out. */
const props = defineProps<{ brief: string }>()
const kept = `kit:${props.brief}`
const chosen = reactive<{ tier: string; ticked: string[] }>({
  tier: '',
  ticked: [],
  ...(JSON.parse(localStorage.getItem(kept) ?? '{}') as object),
})
const sheet = useLoad(() =>
  ask(api.GET('/api/briefs/{id}/kit', { params: { path: { id: props.brief }, query: { tier: chosen.tier } } })),
)
void sheet.load()
watch(chosen, () => localStorage.setItem(kept, JSON.stringify(chosen)))
watch(
  () => chosen.tier,
  () => void sheet.load(),
)
const refused = ref<Refusal>()
const brief = useBriefChange(props.brief)

/** How many teams and students are expected is the brief's own, so that Kit, Time and Teams say one thing. */
async function expect(what: 'teams' | 'teamSize', typed: string) {
  const number = numberIn(typed)
  refused.value =
    number === undefined ? refusalFrom([{ at: `/timing/${what}`, ...noNumber(typed), severity: 'error' }]) : undefined
  if (number === undefined) return
  if (await brief.change(`/timing/${what}`, (b) => (b.timing[what] = number))) await sheet.load()
}
async function takeMinutes(phase: string, minutes: number) {
  const done = await brief.change(`/timing/phases/${phase}/minutes`, (b) => {
    const test = b.timing.phases.find((p) => p.id === phase)
    if (test) test.minutes = minutes
  })
  if (done) await sheet.load()
}

const { meanwhile, cameSecond, letGo } = useMeanwhile(sheet.load)
async function stock(name: string, unit: string, typed: string, was: number) {
  const answer = await ask(api.PUT('/api/cupboard', { body: { name, unit, typed, was } }))
  const inCupboard = () =>
    sheet.data.value?.list.lines.find((l) => l.material.name === name && l.material.unit === unit)?.inCupboard ?? 0
  if (await cameSecond(answer, () => stock(name, unit, typed, inCupboard()))) return
  refused.value = refusalOf(answer)
  if (answer.ok) await sheet.load()
}
function tick(id: string, on: boolean) {
  chosen.ticked = on ? [...chosen.ticked, id] : chosen.ticked.filter((t) => t !== id)
}
const to = computed(() => ({
  brief: `/briefs/${props.brief}`,
  kit: `/briefs/${props.brief}/kit`,
  teams: `/briefs/${props.brief}/teams`,
}))
const shopping = computed(() => `/api/briefs/${props.brief}/shopping?tier=${encodeURIComponent(chosen.tier)}`)
const teamNames = computed(() => Array.from({ length: sheet.data.value?.teams ?? 0 }, (_, i) => `Team ${i + 1}`))
const next = computed(() => nextAt(sheet.data.value?.route, 'kit'))
</script>

<template>
  <RouteBar :name="sheet.data.value ? sheet.data.value.title || 'Untitled brief' : ''" detail="Brief">
    <BuntingRoute v-if="sheet.data.value" :pennants="sheet.data.value.route" current="kit" :to="to" />
  </RouteBar>
  <main id="main" class="desk">
    <LoadNote
      v-if="!sheet.data.value"
      :state="sheet.state.value"
      :refusal="sheet.refusal.value"
      what="the kit"
      @again="sheet.load"
    />
    <template v-else>
      <StationHead title="Kit" word="kit" :next="next">
        <Button as="a" :href="shopping" download label="Shopping list" variant="outlined" />
        <Button as="router-link" :to="to.teams" label="Make teams" />
      </StationHead>
      <p class="for">
        For <b>{{ sheet.data.value.title || 'this brief' }}</b>, with
        <input
          v-typed="sheet.data.value.teams"
          inputmode="numeric"
          class="inline number"
          aria-label="Teams"
          @change="expect('teams', ($event.target as HTMLInputElement).value)"
        />
        {{ sheet.data.value.teams === 1 ? 'team' : 'teams' }} of
        <input
          v-typed="sheet.data.value.teamSize"
          inputmode="numeric"
          class="inline number"
          aria-label="Members"
          @change="expect('teamSize', ($event.target as HTMLInputElement).value)"
        />
        <template v-if="sheet.data.value.tiers.length > 0">
          , as in
          <select v-model="chosen.tier" class="inline" aria-label="Tier">
            <option value="">the brief itself</option>
            <option v-for="t in sheet.data.value.tiers" :key="t.id" :value="t.id">{{ t.name }}</option>
          </select></template
        >.
      </p>
      <RefusalNote :refusal="refused ?? brief.refusal.value ?? sheet.refusal.value" />
      <ConflictNote :of="meanwhile" @theirs="letGo" />
      <KitTable :list="sheet.data.value.list" :money="sheet.data.value.money" @stock="stock" />
      <AtTheTest
        v-if="sheet.data.value.atTest.length > 0"
        class="time not-on-paper"
        :needs="sheet.data.value.atTest"
        :to="to.brief"
      />
      <section v-if="sheet.data.value.timetable.lessons.length > 0" aria-labelledby="time" class="time not-on-paper">
        <h2 id="time">Time needed</h2>
        <p :class="{ wrong: !sheet.data.value.timetable.fits }">
          {{ sheet.data.value.timetable.says }}
          <RouterLink v-if="!sheet.data.value.timetable.fits" :to="to.brief"
            >Fix it in the brief, under Time.</RouterLink
          >
        </p>
        <LessonScale :lessons="sheet.data.value.timetable.lessons" />
      </section>
      <div class="two not-on-paper">
        <section aria-labelledby="same">
          <h2 id="same">The same for everyone</h2>
          <p class="small muted">Check each off before the first test.</p>
          <p v-if="sheet.data.value.conditions.length === 0" class="muted">The brief fixes nothing yet.</p>
          <ul>
            <li v-for="c in sheet.data.value.conditions" :key="c.id">
              <label>
                <input
                  type="checkbox"
                  :checked="chosen.ticked.includes(c.id)"
                  @change="tick(c.id, ($event.target as HTMLInputElement).checked)"
                />
                {{ c.text }}<template v-if="c.fixedAt">: {{ c.fixedAt }}</template>
              </label>
            </li>
          </ul>
        </section>
        <LoadingPlanner v-if="sheet.data.value.isLoaded" :test="sheet.data.value.test" @minutes="takeMinutes" />
        <BagDraw v-if="sheet.data.value.bags.length > 0" :teams="teamNames" :stock="sheet.data.value.bags" />
        <CardDraw
          v-for="d in sheet.data.value.deals"
          :key="d.id"
          :brief="props.brief"
          :tier="chosen.tier"
          :deal="d"
          :teams="teamNames"
        />
      </div>
    </template>
  </main>
</template>

<style scoped>
.for {
  padding: var(--space-4) 0 var(--space-3);
}
.number {
  width: 3.5rem;
  field-sizing: fixed;
}
.time {
  padding-top: var(--space-7);
  max-width: 52rem;
}
.two {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(20rem, 100%), 1fr));
  gap: var(--space-7);
  padding: var(--space-7) 0;
}
label {
  display: flex;
  gap: var(--space-3);
  align-items: baseline;
  padding: var(--space-2) 0;
}
input[type='checkbox'] {
  flex: none;
  width: 24px;
  height: 24px;
  accent-color: var(--lagoon);
}
</style>
