<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Station, YearLine } from '@/api/names'
import BuntingRoute from '@/shared/BuntingRoute.vue'
import { shortDay } from '@/shared/days'
import RowMenu, { type RowAction } from '@/shared/RowMenu.vue'
import NextCard from './NextCard.vue'

/** The rally that comes next, large, with one button to go on and what is still missing at each station. */
const props = defineProps<{ next: NonNullable<YearLine['next']>; today: string; menu: readonly RowAction[] }>()
const router = useRouter()
const to = (station: string) => `/rallies/${props.next.rally}/${station}?round=${props.next.round}`
const at = computed(() => props.next.route.find((p) => p.station === props.next.goesOn))
const labels: Record<Station, string> = {
  brief: 'Open the brief',
  kit: 'Hand out kit',
  teams: 'Finish the teams',
  run: 'Run the lesson',
  score: 'Score',
  results: 'See results',
  debrief: 'Debrief',
}
const label = computed(() =>
  props.next.goesOn === 'score' && at.value?.readiness === 'halfSewn' ? 'Continue scoring' : labels[props.next.goesOn],
)
const when = computed(() => {
  const { date } = props.next
  if (!date) return 'Next'
  if (date === props.today) return 'Today'
  return date > props.today ? `Next: ${shortDay(date)}` : `Not finished: ${shortDay(date)}`
})
const summary = computed(() =>
  [
    props.next.name,
    props.next.teams === 1 ? '1 team' : `${props.next.teams} teams`,
    props.next.round > 1 && `round ${props.next.round}`,
  ]
    .filter(Boolean)
    .join(' · '),
)
</script>

<template>
  <NextCard :when="when" :title="next.brief" :summary="summary">
    <template v-if="at" #says>{{ at.next }}</template>
    <Button :label="label" size="large" @click="router.push(to(next.goesOn))" />
    <Button as="router-link" :to="to('attendance')" label="Take attendance" variant="outlined" />
    <Button
      as="router-link"
      :to="`/rallies/${next.rally}/wall?round=${next.round}`"
      target="_blank"
      label="Open the wall"
      variant="outlined"
      class="wall"
    />
    <RowMenu :of="next.name" :actions="menu" />
    <template #beside>
      <BuntingRoute
        :pennants="next.route"
        current=""
        :to="{
          brief: to('brief'),
          kit: to('kit'),
          teams: to('teams'),
          run: to('run'),
          score: to('score'),
          results: to('results'),
          debrief: to('debrief'),
        }"
      />
    </template>
  </NextCard>
</template>

<style scoped>
/* A wall is a projector's; nobody opens it on a phone. */
@media (max-width: 600px) {
  .wall {
    display: none;
  }
}
</style>
