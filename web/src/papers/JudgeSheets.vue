<script setup lang="ts">
import { computed, watch } from 'vue'
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import { useLoad } from '@/shared/useLoad'
import DrawnByTeam from './DrawnByTeam.vue'
import JudgeBlock from './JudgeBlock.vue'
import PaperSheet from './PaperSheet.vue'
import SumsByHand from './SumsByHand.vue'
import { usePrinting } from './paper'

/**
 * What judges write on where there is no device: a sheet a team, or a sheet a table. It is typed in later in the same
 * order.
 */
const now = usePrinting()
const blocks = computed(() => now.on.papers?.judge.blocks ?? [])
const sums = computed(() => now.on.papers?.judge.sums ?? [])
/** Many columns are written on across the sheet. */
const landscape = computed(() => blocks.value.some((b) => b.columns.length > 5))
const byTable = computed(() => now.choices.judges === 'table' && now.teams.length > 0)
/** Which teams are judged at which table: the same as on a fair day. */
const split = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/papers/tables', {
      params: {
        path: { id: now.on.rally?.id ?? '' },
        query: { round: now.on.rally?.round, tables: now.choices.tables },
      },
    }),
  ),
)
/** With several tables each team's sheet says its table, and which one it is there. */
const bySheet = computed(() => byTable.value || (now.teams.length > 0 && now.choices.tables > 1))
watch([bySheet, () => now.choices.tables], ([by]) => by && void split.load(), { immediate: true })
const tables = computed(() =>
  (split.data.value ?? [])
    .map((ids) => ids.flatMap((id) => now.teams.find((t) => t.id === id) ?? []))
    .filter((at) => at.length > 0),
)
const one = 'Judge’s sheet'
const sheets = computed(() => {
  if (now.teams.length === 0) return [{ team: undefined, title: one }]
  if (!bySheet.value) return now.teams.map((team) => ({ team, title: one }))
  return (split.data.value ?? []).flatMap((ids, table) =>
    ids.flatMap((id, i) => {
      const team = now.teams.find((t) => t.id === id)
      return team ? [{ team, title: `${one}, table ${table + 1}, sheet ${i + 1} of ${ids.length}` }] : []
    }),
  )
})
</script>

<template>
  <LoadNote
    v-if="bySheet && !split.data.value"
    :state="split.state.value"
    :refusal="split.refusal.value"
    what="the tables"
    @again="split.load"
  />
  <template v-else-if="byTable">
    <PaperSheet
      v-for="(at, i) in tables"
      :key="i"
      :landscape="landscape"
      :title="tables.length > 1 ? `${one}, table ${i + 1} of ${tables.length}` : one"
    >
      <p class="who"><span>Judge</span><span>Date</span></p>
      <JudgeBlock v-for="b in blocks" :key="b.title" :block="b" :teams="at" />
      <SumsByHand v-if="now.choices.byHand" :sums="sums" :teams="at" />
    </PaperSheet>
  </template>
  <template v-else>
    <PaperSheet
      v-for="{ team, title } in sheets"
      :key="team?.id"
      :title="title"
      :team="team"
      blank-team
      :landscape="landscape"
    >
      <p class="who"><span>Judge</span><span>Date</span><span>Stamp or initials</span></p>
      <DrawnByTeam :team="team" />
      <JudgeBlock v-for="b in blocks" :key="b.title" :block="b" />
      <SumsByHand v-if="now.choices.byHand" :sums="sums" />
    </PaperSheet>
  </template>
</template>

<style scoped>
.who {
  display: grid;
  grid-template-columns: 2fr 1fr;
  grid-auto-columns: 1fr;
  grid-auto-flow: column;
  gap: 1em;
}
.who span {
  border-bottom: 1px solid var(--ink);
  padding-top: 0.5em;
}
</style>
