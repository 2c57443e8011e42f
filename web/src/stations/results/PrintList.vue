<script setup lang="ts">
import { computed } from 'vue'
import { useRally } from '@/shared/openRally'
import DetailedLinks from './DetailedLinks.vue'

/** What is printed of a round that was scored. Each opens as it prints, with what can be chosen for it. */
const { rally, inRound } = useRally()
const papers = [
  { print: 'standings', name: 'Standings and awards', detail: 'Places, points and awards, for the board.' },
  { print: 'slips', name: 'Score slips', detail: 'Each team’s points and why, a slip for each team.' },
  { print: 'certificates', name: 'Certificates', detail: 'What each team did best, one for each team or student.' },
  { print: 'home', name: 'Notes home', detail: 'What the class did and found, for families.' },
  { print: 'notebook', name: 'Notebook pages', detail: 'Each team’s rounds, plots and answers, to glue in.' },
  { print: 'plots', name: 'The class’s plots', detail: 'The pictures under Numbers.' },
  { print: 'gallery', name: 'The gallery', detail: 'All designs side by side, with their photos.' },
]
const all = computed(() => inRound(`/rallies/${rally.value?.id}/papers`))
const links = computed(() =>
  papers.map(({ print, ...link }) => ({ ...link, to: { ...all.value, query: { ...all.value.query, print } } })),
)
</script>

<template>
  <section aria-labelledby="print">
    <h2 id="print">Print</h2>
    <DetailedLinks :links="links" />
    <p class="muted more">
      For judges’ sheets, labels and job cards, open
      <RouterLink :to="all">all papers of this rally</RouterLink>.
    </p>
  </section>
</template>

<style scoped>
.more {
  margin-top: var(--space-4);
}
</style>
