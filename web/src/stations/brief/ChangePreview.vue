<script setup lang="ts">
import type { ChangePreview } from '@/api/names'
import DifferenceTable from '@/shared/DifferenceTable.vue'

/** What a change to the brief would do: the sheet, places and points, and what would be kept aside. */
defineProps<{ seen: ChangePreview }>()
</script>

<template>
  <div class="preview">
    <h3>What would change</h3>
    <DifferenceTable :differences="seen.differs" before="Now" after="Changed" />
    <template v-for="r in seen.rounds" :key="r.round">
      <h3>Round {{ r.round }}: places and points</h3>
      <table class="rows">
        <thead>
          <tr>
            <th scope="col">Team</th>
            <th scope="col">Now</th>
            <th scope="col">Changed</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="t in r.rows" :key="t.team">
            <th scope="row">{{ t.name }}</th>
            <td>{{ t.before || '–' }}</td>
            <td>{{ t.after || '–' }}</td>
          </tr>
        </tbody>
      </table>
    </template>
    <p v-if="seen.rounds.length === 0">No place and no total changes.</p>
    <template v-if="seen.aside.length > 0">
      <h3>
        {{ seen.aside.length === 1 ? 'One entry' : `${seen.aside.length} entries` }} would no longer fit: kept aside,
        not scored
      </h3>
      <ul>
        <li v-for="l in seen.aside" :key="l.entry">
          {{ l.says }}<span v-if="l.by" class="muted">, {{ l.by }}</span>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.preview {
  width: 100%;
}
h3 {
  margin: var(--space-3) 0 var(--space-2);
}
</style>
