<script setup lang="ts">
import { computed } from 'vue'
import type { RallyOfDay } from '@/api/names'
import DaySheet from './DaySheet.vue'
import { timesSay } from './useDay'

/** A sheet for each helper: when, where and at which table, and what to do there. */
const props = defineProps<{ about: string; rallies: readonly RallyOfDay[] }>()
const helpers = computed(() => {
  const found = new Map<string, { name: string; turns: { rally: RallyOfDay; table: number }[] }>()
  for (const rally of props.rallies)
    for (const t of rally.tables) {
      const name = (rally.helpers[t.table - 1] ?? '').trim()
      const key = name.toLowerCase()
      if (!name) continue
      const known = found.get(key) ?? { name, turns: [] }
      known.turns.push({ rally, table: t.table })
      found.set(key, known)
    }
  return [...found.values()]
})
</script>

<template>
  <p v-if="helpers.length === 0" class="muted">No helper is in the plan yet. Enter who helps at each table there.</p>
  <DaySheet v-for="h in helpers" :key="h.name" :title="h.name" :about="about">
    <table class="ruled">
      <thead>
        <tr>
          <th scope="col">When</th>
          <th scope="col">Where</th>
          <th scope="col">Table</th>
          <th scope="col">Class</th>
          <th scope="col">What</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="t in h.turns" :key="`${t.rally.rally} ${t.table}`">
          <td>{{ timesSay(t.rally) }}</td>
          <td>{{ t.rally.where }}</td>
          <td>{{ t.table }}</td>
          <th scope="row">{{ t.rally.name }}</th>
          <td>{{ t.rally.title }}</td>
        </tr>
      </tbody>
    </table>
    <h3>At the table</h3>
    <ol class="steps">
      <li>Join with the code of the day, and give your name as it is printed here.</li>
      <li>Choose your table. It says which team is tested now and which comes next.</li>
      <li>If a team is not here, press “Not here”. It comes again at the end of the line.</li>
      <li>Press “Score” and record what you see. If you made a mistake, press “Undo”.</li>
      <li>Without a connection, go on: it is sent later.</li>
      <li>Without a device, write on the judge’s sheet of the table.</li>
    </ol>
  </DaySheet>
</template>

<style scoped>
.steps {
  list-style: decimal;
  padding-left: 1.5em;
  display: grid;
  gap: 0.5em;
}
</style>
