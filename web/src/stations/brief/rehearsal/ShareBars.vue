<script setup lang="ts">
import type { RehearsalBar } from '@/api/names'

/** Percentages as bars; what the sentence is about is bold and filled. */
defineProps<{ caption: string; bars: readonly RehearsalBar[] }>()
const shown = (share: number) => (share > 0 && share < 1 ? '< 1' : String(Math.round(share)))
</script>

<template>
  <table>
    <caption class="small muted">
      {{
        caption
      }}
    </caption>
    <tbody>
      <tr v-for="b in bars" :key="b.name" :class="{ marked: b.marked }">
        <th scope="row">{{ b.name }}</th>
        <td class="bar" aria-hidden="true"><i v-if="b.inAHundred > 0" :style="{ width: `${b.inAHundred}%` }"></i></td>
        <td class="figures">{{ shown(b.inAHundred) }}</td>
      </tr>
    </tbody>
  </table>
</template>

<style scoped>
table {
  width: 100%;
  font-size: var(--size-small);
  border-collapse: collapse;
}
caption {
  text-align: left;
}
th {
  width: 45%;
  text-align: left;
  font-weight: 400;
  padding: var(--space-1) var(--space-3) var(--space-1) 0;
  overflow-wrap: anywhere;
}
.marked th {
  font-weight: 700;
}
.bar {
  background: var(--paper-deep);
  padding: 0;
}
.bar i {
  display: block;
  height: 0.75rem;
  min-width: 1px;
  border: 1.5px solid var(--lagoon);
  background: var(--lagoon-wash);
}
.marked .bar i {
  background: var(--lagoon);
}
.figures {
  width: 2.6rem;
  text-align: right;
}
</style>
