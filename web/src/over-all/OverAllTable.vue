<script setup lang="ts">
import { computed } from 'vue'
import type { OverAll, RowOverAll } from '@/api/names'

/** The lists; where rallies of one list do not compare, its classes stand beside each other with their own places. */
const props = defineProps<{ all: OverAll }>()
interface Shown {
  key: string
  name: string
  own: boolean
  ofClass: boolean
  rows: readonly RowOverAll[]
}
const groups = computed<Shown[]>(() =>
  props.all.lists.flatMap((list): Shown[] => {
    if (list.rows.some((r) => typeof r.place === 'number') || list.differs.length === 0)
      return [
        {
          key: list.name,
          name: list.name,
          own: false,
          ofClass: list.rows.every((r) => r.class === list.name),
          rows: list.rows,
        },
      ]
    const classes = props.all.classes.filter((c) => list.rows.some((r) => r.rally === c.id))
    return classes.map((c) => ({
      key: c.id,
      name: list.name ? `${list.name}: ${c.name}` : c.name,
      own: true,
      ofClass: true,
      rows: list.rows.filter((r) => r.rally === c.id),
    }))
  }),
)
</script>

<template>
  <div :class="{ beside: groups.length > 1 }">
    <table v-for="g in groups" :key="g.key" class="rows">
      <caption :class="{ 'out-of-sight': !g.name }">
        {{
          g.name || 'All teams'
        }}
      </caption>
      <thead>
        <tr>
          <th v-if="all.ranking" scope="col">Place</th>
          <th scope="col">Team</th>
          <th v-if="!g.ofClass" scope="col">Class</th>
          <th scope="col" class="number">{{ all.shown }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="r in g.rows" :key="`${r.rally} ${r.team}`">
          <td v-if="all.ranking" class="figures">{{ (g.own ? r.inClass : r.place) ?? '–' }}</td>
          <th scope="row">{{ r.name }}</th>
          <td v-if="!g.ofClass">{{ r.class }}</td>
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
