<script setup lang="ts">
import { computed } from 'vue'
import type { PaperSum, Team } from '@/api/names'

/**
 * What a class adds up by hand, at the foot of a judge's sheet: a line for each thing that gives points, or, where
 * several teams are on one sheet, a line a team.
 */
const props = defineProps<{ sums: readonly PaperSum[]; teams?: readonly Team[] }>()
/** The total stands last. */
const parts = computed(() => props.sums.slice(0, -1))
const total = computed(() => props.sums.at(-1))
</script>

<template>
  <section v-if="total" class="sums">
    <h3>Points, by hand</h3>
    <template v-if="teams">
      <ol class="parts">
        <li v-for="s in parts" :key="s.name">
          <b>{{ s.name }}.</b> {{ s.how }}
        </li>
      </ol>
      <p v-if="total.how">{{ total.how }}</p>
      <table class="ruled">
        <thead>
          <tr>
            <th scope="col">Team</th>
            <th v-for="(s, i) in parts" :key="s.name" scope="col">({{ i + 1 }})</th>
            <th scope="col">{{ total.name }}</th>
            <th scope="col">Stamp</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="t in teams" :key="t.id">
            <th scope="row">{{ t.name }}</th>
            <td v-for="s in parts" :key="s.name"></td>
            <td class="total"></td>
            <td></td>
          </tr>
        </tbody>
      </table>
    </template>
    <table v-else class="ruled own">
      <tbody>
        <tr v-for="s in sums" :key="s.name" :class="{ total: s === total }">
          <th scope="row">{{ s.name }}</th>
          <td>{{ s.how }}</td>
          <td class="points"></td>
        </tr>
      </tbody>
    </table>
  </section>
</template>

<style scoped>
.sums {
  break-inside: avoid;
}
.parts {
  list-style: decimal inside;
}
table {
  line-height: 1.2;
}
.own {
  table-layout: fixed;
}
.own th {
  width: 28%;
}
/* A team's own line is written in by hand. */
.ruled thead + tbody td {
  height: 9mm;
}
.points {
  width: 20mm;
}
.total {
  border-top: 2px solid var(--ink);
}
.total th {
  font-weight: 700;
}
</style>
