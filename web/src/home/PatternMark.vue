<script setup lang="ts">
import type { Pattern } from '@/api/names'

/** A small line drawing for each pattern. */
defineProps<{ pattern: Pattern }>()
const marks: Record<Pattern, string> = {
  blank: 'M6 4h20v24H6z',
  tallest: 'M10 29V19h12v10M12 19v-8h8v8M14 11V3h4v8',
  strongest: 'M3 24h7M22 24h7M6 20q10-10 20 0M11 8h10v6H11z',
  lightestThatProtects: 'M5 12l11-6 11 6v12l-11 5-11-5zM5 12l11 5 11-5M16 17v12',
  farthestAndTruest: 'M3 26Q14 4 26 20M21 20h6v-6M3 29h26',
  longestOrSlowest: 'M4 6h20l-16 7h20l-16 7h20M26 26a3 3 0 1 1-6 0a3 3 0 1 1 6 0',
  carryAcross: 'M3 20h26l-4 7H7zM10 20v-6h5v6M17 20v-9h6v9M3 30h26',
  leastEffort: 'M16 4v4M11 11a5 5 0 1 0 10 0a5 5 0 1 0-10 0M21 11v14M11 11v9h-4v6h8v-6h-4',
  sortIt: 'M3 18v10h7V18M12.5 18v10h7V18M22 18v10h7V18M6 14V6M4 12l2 2 2-2M25 14V6M23 12l2 2 2-2',
  relay: 'M4 16h6M13 16h6M22 16h6M7 12l4 4-4 4M16 12l4 4-4 4M25 12l4 4-4 4',
  fillTheOutline: 'M5 8l10-4 12 6-2 16-14 3-7-9zM5 8l11 8 9-6M16 16l-5 13',
  drawABag: 'M9 10q-6 18 7 18t7-18zM9 10h14M12 10q0-6 4-6t4 6M16 15v8M12 19h8',
}
</script>

<template>
  <svg viewBox="0 0 32 32" width="34" height="34" aria-hidden="true">
    <path :d="marks[pattern]" :stroke-dasharray="pattern === 'blank' ? '3 2.5' : undefined" />
  </svg>
</template>

<style scoped>
path {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.7;
  stroke-linejoin: round;
  stroke-linecap: round;
}
</style>
