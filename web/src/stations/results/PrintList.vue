<script setup lang="ts">
import { computed } from 'vue'
import { paperGroups } from '@/papers/kinds'
import { capital } from '@/shared/capital'
import { useRally } from '@/shared/openRally'
import DetailedLinks from './DetailedLinks.vue'

/** What is printed of a round that was scored. Each opens as it prints, with what can be chosen for it. */
const { rally, inRound } = useRally()
const details = {
  standings: 'Places, points and awards, for the board.',
  slips: 'Each team’s points and why, a slip for each team.',
  certificates: 'What each team did best, one for each team or student.',
  home: 'What the class did and found, for families.',
  notebook: 'Each team’s rounds, plots and answers, to glue in.',
  plots: 'The pictures under Numbers.',
  gallery: 'All designs side by side, with their photos.',
}
const kinds = new Map(paperGroups.flatMap((g) => g.kinds).map((k) => [k.id, k.name]))
const all = computed(() => inRound(`/rallies/${rally.value?.id}/papers`))
const links = computed(() =>
  Object.entries(details).map(([print, detail]) => ({
    name: capital(kinds.get(print)!),
    detail,
    to: { ...all.value, query: { ...all.value.query, print } },
  })),
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
