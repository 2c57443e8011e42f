<script setup lang="ts">
import { computed } from 'vue'
import JudgeBlock from './JudgeBlock.vue'
import PaperSheet from './PaperSheet.vue'
import { usePrinting } from './paper'

/** What judges write on where there is no device: a sheet a team, or a sheet a table. It is typed in later in the same order. */
const now = usePrinting()
const blocks = computed(() => now.on.papers?.judge.blocks ?? [])
const teams = computed(() => (now.teams.length > 0 ? now.teams : [undefined]))
/** The teams of each table, as even as they go. */
const tables = computed(() => {
  const count = Math.min(now.choices.tables, now.teams.length)
  return Array.from({ length: count }, (_, t) =>
    now.teams.slice(Math.round((t * now.teams.length) / count), Math.round(((t + 1) * now.teams.length) / count)),
  )
})
/** Many columns are written on across the sheet. */
const landscape = computed(() => blocks.value.some((b) => b.columns.length > 5))
const byTable = computed(() => now.choices.judges === 'table' && now.teams.length > 0)
</script>

<template>
  <template v-if="byTable">
    <PaperSheet
      v-for="(at, i) in tables"
      :key="i"
      :landscape="landscape"
      :title="tables.length > 1 ? `Judge’s sheet, table ${i + 1}` : 'Judge’s sheet'"
    >
      <p class="who"><span>Judge</span><span>Date</span></p>
      <JudgeBlock v-for="b in blocks" :key="b.title" :block="b" :teams="at" />
    </PaperSheet>
  </template>
  <template v-else>
    <PaperSheet v-for="t in teams" :key="t?.id ?? ''" title="Judge’s sheet" :team="t" blank-team :landscape="landscape">
      <p class="who"><span>Judge</span><span>Date</span></p>
      <JudgeBlock v-for="b in blocks" :key="b.title" :block="b" />
    </PaperSheet>
  </template>
</template>

<style scoped>
.who {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 1em;
}
.who span {
  border-bottom: 1px solid var(--ink);
  padding-top: 0.5em;
}
</style>
