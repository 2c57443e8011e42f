<script setup lang="ts">
import { computed } from 'vue'
import type { OverAll, RowOverAll } from '@/api/names'

/** The list: over all, or class by class with each class's own places. */
const props = defineProps<{ all: OverAll; byClass: boolean }>()
const groups = computed<{ name: string; rows: readonly RowOverAll[] }[]>(() =>
  props.byClass
    ? props.all.classes.map((c) => ({
        name: c.name,
        rows: props.all.rows.filter((r) => r.rally === c.id),
      }))
    : [{ name: '', rows: props.all.rows }],
)
const placeOf = (row: RowOverAll) => (props.byClass ? row.inClass : row.place)
</script>

<template>
  <div :class="{ beside: byClass }">
    <table v-for="g in groups" :key="g.name" class="rows">
      <caption :class="{ 'out-of-sight': !g.name }">
        {{
          g.name || 'All teams'
        }}
      </caption>
      <thead>
        <tr>
          <th v-if="all.ranking" scope="col">Place</th>
          <th scope="col">Team</th>
          <th v-if="!byClass" scope="col">Class</th>
          <th scope="col" class="number">{{ all.figures.find((f) => f.id === all.figure)?.name }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in g.rows" :key="`${r.rally} ${r.team}`">
          <td v-if="all.ranking" class="figures">{{ placeOf(r) ?? '–' }}</td>
          <th scope="row">{{ r.name }}</th>
          <td v-if="!byClass">{{ r.class }}</td>
          <td class="figures number">
            <b>{{ r.text }}</b> <span v-if="!r.text" class="small muted">{{ r.reason }}</span>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.beside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(17rem, 1fr));
  gap: var(--space-6) var(--space-7);
  align-items: start;
}
table {
  width: 100%;
}
caption {
  text-align: left;
  font: 700 var(--size-text) / 1.4 var(--title);
}
</style>
