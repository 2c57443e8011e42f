<script setup lang="ts">
import type { RowOverAllOnWall } from '@/api/names'

/** A list over several rallies, to be read from eight meters; beside others without the classes. */
defineProps<{ rows: readonly RowOverAllOnWall[]; short?: boolean }>()
</script>

<template>
  <table>
    <caption class="out-of-sight">
      Combined results
    </caption>
    <tbody>
      <tr v-for="r in rows" :key="`${r.class} ${r.name}`">
        <td class="place">{{ r.place ?? '–' }}</td>
        <th scope="row">{{ r.name }}</th>
        <td v-if="!short">{{ r.class }}</td>
        <td class="figures number">{{ r.text || 'not placed' }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
}
td,
th {
  text-align: left;
  font-weight: 600;
  padding: 0.1em 0.4em;
  border-bottom: 2px solid var(--line);
  line-height: 1.2;
}
.place {
  font-family: var(--title);
  font-weight: 800;
  color: var(--marigold);
  width: 2.2em;
}
.number {
  text-align: right;
}
</style>
