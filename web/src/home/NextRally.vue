<script setup lang="ts">
import Button from 'primevue/button'
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import type { Station, YearLine } from '@/api/names'
import BuntingRoute from '@/shared/BuntingRoute.vue'
import { shortDay } from '@/shared/days'
import RowMenu, { type RowAction } from '@/shared/RowMenu.vue'

/** The rally that comes next, large, with one button to go on and what is still missing at each station. */
const props = defineProps<{ next: NonNullable<YearLine['next']>; today: string; menu: readonly RowAction[] }>()
const router = useRouter()
const to = (station: string) => `/rallies/${props.next.rally}/${station}?round=${props.next.round}`
const at = computed(() => props.next.route.find((p) => p.station === props.next.goesOn))
const labels: Record<Station, string> = {
  brief: 'Open the brief',
  kit: 'Hand out kit',
  teams: 'Open teams',
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
  <section class="next" aria-labelledby="next">
    <div class="what">
      <p class="when">{{ when }}</p>
      <h2 id="next">{{ next.brief }}</h2>
      <p class="muted figures">{{ summary }}</p>
      <p v-if="at">{{ at.next }}</p>
      <p class="ways">
        <Button :label="label" size="large" @click="router.push(to(next.goesOn))" />
        <Button
          as="router-link"
          :to="`/rallies/${next.rally}/wall?round=${next.round}`"
          target="_blank"
          label="Open the wall"
          variant="outlined"
        />
        <RowMenu :of="next.name" :actions="menu" />
      </p>
    </div>
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
  </section>
</template>

<style scoped>
.next {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-5) var(--space-7);
  padding: var(--space-6) var(--space-6) var(--space-6) var(--space-6);
  background: var(--sheet);
  border: var(--rule);
  border-left: 8px solid var(--lagoon);
}
.what {
  display: grid;
  gap: var(--space-2);
  flex: 1 1 20rem;
  overflow-wrap: anywhere;
}
.when {
  font-weight: 700;
  color: var(--marigold-text);
}
h2 {
  font-size: var(--size-title);
  letter-spacing: -0.02em;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-4);
  padding-top: var(--space-4);
}
.next > :deep(nav) {
  flex: 0 1 34rem;
}
</style>
