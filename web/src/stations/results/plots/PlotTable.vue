<script setup lang="ts">
import type { PlotTable } from '@/api/names'

/** The same in numbers. */
defineProps<{ table: PlotTable; title: string }>()
</script>

<template>
  <details>
    <summary>The same in numbers</summary>
    <div class="wide">
      <table class="rows">
        <caption class="out-of-sight">
          {{
            title
          }}
        </caption>
        <thead>
          <tr>
            <th v-for="c in table.columns" :key="c" scope="col">{{ c }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="(row, i) in table.rows" :key="i">
            <template v-for="(cell, at) in row" :key="at">
              <th v-if="at === 0" scope="row">{{ cell }}</th>
              <td v-else class="figures">{{ cell }}</td>
            </template>
          </tr>
        </tbody>
      </table>
    </div>
  </details>
</template>

<style scoped>
.wide {
  overflow-x: auto;
}
summary {
  padding-block: var(--space-2);
}
</style>
