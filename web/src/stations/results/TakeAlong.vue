<script setup lang="ts">
import { computed } from 'vue'

/** What leaves in open formats. */
const props = defineProps<{ rally: string; rounds: number }>()
const tables = computed(() => ['results', ...(props.rounds > 1 ? ['rounds'] : []), 'figures', 'readings'])
</script>

<template>
  <section aria-labelledby="along">
    <h2 id="along">To take along</h2>
    <p>
      <template v-for="(t, i) in tables" :key="t"
        ><template v-if="i > 0">, </template
        ><a :href="`/api/rallies/${rally}/tables/${t}.csv`" download>{{ t }} (CSV)</a></template
      >; all of them as <a :href="`/api/rallies/${rally}/tables.xlsx`" download>a spreadsheet (XLSX)</a>;
      <a :href="`/api/rallies/${rally}/everything.zip`" download>everything with its photos (ZIP)</a>.
    </p>
    <p class="small muted">
      The file with everything has pupils’ names in it where the class has them. Keep it as the school keeps such files.
    </p>
  </section>
</template>

<style scoped>
section {
  padding-top: 2rem;
}
</style>
