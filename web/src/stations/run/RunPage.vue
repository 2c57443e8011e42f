<script setup lang="ts">
import Button from 'primevue/button'
import { computed, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import { timeOfDay } from '@/shared/days'
import { struckOut } from '@/shared/entries'
import EntryLog from '@/log/EntryLog.vue'
import { nextAt } from '@/shared/nextAt'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import UnsentNote from '@/log/UnsentNote.vue'
import { useRally } from '@/shared/openRally'
import { tierName } from '@/shared/tierName'
import { useOutbox } from '@/shared/useOutbox'
import { asClock, useClock } from '@/shared/useClock'
import ClassInLesson from './ClassInLesson.vue'
import { useSignal } from './useSignal'
import DrawCard from './DrawCard.vue'
import TalkQuestions from './TalkQuestions.vue'
import TurnRemote from './TurnRemote.vue'
import WallRemote from './WallRemote.vue'
import type { Entry, LessonCut } from '@/api/names'

/** The remote: the clock, the phases, and what a teacher does to them while standing up. */
const { rally, round, tick, news, inRound } = useRally()
const id = String(useRoute().params.rally)
const live = useClock(id, round, tick)
const { clock, left, behind, end, send, refusal, cuts, held, log } = live
const outbox = useOutbox(id, news)
const { sound, silent, ring, shown, minutesLeft } = useSignal(clock, live.works)
const at = computed(() => clock.value?.phases.findIndex((p) => p.id === clock.value?.phase?.id) ?? -1)
const next = computed(() => clock.value?.phases[at.value + 1])
const minutes = (n: number) => (Math.abs(n) === 1 ? '1 minute' : `${Math.round(Math.abs(n) * 10) / 10} minutes`)
const pace = computed(() => {
  if (behind.value === undefined) return ''
  const n = Math.round(behind.value)
  return n === 0 ? 'on time' : `${minutes(Math.abs(n))} ${n > 0 ? 'late' : 'early'}`
})
/** Time is saved only where it is short. */
const late = computed(() => Math.round(behind.value ?? 0) > 0)
/** A cut is an entry like any other: it can be crossed out, and its record stays. */
const make = (cut: LessonCut) =>
  cut.attempts
    ? send({ does: 'cutAttempts', number: cut.attempts })
    : send({ does: 'openPlaces', phase: cut.phase, number: cut.places ?? 1 })
/** What is said of a team stands in its own rally's log. */
const besides = (rally.value?.beside ?? []).map((b) => ({ ...b, outbox: useOutbox(b.id, news) }))
const tiers = computed(() => (rally.value ? [rally.value, ...rally.value.beside] : []))
const teams = computed(() =>
  tiers.value.flatMap((r) =>
    r.teams.map(({ id, name, away }) => ({ id, name, away, tier: besides.length > 0 ? tierName(r.tier) : '' })),
  ),
)
async function record(entry: Entry) {
  const of = besides.find((b) => b.teams.some((t) => t.id === entry.team))?.outbox ?? outbox
  const sent = await of.record(entry)
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
  return sent
}
const strike = (entry: string, why: string) => record(struckOut('', round.value, entry, why))
/** A button far down the page can be refused: what was wrong is brought into sight. */
const refused = useTemplateRef('refused')
watch(refused, (note) => note?.scrollIntoView({ block: 'center' }))
const inLesson = computed(() => rally.value?.brief.deals.filter((d) => !d.off && d.drawn === 'inLesson') ?? [])
const ends = computed(() => end.value && timeOfDay(end.value))
</script>

<template>
  <main v-if="rally" id="main" class="walk wide stack">
    <StationHead title="Run" :next="nextAt(rally.progress.route, 'run')">
      <RouterLink class="small" :to="`/rallies/${id}/judges`">Judges, teams and walls</RouterLink>
      <RouterLink class="small" :to="inRound(`/rallies/${id}/wall`)" target="_blank">Open the wall</RouterLink>
    </StationHead>
    <UnsentNote :outbox="outbox" :rally="rally" />
    <UnsentNote v-for="b in besides" :key="b.id" :outbox="b.outbox" :rally="b" />
    <p v-if="refusal" ref="refused" class="wrong" role="alert">{{ refusal.title }} {{ refusal.detail }}</p>
    <LoadNote
      v-if="!clock"
      :state="live.state.value"
      :refusal="live.notRead.value"
      what="the clock"
      @again="live.load"
    />
    <div v-else class="main-and-side">
      <div class="stack">
        <section class="now" aria-labelledby="now">
          <template v-if="clock.phase && left !== undefined">
            <h2 id="now">{{ clock.phase.name }}</h2>
            <p class="clock figures" :class="{ over: left < 0 }" role="timer" aria-live="off">{{ asClock(left) }}</p>
            <p>{{ clock.phase.now }}</p>
            <p class="small muted">
              <template v-if="clock.ends">The lesson is running {{ pace }} and will end at {{ ends }}.</template>
              <template v-else>The clock is stopped.</template>
            </p>
            <p v-if="held !== undefined && clock.hold" class="figures" role="status">
              {{
                held < clock.hold.seconds
                  ? `Hold: ${Math.ceil(clock.hold.seconds - held)} s to go`
                  : 'Whatever stands now has held.'
              }}
            </p>
            <p v-if="shown" class="signal" role="alert">
              {{ shown === 'over' ? `${clock.phase.name}: time is up.` : `${minutes(minutesLeft)} left.` }}
            </p>
          </template>
          <template v-else>
            <h2 id="now">{{ clock.over ? 'The lesson is over' : 'Not started yet' }}</h2>
            <p v-if="clock.phases.length > 0" class="muted">Start a phase below. Every screen of this rally follows.</p>
            <p v-else>
              The brief has no phases, so there is no clock.
              <RouterLink :to="inRound(`/rallies/${id}/change`)">Edit this rally’s brief</RouterLink>: under Time on the
              sheet, add what the class does and for how long.
            </p>
          </template>
          <div class="touch-row">
            <Button
              v-if="next"
              :label="clock.phase ? `Next phase: ${next.name}` : `Start: ${next.name}`"
              @click="send({ does: 'begin', phase: next.id })"
            />
            <Button v-else-if="clock.phase" label="End the lesson" @click="send({ does: 'begin', phase: '' })" />
            <template v-if="clock.phase">
              <Button v-if="clock.ends" label="Pause" variant="outlined" @click="send({ does: 'pause' })" />
              <Button v-else label="Resume" variant="outlined" @click="send({ does: 'resume' })" />
              <Button label="+1 minute" variant="outlined" @click="send({ does: 'add', minutes: 1 })" />
              <Button label="+5 minutes" variant="outlined" @click="send({ does: 'add', minutes: 5 })" />
              <Button label="−1 minute" variant="outlined" @click="send({ does: 'add', minutes: -1 })" />
              <Button
                v-if="rally.brief.trials.holdSeconds > 0"
                :label="`Let go: count ${rally.brief.trials.holdSeconds} s`"
                variant="outlined"
                @click="send({ does: 'letGo' })"
              />
            </template>
          </div>
        </section>
        <ul v-if="clock.phase && late && cuts.length > 0" class="cuts" aria-label="To save time">
          <li v-for="cut in cuts" :key="cut.label">
            <Button :label="cut.label" variant="outlined" severity="secondary" @click="make(cut)" />
            <span class="small">{{ cut.costs }}</span>
          </li>
        </ul>
        <TurnRemote
          v-if="clock.turn && clock.phase"
          :turn="clock.turn"
          :phase="clock.phase"
          :left="live.turnLeft.value ?? 0"
          :teams="teams"
          :send="send"
        />
        <DrawCard v-for="d in inLesson" :key="d.id" :deal="d" :rally="rally" />
        <TalkQuestions v-if="clock.phase?.kind === 'talk'" :live="live" :questions="rally.brief.teacher.questions" />
        <ClassInLesson :live="live" :teams="teams" :if-late="rally.brief.timing.ifLate" :record="record" />
      </div>
      <div class="stack">
        <WallRemote :live="live" :rally="rally" />
        <section v-if="clock.phases.length > 0" aria-labelledby="phases">
          <h2 id="phases">Phases</h2>
          <ol>
            <li v-for="(p, i) in clock.phases" :key="p.id" :class="{ here: i === at, done: i < at }">
              <span class="figures length">{{ Math.round(p.minutes * 10) / 10 }} min</span>
              <span>
                {{ p.name }}
                <span v-if="p.warnings.length > 0" class="small muted"
                  >warning {{ p.warnings.map(minutes).join(', ') }} before
                  {{ p.teamByTeam ? 'the end of each turn' : 'its end' }}</span
                >
              </span>
              <span v-if="i === at" class="small">now</span>
              <button
                v-else
                type="button"
                class="act"
                :aria-label="`Jump here: ${p.name}`"
                @click="send({ does: 'begin', phase: p.id })"
              >
                Jump here
              </button>
            </li>
          </ol>
        </section>
        <EntryLog v-if="log.length > 0" heading="h2" :log="log" :strike="strike" />
        <section aria-labelledby="sound">
          <h2 id="sound">Sound</h2>
          <p class="line">
            <label><input v-model="sound" type="checkbox" /> ring at warnings and at the end of a phase</label>
            &nbsp;<button type="button" class="act" @click="ring">Try it</button>
          </p>
          <p v-if="sound && silent" class="small muted">
            Touch this page once; until then the browser keeps it silent.
          </p>
        </section>
      </div>
    </div>
  </main>
</template>

<style scoped>
.now {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: var(--space-5) var(--space-5) var(--space-5);
  display: grid;
  gap: var(--space-2);
}
.clock {
  font: 750 var(--size-clock) / 1 var(--title);
}
.over,
.signal {
  background: var(--marigold-wash);
  border: 2px dashed var(--marigold);
  padding: var(--space-3) var(--space-4);
  font-weight: 700;
}
.cuts li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3) var(--space-5);
  padding: var(--space-3) 0;
}
.cuts :deep(button) {
  min-height: var(--touch);
}
ol li {
  display: grid;
  grid-template-columns: 4.5rem minmax(0, 1fr) auto;
  gap: var(--space-4);
  align-items: baseline;
  padding: var(--space-2) var(--space-3);
  border-bottom: var(--rule);
}
.length {
  text-align: right;
}
.here {
  background: var(--lagoon-wash);
  font-weight: 700;
}
.done {
  color: var(--muted);
}
label {
  display: inline-flex;
  gap: var(--space-3);
  align-items: center;
}
</style>
