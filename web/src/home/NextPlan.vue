<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import type { PlanStop } from '@/api/names'
import { shortDay } from '@/shared/days'
import RowMenu, { type RowAction } from '@/shared/RowMenu.vue'
import NextCard from './NextCard.vue'
import { planSays, teamsFor } from './planSays'

/** What is planned and comes before every rally: its teams are to be made. */
const props = defineProps<{ plan: PlanStop; today: string; menu: readonly RowAction[] }>()
const when = computed(() =>
  props.plan.day === props.today ? 'Planned for today' : `Next: ${shortDay(props.plan.day)}`,
)
</script>

<template>
  <NextCard :when="when" :title="plan.title" :summary="`Planned: ${planSays(plan)}`">
    <template #says>No teams have been made for this yet.</template>
    <Button as="router-link" :to="teamsFor(plan)" label="Make teams" size="large" />
    <Button as="router-link" :to="`/briefs/${plan.plan.brief}`" label="Open the brief" variant="outlined" />
    <RowMenu :of="`the plan of ${plan.title}`" :actions="menu" />
  </NextCard>
</template>
