<script setup lang="ts">
import Button from 'primevue/button'
import { computed, inject, provide, ref } from 'vue'
import type { Entry, JudgePart } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import RoundChoice from '@/shared/RoundChoice.vue'
import StationHead from '@/shared/StationHead.vue'
import { openRallyKey, useJudgeRally } from '@/shared/openRally'
import UnsentNote from '@/log/UnsentNote.vue'
import { recorded } from '@/shared/useDone'
import { recording, type Recording } from '@/pads/recording'
import type { Sent } from '@/shared/useOutbox'
import { announceRecorded } from '@/stations/score/announceRecorded'
import { useBeside } from '@/stations/score/useBeside'
import { useSheets } from '@/stations/score/useSheets'
import { together } from '@/parts/together'
import { anyOf } from '@/shared/shows'
import { tierName } from '@/shared/tierName'
import NoteGrid from './NoteGrid.vue'

/**
 * All teams on one page, for what happens to several at once: tasks ticked, lanes run, counters, notes in passing. The
 * teams of the lesson's other tiers are among them.
 */
const { rally, round, inRound } = useJudgeRally()
const id = rally.value?.id ?? ''
const own = useSheets(() => '')
const beside = useBeside()
const { queue, state, refusal, load } = own
const rallies = [{ id, rally, ...own }, ...beside]
/**
 * The lanes stand still from the beginning: none is shown before all teams are there, or as many as this device knows.
 */
const complete = computed(() => {
  const held = rallies.filter((r) => r.sheets.value)
  if (rallies.some((r) => (r.sheets.value?.length ?? 0) < r.order.value.length && r.state.value === 'ready')) return
  const all = held.flatMap((r) => r.sheets.value ?? [])
  const place = (team: string) => queue.value.findIndex((t) => t === team)
  return queue.value.length === 0 ? own.sheets.value : all.sort((a, b) => place(a.team) - place(b.team))
})
const rallyOf = (team: string) => rallies.find((r) => r.order.value.includes(team)) ?? rallies[0]!
/** To the parts of this page all teams are one rally's. */
const around = inject(openRallyKey)!
const walk = computed(() => rally.value && { ...rally.value, teams: allTeams.value })
provide(openRallyKey, { ...around, at: { ...around.at, walk } })
const allTeams = computed(() => rallies.flatMap((r) => r.rally.value?.teams ?? []))
const record: Recording['record'] = (entry, ...belonging) =>
  said(entry, rallyOf(entry.team).outbox.record(entry, ...belonging))
const recordTyped: Recording['recordTyped'] = (takesBack, entry, ...belonging) =>
  said(entry, rallyOf(entry.team).outbox.recordTyped(takesBack, entry, ...belonging))
async function said(entry: Entry, recording: Promise<Sent>) {
  const sent = await recorded(recording)
  announceRecorded(entry, sent)
  return sent
}
provide(recording, { rally: id, team: computed(() => ''), round, record, recordTyped, instruments: ref([]) })
/** A comparison runs a lane and is counted, but nothing is observed of it. */
const teams = computed(() => new Set(allTeams.value.map((t) => t.id)))
/** A part that several tiers have alike stands here once, with the teams of all of them. */
const parts = computed(() => {
  const found: { part: JudgePart; of: (typeof rallies)[number][] }[] = []
  for (const of of rallies)
    for (const part of of.rally.value?.brief.parts ?? []) {
      const same = found.find((f) => JSON.stringify(f.part) === JSON.stringify(part))
      if (same) same.of.push(of)
      else found.push({ part, of: [of] })
    }
  return found.flatMap(({ part, of }, i) => {
    const grid = together[part.kind]
    const tier = of.length < rallies.length ? tierName(of[0]?.rally.value?.tier) : ''
    const sheets = (complete.value ?? []).filter((s) => of.includes(rallyOf(s.team)))
    return grid ? [{ key: `${part.id}-${i}`, part, grid: anyOf(grid), title: tier && `, ${tier}`, sheets }] : []
  })
})
</script>

<template>
  <main v-if="rally" id="main" class="desk">
    <StationHead title="All teams together" next="For what happens to several teams at once.">
      <RoundChoice :rounds="rally.progress.rounds" :round="round" />
      <Button as="router-link" :to="inRound(`/rallies/${id}/score`)" label="One team at a time" variant="outlined" />
    </StationHead>
    <UnsentNote
      v-for="r in rallies.filter((r) => r.rally.value)"
      :key="r.id"
      :outbox="r.outbox"
      :rally="r.rally.value!"
    />
    <LoadNote v-if="!complete" :state="state" :refusal="refusal" what="the teams" @again="load" />
    <template v-else>
      <section v-for="p in parts" :key="p.key" :aria-labelledby="`together-${p.key}`">
        <h2 :id="`together-${p.key}`">{{ p.part.name }}{{ p.title }}</h2>
        <component :is="p.grid" :part="p.part" :sheets="p.sheets" />
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
