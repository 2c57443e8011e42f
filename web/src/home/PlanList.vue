<script setup lang="ts">
import { api } from '@/api/client'
import type { PlanStop } from '@/api/names'
import { planSays } from './planSays'
import { done } from '@/shared/useDone'

/** The briefs that are planned, each with what can be done with its plan. */
defineProps<{ plans: readonly PlanStop[] }>()
const emit = defineEmits<{ change: [plan: PlanStop]; changed: [] }>()
async function takeOut(plan: PlanStop) {
  await done(api.DELETE('/api/year/plans/{id}', { params: { path: { id: plan.id } } }))
  emit('changed')
}
const teams = (p: PlanStop) => ({
  path: `/briefs/${p.plan.brief}/teams`,
  query: { plan: p.id, name: p.plan.for || undefined, date: p.plan.wholeWeek ? undefined : p.plan.date },
})
</script>

<template>
  <section v-if="plans.length > 0" aria-labelledby="planned">
    <h2 id="planned">Planned</h2>
    <ul>
      <li v-for="p in plans" :key="p.id">
        <RouterLink :to="`/briefs/${p.plan.brief}`">{{ p.title }}</RouterLink>
        <span class="muted"> {{ planSays(p) }}</span>
        <RouterLink class="small" :to="teams(p)" :aria-label="`Make teams for ${p.title}, as planned`"
          >Make teams</RouterLink
        >
        <button
          type="button"
          class="act small"
          :aria-label="`Change the plan of ${p.title}`"
          @click="emit('change', p)"
        >
          Change
        </button>
        <button type="button" class="act small" :aria-label="`Take out of the plan: ${p.title}`" @click="takeOut(p)">
          Take out
        </button>
      </li>
    </ul>
    <p><a class="small" href="/api/year/calendar" download="school-year.ics">The year as a calendar file</a></p>
  </section>
</template>

<style scoped>
section {
  padding-bottom: 1.25rem;
}
li {
  display: flex;
  flex-wrap: wrap;
  gap: 0.2rem 1rem;
  align-items: baseline;
}
</style>
