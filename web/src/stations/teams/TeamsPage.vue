<script setup lang="ts">
import { computed, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Entry } from '@/api/names'
import EntryLog from '@/log/EntryLog.vue'
import UnsentNote from '@/log/UnsentNote.vue'
import { struckOut } from '@/shared/entries'
import { nextAt } from '@/shared/nextAt'
import { recorded } from '@/shared/useDone'
import RoundChoice from '@/shared/RoundChoice.vue'
import StationHead from '@/shared/StationHead.vue'
import { useRally } from '@/shared/openRally'
import { teamMarks } from '@/shared/teamMarks'
import { useLoad } from '@/shared/useLoad'
import { useOutbox } from '@/shared/useOutbox'
import DealBoard from './DealBoard.vue'
import HeatBoard from './HeatBoard.vue'
import LateComers from './LateComers.vue'
import TeamRoster from './TeamRoster.vue'

/** The teams of a rally: latecomers, who is absent, who moves. Each of these is an entry and can be undone. */
const { rally, round, tick, news, inRound } = useRally()
const id = rally.value?.id ?? ''
const outbox = useOutbox(id, news)
const marks = computed(() => teamMarks(rally.value?.teams ?? []))
const params = () => ({ path: { id }, query: { round: round.value } })
const choices = useLoad(() => ask(api.GET('/api/rallies/{id}/placing', { params: params() })))
const log = useLoad(() => ask(api.GET('/api/rallies/{id}/placing/log', { params: params() })))
watch(
  [tick, round],
  () => {
    void choices.load()
    void log.load()
  },
  { immediate: true },
)
const record = (entry: Entry) => recorded(outbox.record(entry))
const strike = (entry: string, why: string) => record(struckOut('', round.value, entry, why))
</script>

<template>
  <main v-if="rally" id="main" class="desk stack">
    <StationHead title="Teams" :next="nextAt(rally.progress.route, 'teams')">
      <RoundChoice :rounds="rally.progress.rounds" :round="round" />
      <RouterLink class="small" :to="inRound(`/rallies/${rally.id}/attendance`)">Take attendance</RouterLink>
      <RouterLink class="small" :to="`/rallies/${rally.id}/papers`">Print job cards and the team list</RouterLink>
    </StationHead>
    <UnsentNote :outbox="outbox" :rally="rally" />
    <p v-if="round > 1" class="small muted">What is changed here holds from round {{ round }} on.</p>
    <TeamRoster :rally="rally" :marks="marks" :record="record" />
    <DealBoard
      v-for="d in rally.brief.deals.filter((d) => !d.off && d.drawn === 'beforeLesson')"
      :key="d.id"
      :deal="d"
      :rally="rally"
      :record="record"
    />
    <HeatBoard v-if="rally.brief.method.parts.some((p) => p.kind === 'relay' && !p.off)" :rally="rally" />
    <LateComers :rally="rally" :classes="choices.data.value ?? []" :record="record" @added="choices.load" />
    <EntryLog v-if="(log.data.value?.length ?? 0) > 0" heading="h2" :log="log.data.value!" :strike="strike" />
  </main>
</template>

<style scoped></style>
