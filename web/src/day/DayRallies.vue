<script setup lang="ts">
import type { RallyOfDay } from '@/api/names'
import { slotSays } from './useDay'

/** The rallies of a day as the teacher follows them: who is at which table, what is late, and the way to each. */
defineProps<{ rallies: readonly RallyOfDay[] }>()
</script>

<template>
  <p v-if="rallies.length === 0" class="muted">No rallies in this fair day yet. Add them to the plan below.</p>
  <ol class="rallies">
    <li v-for="r in rallies" :key="r.rally">
      <h2>{{ r.name }}</h2>
      <p>
        {{ [r.title, slotSays(r)].filter(Boolean).join('. ') }}.
        {{ r.left === 0 ? 'All teams have been tested.' : `${r.teams - r.left} of ${r.teams} teams have been tested.` }}
      </p>
      <p v-if="r.expected.says" class="heed small">{{ r.expected.says }}</p>
      <table v-if="r.left > 0" class="rows">
        <thead>
          <tr>
            <th scope="col">Table</th>
            <th scope="col">Now</th>
            <th scope="col">Next</th>
            <th scope="col">Left</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="t in r.tables" :key="t.table">
            <td>{{ [t.table, r.helpers[t.table - 1]].filter(Boolean).join(', ') }}</td>
            <td>
              <b>{{ t.line[0]?.name ?? 'done' }}</b>
            </td>
            <td>{{ t.line[1]?.name ?? '' }}</td>
            <td>{{ t.line.length }}</td>
          </tr>
        </tbody>
      </table>
      <p class="ways">
        <RouterLink :to="`/rallies/${r.rally}/score`" class="go">Judge {{ r.name }}</RouterLink>
        <RouterLink class="small" :to="`/rallies/${r.rally}/results`">Results</RouterLink>
        <RouterLink class="small" :to="`/rallies/${r.rally}/papers?print=judge`">Judges’ sheets</RouterLink>
        <RouterLink
          class="small"
          :to="`/rallies/${r.rally}/papers?print=certificates`"
          :aria-label="`Certificates of ${r.name}`"
          >Certificates</RouterLink
        >
      </p>
    </li>
  </ol>
</template>

<style scoped>
.rallies > li {
  border-bottom: var(--rule);
  padding-block: var(--space-4);
  display: grid;
  gap: var(--space-2);
  justify-items: start;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  align-items: center;
}
.go {
  display: inline-flex;
  align-items: center;
  min-height: var(--touch);
  font-weight: 700;
}
</style>
