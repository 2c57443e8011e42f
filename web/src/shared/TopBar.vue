<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'

/**
 * The rope along the top: the name at its left end with the guide's page for this place, a route hung on it where there
 * is one.
 */
const route = useRoute()
const places: Record<string, string> = { writing: 'brief', together: 'score', day: 'fair-day', talk: 'debrief' }
/** The page of the guide that says something of where one is. */
const guide = computed(() => {
  const { station } = route.meta
  if (station) return places[station] ?? station
  const at = route.path.split('/').at(-1) ?? ''
  const known = {
    papers: 'papers',
    print: 'papers',
    kit: 'kit',
    teams: 'teams',
    school: 'year',
    days: 'fair-day',
    cupboard: 'kit',
    classes: 'teams',
  } as Record<string, string>
  return known[at] ?? 'first-rally'
})
</script>

<template>
  <header class="bar not-on-paper">
    <RouterLink class="name" to="/" aria-label="Plucky Rally, start page">
      <svg viewBox="0 0 32 32" width="26" height="26" aria-hidden="true">
        <path d="M5 2v28" stroke="var(--ink)" stroke-width="3" />
        <path d="M6 4h23l-7 7.5 7 7.5H6z" fill="var(--lagoon)" stroke="var(--ink)" stroke-width="2" />
        <path d="M9.5 11.5h10" stroke="var(--paper)" stroke-width="2" stroke-dasharray="3 2" />
      </svg>
      <span>Plucky Rally</span>
    </RouterLink>
    <RouterLink class="guide small" :to="`/guide/${guide}`">Guide</RouterLink>
    <slot />
  </header>
</template>

<style scoped>
.guide {
  margin-right: auto;
  padding-top: 0.35rem;
}
.bar {
  display: flex;
  align-items: flex-start;
  justify-content: space-between;
  gap: 1.5rem;
  padding: 0.75rem 1.5rem 0;
}
.name {
  display: inline-flex;
  align-items: center;
  gap: 0.5rem;
  padding: 0.25rem 0;
  font: 750 1.15rem/1.1 var(--title);
  letter-spacing: -0.02em;
  color: var(--ink);
  text-decoration: none;
  white-space: nowrap;
}
@media (max-width: 700px) {
  .bar {
    padding: 0.5rem 0.75rem 0;
    gap: 0.75rem;
  }
  .name span {
    display: none;
  }
}
</style>
