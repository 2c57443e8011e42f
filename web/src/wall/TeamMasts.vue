<script setup lang="ts">
import { computed } from 'vue'
import type { ReferenceOnWall, RowOnWall, TeamNamed, WinningDirection } from '@/api/names'
import TeamPennant from '@/shared/TeamPennant.vue'
import type { TeamMark } from '@/shared/teamMarks'

/**
 * A mast for every team, in the teams' own order so that nothing is given away; a pennant climbs as high as its points
 * once its place is revealed. Where the lowest total wins, points pull it down from the top. What the class is held
 * against is a line across all masts.
 */
const props = defineProps<{
  teams: readonly TeamNamed[]
  marks: ReadonlyMap<string, TeamMark>
  rows: readonly RowOnWall[]
  references: readonly ReferenceOnWall[]
  wins: WinningDirection
}>()
/** Drawn to the largest total that is revealed: a scale that made room for hidden ones would give them away. */
const largest = computed(() => Math.max(0, ...[...props.rows, ...props.references].map((r) => r.total ?? 0)))
/** How far up the mast, from 0 to 1. */
const heightOf = (total: number) => {
  const share = Math.max(0, total) / (largest.value || 1)
  return 0.12 + 0.88 * (props.wins === 'lowest' ? 1 - share : share)
}
const height = (team: string) => {
  const row = props.rows.find((r) => r.team === team)
  // What people gave has no number: whoever has it stands at the top.
  return row?.status === 'placed' ? (row.total == null ? 1 : heightOf(row.total)) : 0
}
const lines = computed(() => props.references.flatMap((r) => (r.total == null ? [] : [{ ...r, total: r.total }])))
const label = computed(() =>
  props.rows.length === 0
    ? 'Pennants at the foot of their masts'
    : [
        ...props.rows.map((r) => `${r.name} ${r.totalText || 'without points'}`),
        ...props.references.map((r) => `${r.name} ${r.says}`),
      ].join(', '),
)
</script>

<template>
  <div class="masts" role="img" :aria-label="label">
    <div v-for="r in lines" :key="r.name" class="line" :style="{ bottom: `${heightOf(r.total) * 88}%` }">
      <span>{{ r.name }}</span>
    </div>
    <div v-for="t in teams" :key="t.id" class="mast">
      <div class="flag" :style="{ bottom: `${height(t.id) * 88}%` }">
        <TeamPennant :mark="marks.get(t.id)!" :width="70" />
      </div>
    </div>
  </div>
</template>

<style scoped>
.masts {
  position: relative;
  display: flex;
  border-bottom: 6px solid var(--ink);
  padding: 0 var(--space-3);
}
.mast {
  position: relative;
  flex: 1 1 0;
  min-width: 0;
}
.mast::before {
  content: '';
  position: absolute;
  left: 2px;
  top: 0;
  bottom: 0;
  width: 4px;
  background: var(--muted);
}
.line {
  z-index: 1;
  position: absolute;
  inset-inline: 0;
  border-bottom: 3px dashed var(--ink);
  text-align: right;
  line-height: 1.2;
}
.line span {
  background: var(--paper);
  padding-inline: var(--space-3);
}
.flag {
  position: absolute;
  left: 0;
  width: calc(100% - 6px);
  max-width: 70px;
  transition: bottom 1.2s ease-out;
}
.flag :deep(svg) {
  display: block;
  width: 100%;
  height: auto;
}
@media (prefers-reduced-motion: reduce) {
  .flag {
    transition: none;
  }
}
</style>
