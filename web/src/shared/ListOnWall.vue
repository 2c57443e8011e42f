<script setup lang="ts">
import type { RowOverAllOnWall } from '@/api/names'

/** A list over several rallies, to be read from eight metres. */
defineProps<{ rows: readonly RowOverAllOnWall[] }>()
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
        <td>{{ r.class }}</td>
        <td class="figures number">{{ r.text || 'not placed' }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  font-size: 2rem;
}
td,
th {
  text-align: left;
  font-weight: 600;
  padding: 0.15rem 0.75rem;
  border-bottom: 2px dashed var(--line);
  line-height: 1.2;
}
.place {
  font-family: var(--title);
  font-weight: 800;
  color: var(--marigold);
  width: 4.5rem;
}
.number {
  text-align: right;
}
</style>
