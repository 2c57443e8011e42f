<script setup lang="ts">
import Button from 'primevue/button'
import { computed, provide, ref } from 'vue'
import type { Entry } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import RoundChoice from '@/shared/RoundChoice.vue'
import StationHead from '@/shared/StationHead.vue'
import { useJudgeRally } from '@/shared/openRally'
import UnsentNote from '@/log/UnsentNote.vue'
import { recording } from '@/pads/recording'
import { announceRecorded } from '@/stations/score/announceRecorded'
import { useSheets } from '@/stations/score/useSheets'
import { together } from '@/parts/together'
import { anyOf } from '@/shared/shows'
import NoteGrid from './NoteGrid.vue'

/** All teams on one page, for what happens to several at once: tasks ticked, lanes run, counters, notes in passing. */
const { rally, round, inRound } = useJudgeRally()
const id = rally.value?.id ?? ''
const { sheets, order, outbox, ...loading } = useSheets(() => '')
/**
 * The lanes stand still from the beginning: none is shown before all teams are there, or as many as this device knows.
 */
const complete = computed(() =>
  (sheets.value?.length ?? 0) < order.value.length && loading.state.value === 'ready' ? undefined : sheets.value,
)
async function record(entry: Entry, ...belonging: Entry[]) {
  const sent = await outbox.record(entry, ...belonging)
  announceRecorded(entry, sent)
  return sent
}
provide(recording, { rally: id, team: computed(() => ''), round, record, instruments: ref([]) })
/** What teams are held against runs a lane and is counted, but nothing is seen of it in passing. */
const teams = computed(() => new Set(rally.value?.teams.map((t) => t.id)))
const parts = computed(() =>
  (rally.value?.brief.parts ?? []).flatMap((part) => {
    const grid = together[part.kind]
    return grid ? [{ part, grid: anyOf(grid) }] : []
  }),
)
</script>

<template>
  <main v-if="rally" id="main" class="desk">
    <StationHead title="All teams together" next="For what happens to several teams at once.">
      <RoundChoice :rounds="rally.progress.rounds" :round="round" />
      <Button as="router-link" :to="inRound(`/rallies/${id}/score`)" label="One team at a time" variant="outlined" />
    </StationHead>
    <UnsentNote :outbox="outbox" :rally="rally" />
    <LoadNote
      v-if="!complete"
      :state="loading.state.value"
      :refusal="loading.refusal.value"
      what="the teams"
      @again="loading.load"
    />
    <template v-else>
      <section v-for="{ part, grid } in parts" :key="part.id" :aria-labelledby="`together-${part.id}`">
        <h2 :id="`together-${part.id}`">{{ part.name }}</h2>
        <component :is="grid" :part="part" :sheets="complete" />
      </section>
      <section aria-labelledby="together-notes">
        <h2 id="together-notes">Observations</h2>
        <NoteGrid :sheets="complete.filter((s) => teams.has(s.team))" />
      </section>
    </template>
  </main>
</template>

<style scoped>
section {
  padding-top: var(--space-5);
}
@media (max-width: 700px) {
  .desk {
    padding: var(--space-3) var(--margin) var(--space-8);
  }
}
</style>
