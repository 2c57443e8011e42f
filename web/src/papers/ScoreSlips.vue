<script setup lang="ts">
import { computed } from 'vue'
import WhyLines from '@/stations/results/WhyLines.vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** A slip a team: its points, and why, like a sum by hand. */
const { now, rally } = useRallyPrinting()
const rows = computed(() =>
  now.teams.flatMap((team) => {
    const row = rally.papers.standings.rows.find((r) => r.team === team.id)
    return row ? [{ team, row }] : []
  }),
)
</script>

<template>
  <PaperSheet v-for="{ team, row } in rows" :key="team.id" title="Score slip" :team="team">
    <p v-if="row.placeText || row.noPlaceText" class="place">
      <b>{{ row.placeText || row.noPlaceText }}</b><template v-if="row.totalText">{{
        row.status === 'placed' ? ` with ${row.totalText}` : ` (${row.totalText})`
      }}</template>
    </p>
    <WhyLines :row="row" :changes="rally.papers.standings.briefChanges" />
  </PaperSheet>
</template>

<style scoped>
.place {
  font-size: 1.3em;
}
</style>
