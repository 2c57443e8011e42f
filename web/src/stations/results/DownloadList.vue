<script setup lang="ts">
import { computed } from 'vue'
import DetailedLinks from './DetailedLinks.vue'

/** What can be downloaded, each in an open format. */
const props = defineProps<{ rally: string; rounds: number }>()
const files = computed(() =>
  [
    { name: 'Results (CSV)', detail: 'Places and points, part by part.', path: 'tables/results.csv' },
    ...(props.rounds > 1
      ? [{ name: 'Rounds (CSV)', detail: 'All rounds as one standing.', path: 'tables/rounds.csv' }]
      : []),
    { name: 'Figures (CSV)', detail: 'What each team measured, worked out.', path: 'tables/figures.csv' },
    { name: 'Readings (CSV)', detail: 'Every reading as it was recorded.', path: 'tables/readings.csv' },
    { name: 'Spreadsheet (XLSX)', detail: 'All of these tables in one file.', path: 'tables.xlsx' },
    {
      name: 'Everything (ZIP)',
      detail:
        'The tables, the rally’s file and its photos, with students’ names. Keep it as carefully as a class list.',
      path: 'everything.zip',
    },
  ].map(({ path, ...link }) => ({ ...link, file: `/api/rallies/${props.rally}/${path}` })),
)
</script>

<template>
  <section aria-labelledby="download">
    <h2 id="download">Download</h2>
    <DetailedLinks :links="files" />
  </section>
</template>
