<script setup lang="ts">
import type { YearLine } from '@/api/names'
import BuntingRoute from '@/shared/BuntingRoute.vue'
import { shortDay } from '@/shared/days'

/** The rally that comes next, with what is still missing at each station. */
const props = defineProps<{ next: NonNullable<YearLine['next']> }>()
const to = (station: string) => `/rallies/${props.next.rally}/${station}?round=${props.next.round}`
</script>

<template>
  <section aria-labelledby="next">
    <div>
      <h2 id="next">Next: {{ next.name }}</h2>
      <p class="muted">
        {{ next.brief }}<template v-if="next.date">, {{ shortDay(next.date) }}</template>
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
section {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 0.5rem 2rem;
  padding: 0.5rem 0 1.25rem;
  border-bottom: var(--stitch);
  margin-bottom: 1.25rem;
}
</style>
