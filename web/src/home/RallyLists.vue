<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import type { PlanStop, RallyOnShelf, Refusal, YearLine } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import { done } from '@/shared/useDone'
import { offerUndo } from '@/shared/useUndo'
import HomeRow from './HomeRow.vue'
import NextPlan from './NextPlan.vue'
import NextRally from './NextRally.vue'
import { planSays, teamsFor } from './planSays'
import { comingUp, recently } from './ralliesSorted'
import RallyRow from './RallyRow.vue'
import { entriesOf, rallyMenu, titleOf } from './rallyRow'

/** What is next, large; what is coming up, planned or made already, beside what was; archived rallies folded below. */
const props = defineProps<{ rallies: readonly RallyOnShelf[]; year: YearLine }>()
const emit = defineEmits<{ changed: []; plan: [plan: PlanStop] }>()

/** So many rows of each stand at once; a link from the year line opens the rest. */
const few = 5
const route = useRoute()
const all = ref({ coming: false, recent: false })
watch(
  () => route.hash,
  (hash) => hash.startsWith('#day-') && (all.value = { coming: true, recent: true }),
  { immediate: true },
)
const coming = computed(() => comingUp(props.rallies, props.year.plans, props.year))
const recent = computed(() => recently(props.rallies, props.year))
const archived = computed(() => props.rallies.filter((r) => r.archived))
const shown = <T,>(rows: readonly T[], whole: boolean) => (whole ? rows : rows.slice(0, few))
/** The first row of a day can be led to. */
const anchor = (rows: readonly { day: string }[], i: number) =>
  rows[i]!.day && rows[i]!.day !== rows[i - 1]?.day ? `day-${rows[i]!.day}` : undefined
const recentDays = computed(() => recent.value.map((r) => ({ day: r.date ?? '' })))

const refusal = ref<Refusal>()
const removing = ref<string>()
const removed = computed(() => props.rallies.find((r) => r.id === removing.value))
async function remove() {
  if (!removing.value) return
  refusal.value = refusalOf(await ask(api.DELETE('/api/rallies/{id}', { params: { path: { id: removing.value } } })))
  emit('changed')
}
async function archive(r: RallyOnShelf, away: boolean) {
  const answer = await ask(api.PUT('/api/rallies/{id}/archived', { params: { path: { id: r.id } }, body: { away } }))
  refusal.value = refusalOf(answer)
  if (answer.ok && away) offerUndo(`Archived: ${titleOf(r)}.`, () => archive(r, false))
  emit('changed')
}
const menuOf = (r: RallyOnShelf) =>
  rallyMenu(r, { archive: (away) => void archive(r, away), remove: () => (removing.value = r.id) })

async function unplan(plan: PlanStop) {
  const answer = await done(api.DELETE('/api/year/plans/{id}', { params: { path: { id: plan.id } } }))
  if (answer.ok)
    offerUndo(`Removed from the plan: ${plan.title}.`, async () => {
      await done(api.POST('/api/year/plans', { body: plan.plan }))
      emit('changed')
    })
  emit('changed')
}
const planMenu = (p: PlanStop) => [
  { label: 'Edit plan', act: () => emit('plan', p) },
  { label: 'Open the brief', to: `/briefs/${p.plan.brief}` },
  { label: 'Remove from plan', act: () => void unplan(p) },
]
</script>

<template>
  <RefusalNote :refusal="refusal" />
  <NextRally
    v-if="year.next"
    :next="year.next"
    :today="year.today"
    :menu="rallies.filter((r) => r.id === year.next?.rally).flatMap(menuOf)"
  />
  <NextPlan v-if="year.nextPlan" :plan="year.nextPlan" :today="year.today" :menu="planMenu(year.nextPlan)" />
  <div class="lists">
    <section aria-labelledby="coming">
      <h2 id="coming">Coming up</h2>
      <p v-if="coming.length === 0" class="muted empty">
        Nothing is planned. Choose a brief below, then plan it or make teams for it.
      </p>
      <ul>
        <template v-for="(row, i) in shown(coming, all.coming)" :key="row.rally?.id ?? row.plan?.id">
          <RallyRow
            v-if="row.rally"
            :rally="row.rally"
            :anchor="anchor(coming, i)"
            :action="row.rally.entries > 0 ? 'Continue' : 'Open'"
            :to="`/rallies/${row.rally.id}/next`"
            :menu="menuOf(row.rally)"
          />
          <HomeRow
            v-else-if="row.plan"
            :anchor="anchor(coming, i)"
            :day="row.plan.from"
            :day-in-words="planSays(row.plan)"
            :title="row.plan.title"
            :detail="`Planned: ${planSays(row.plan)}`"
            :to="`/briefs/${row.plan.plan.brief}`"
            :action="{ label: 'Make teams', to: teamsFor(row.plan), of: `${row.plan.title}, as planned` }"
            :menu="planMenu(row.plan)"
            :menu-of="`the plan of ${row.plan.title}`"
          />
        </template>
      </ul>
      <p class="ways">
        <button v-if="coming.length > few" type="button" class="act" @click="all.coming = !all.coming">
          {{ all.coming ? 'Show fewer' : `Show all ${coming.length}` }}
        </button>
        <a v-if="year.plans.length > 0" class="small" href="/api/year/calendar" download="school-year.ics"
          >Download the plan for a calendar</a
        >
      </p>
    </section>
    <section aria-labelledby="recently">
      <h2 id="recently">Recently</h2>
      <p v-if="recent.length === 0" class="muted empty">
        No rallies yet. Rallies whose day has passed are listed here.
      </p>
      <ul>
        <RallyRow
          v-for="(r, i) in shown(recent, all.recent)"
          :key="r.id"
          :rally="r"
          :anchor="anchor(recentDays, i)"
          action="Results"
          :to="`/rallies/${r.id}/results`"
          :menu="menuOf(r)"
        />
      </ul>
      <p v-if="recent.length > 0" class="ways">
        <button v-if="recent.length > few" type="button" class="act" @click="all.recent = !all.recent">
          {{ all.recent ? 'Show fewer' : `Show all ${recent.length}` }}
        </button>
        <RouterLink class="small" to="/over-all">Combined results</RouterLink>
      </p>
      <details v-if="archived.length > 0">
        <summary>{{ archived.length }} archived</summary>
        <ul>
          <RallyRow
            v-for="r in archived"
            :key="r.id"
            :rally="r"
            action="Results"
            :to="`/rallies/${r.id}/results`"
            :menu="menuOf(r)"
          />
        </ul>
      </details>
    </section>
  </div>
  <AskRemoval
    v-if="removed"
    v-model="removing"
    :what="titleOf(removed)"
    :goes="`${entriesOf(removed)}, its photos, and the codes of its judges and walls.`"
    @yes="remove"
  />
</template>

<style scoped>
.lists {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-6) var(--space-7);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-6);
  padding-top: var(--space-3);
}
.empty {
  padding: var(--space-4) 0;
}
summary {
  padding: var(--space-3) 0;
  cursor: pointer;
}
@media (max-width: 900px) {
  .lists {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
