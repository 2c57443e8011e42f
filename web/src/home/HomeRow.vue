<script setup lang="ts">
import DayLeaf from '@/shared/DayLeaf.vue'
import RowMenu, { type RowAction } from '@/shared/RowMenu.vue'

/** A rally or a plan as a row: its day, the brief, whose it is, the one way on, and a menu with the rest. */
defineProps<{
  /** The id that a link of the year line leads to. */
  anchor?: string
  day?: string | null
  dayInWords: string
  title: string
  detail: string
  to: string
  /** The main action, and what it is called for those who hear it. */
  action: { label: string; to: string; of: string }
  menu: readonly RowAction[]
  menuOf: string
}>()
</script>

<template>
  <li :id="anchor" class="row">
    <DayLeaf :day="day" :label="dayInWords" />
    <div class="what">
      <RouterLink class="title" :to="to" :aria-label="`${title}, ${menuOf}`">{{ title }}</RouterLink>
      <p class="small muted figures">{{ detail }}</p>
    </div>
    <RouterLink class="action" :to="action.to" :aria-label="`${action.label}: ${action.of}`">{{
      action.label
    }}</RouterLink>
    <RowMenu :of="menuOf" :actions="menu" />
  </li>
</template>

<style scoped>
.row {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto auto;
  align-items: center;
  gap: var(--space-2) var(--space-5);
  padding: var(--space-3) 0;
  border-bottom: var(--rule);
}
.what {
  overflow-wrap: anywhere;
}
.title {
  font-weight: 700;
  color: var(--ink);
  text-decoration: none;
}
.title:hover {
  text-decoration: underline;
}
.action {
  display: inline-grid;
  align-items: center;
  min-height: 44px;
  font-weight: 650;
  text-decoration: none;
}
.action:hover {
  text-decoration: underline;
}
@media (max-width: 600px) {
  .row {
    grid-template-columns: auto minmax(0, 1fr) auto;
  }
  .action {
    grid-area: 2 / 2;
    justify-self: start;
  }
}
</style>
