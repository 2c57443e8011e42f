<script setup lang="ts">
import type { TeamSheet } from '@/api/names'

/** A row for every team, a column for everything that can be touched. */
defineProps<{ sheets: readonly TeamSheet[]; columns: readonly { id: string; name: string; detail?: string }[] }>()
</script>

<template>
  <div class="scroll">
    <table class="rows">
      <thead>
        <tr>
          <th scope="col">Team</th>
          <th v-for="c in columns" :key="c.id" scope="col">
            {{ c.name }}<span v-if="c.detail" class="small muted says">{{ c.detail }}</span>
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="s in sheets" :key="s.team">
          <th scope="row">{{ s.name }}</th>
          <td v-for="c in columns" :key="c.id"><slot :sheet="s" :column="c.id" :called="c.name" /></td>
        </tr>
      </tbody>
    </table>
  </div>
</template>

<style scoped>
.rows :is(th, td) {
  vertical-align: middle;
}
.rows tbody th {
  position: sticky;
  left: 0;
  background: var(--paper);
  max-width: 12rem;
}
td :deep(button) {
  min-height: var(--touch);
  min-width: var(--touch);
}
.detail {
  display: block;
  font-weight: 400;
}
</style>
