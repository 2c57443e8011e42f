<script setup lang="ts">
import type { Difference } from '@/api/names'

/** Where two states of the same thing differ, both sides beside each other. */
const { none = 'No differences.' } = defineProps<{
  differences: readonly Difference[]
  before: string
  after: string
  none?: string
}>()
</script>

<template>
  <p v-if="differences.length === 0" class="muted">{{ none }}</p>
  <div v-else class="scroll">
    <table class="rows">
      <thead>
        <tr>
          <th scope="col">Where</th>
          <th scope="col">{{ before }}</th>
          <th scope="col">{{ after }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="d in differences" :key="d.at">
          <th scope="row">{{ d.where }}</th>
          <td>{{ d.before || '–' }}</td>
          <td>{{ d.after || '–' }}</td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.scroll {
  max-height: 22rem;
  overflow: auto;
}
tbody th {
  font-weight: 400;
  color: var(--muted);
  min-width: 7rem;
}
</style>
