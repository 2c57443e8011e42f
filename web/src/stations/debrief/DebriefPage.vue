<script setup lang="ts">
import ToggleSwitch from 'primevue/toggleswitch'
import { ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Entry, PlotShown } from '@/api/names'
import UnsentNote from '@/log/UnsentNote.vue'
import LoadNote from '@/shared/LoadNote.vue'
import RoundChoice from '@/shared/RoundChoice.vue'
import StationHead from '@/shared/StationHead.vue'
import { struckOut, written } from '@/shared/entries'
import { nextAt } from '@/shared/nextAt'
import { useRally } from '@/shared/openRally'
import { recorded } from '@/shared/useDone'
import { useLoad } from '@/shared/useLoad'
import { useOutbox } from '@/shared/useOutbox'
import { useClock } from '@/shared/useClock'
import BesideQuestion from './BesideQuestion.vue'
import ExpectedAndCame from './ExpectedAndCame.vue'
import ForNextTime from './ForNextTime.vue'
import QuestionTalk from './QuestionTalk.vue'
import TeamLooksBack from './TeamLooksBack.vue'

/** The talk after a round: the brief's questions, and what each team learned into the next one. */
const { rally, round, tick, news, inRound } = useRally()
const id = rally.value?.id ?? ''
const outbox = useOutbox(id, news)
const live = useClock(id, round, tick)
const debrief = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/debrief', { params: { path: { id }, query: { round: round.value } } })),
)
watch([round, tick], () => void debrief.load(), { immediate: true })
const beside = ref<PlotShown>()
const record = (entry: Entry) => outbox.record(entry)
const touch = (entry: Entry) => recorded(record(entry))
const hold = (held: boolean) => touch(written('', round.value, { kind: 'answersHeld', held }))
const strike = (team: string, entry: string) => touch(struckOut(team, round.value, entry, 'undone'))
</script>

<template>
  <main v-if="rally" id="main" class="desk">
    <StationHead title="Debrief" word="debrief" :next="nextAt(rally.progress.route, 'debrief')">
      <RoundChoice :rounds="rally.progress.rounds" :round="round" />
      <RouterLink :to="{ ...inRound(`/rallies/${id}/papers`), query: { ...inRound('').query, print: 'notebook' } }"
        >Notebook</RouterLink
      >
      <RouterLink :to="inRound(`/rallies/${id}/marks`)">Levels</RouterLink>
      <RouterLink :to="inRound(`/rallies/${id}/results`)">Results</RouterLink>
    </StationHead>
    <UnsentNote :outbox="outbox" :rally="rally" />
    <LoadNote
      v-if="!debrief.data.value"
      :state="debrief.state.value"
      :refusal="debrief.refusal.value"
      what="the talk"
      @again="debrief.load"
    />
    <div v-else class="two">
      <section aria-labelledby="talk">
        <h2 id="talk">The talk</h2>
        <p v-if="debrief.data.value.questions.length === 0" class="muted">
          The brief has no questions. They are written in the brief, for the teacher.
        </p>
        <template v-else>
          <label class="held">
            <ToggleSwitch :model-value="debrief.data.value.answersWait" @update:model-value="hold" />
            Look at what teams answer on their own devices before the wall shows it
          </label>
          <BesideQuestion v-model="beside" />
        </template>
        <QuestionTalk
          v-for="q in debrief.data.value.questions"
          :key="`${q.number} ${round}`"
          :question="q"
          :teams="debrief.data.value.teams"
          :round="round"
          :live="live"
          :beside="beside"
          :record="touch"
          @strike="strike"
        />
        <ForNextTime :record="touch" @strike="strike('', $event)" />
      </section>
      <section aria-labelledby="along">
        <h2 id="along">What each team learned</h2>
        <TeamLooksBack
          v-for="t in debrief.data.value.teams"
          :key="`${t.team} ${round}`"
          :rally="id"
          :team="t"
          :round="round"
          :record="record"
        />
        <p class="next">
          <RouterLink :to="{ path: `/rallies/${id}/next-round`, query: { round: round + 1 } }"
            >Change the brief for round {{ round + 1 }}</RouterLink
          >
          <RouterLink :to="{ path: `/rallies/${id}/score`, query: { round: round + 1 } }"
            >Begin round {{ round + 1 }} at the pad</RouterLink
          >
        </p>
      </section>
    </div>
    <ExpectedAndCame v-if="debrief.data.value" :rally="id" :round="round" :tick="tick" />
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 4fr) minmax(0, 5fr);
  gap: var(--space-7);
  padding-top: var(--space-5);
  align-items: start;
}
.held {
  display: flex;
  align-items: center;
  gap: var(--space-4);
  padding-block: var(--space-3);
}
.next {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3) var(--space-7);
  padding-top: var(--space-5);
}
@media (max-width: 900px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
