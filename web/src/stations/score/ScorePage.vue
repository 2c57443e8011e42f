<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, onBeforeUnmount, provide, ref, useTemplateRef, watch } from 'vue'
import { onBeforeRouteLeave, useRouter } from 'vue-router'
import type { Entry, Refusal, SheetTrial } from '../../api/names'
import EntryLog from '../../shared/EntryLog.vue'
import LoadNote from '../../shared/LoadNote.vue'
import RoundChoice from '../../shared/RoundChoice.vue'
import { timeOfDay } from '../../shared/days'
import { nextAt } from '../../shared/nextAt'
import StationHead from '../../shared/StationHead.vue'
import { useRallyOnWalk } from '../../shared/openRally'
import AttemptMusts from './AttemptMusts.vue'
import AttemptPad from './AttemptPad.vue'
import DesignBar from './DesignBar.vue'
import InLesson from './InLesson.vue'
import MustHaves from './MustHaves.vue'
import OnceReadings from './OnceReadings.vue'
import NotePad from './pads/NotePad.vue'
import PartPads from './pads/PartPads.vue'
import ReferenceList from './ReferenceList.vue'
import RoundDoor from './RoundDoor.vue'
import TeamPhotos from './TeamPhotos.vue'
import TeamStrip from './TeamStrip.vue'
import TrialList from './TrialList.vue'
import UnsentNote from '../../shared/UnsentNote.vue'
import { struckOut } from '../../shared/entries'
import { recording } from './recording'
import { useInstruments } from './useInstruments'
import { useSheets } from './useSheets'
import { useWho } from '../../access/useWho'
import WhoLine from '../../access/WhoLine.vue'

/** One team at a time: what it must have, its attempts, what was recorded. Made for one hand and for the keyboard. */
const props = defineProps<{ team?: string }>()
const { rally, round } = useRallyOnWalk()
const { isTeacher } = useWho()
const router = useRouter()
const id = rally.value?.id ?? ''

const { sheets, outbox, ...loading } = useSheets(() => props.team ?? '')
/** A judge's other page is fetched beforehand: it is wanted most when there is no connection. What fails now is asked for again then. */
import('./together/TogetherPage.vue').catch(() => undefined)
/** The teams in the order in which they are tested. */
const teams = computed(() => {
  const known = rally.value?.teams ?? []
  return sheets.value?.map((s) => known.find((t) => t.id === s.team)!).filter(Boolean) ?? known
})
/** Without a team in the address: whoever is first in the test order and not finished. */
const due = computed(() => sheets.value?.find((s) => s.status === 'unfinished')?.team ?? teams.value[0]?.id ?? '')
const current = computed(() => teams.value.find((t) => t.id === props.team)?.id ?? due.value)
const at = computed(() => teams.value.findIndex((t) => t.id === current.value))
const sheet = computed(() => sheets.value?.find((s) => s.team === current.value))
let leaving = false
onBeforeRouteLeave(() => void (leaving = true))
onBeforeUnmount(router.onError(() => (leaving = false)))
/** The address names the team, but whoever is on the way to another page is not held back. */
watch(sheet, (now) => now && !leaving && props.team !== now.team && void router.replace(to(now.team)), {
  immediate: true,
})

function to(team: string) {
  return { path: `/rallies/${id}/score/${team}`, query: round.value > 1 ? { round: round.value } : {} }
}

const refusal = ref<Refusal>()
async function record(entry: Entry) {
  refusal.value = undefined
  const sent = await outbox.record(entry)
  if (sent.kind === 'refused') refusal.value = sent.refusal
  return sent
}
provide(recording, { team: current, round, record, instruments: useInstruments(id) })
watch(current, () => (refusal.value = undefined))

/** A refusal that one of the fields below shows by itself. */
const shownAtField = computed(
  () => refusal.value?.problems.some((p) => p.at.startsWith('/reading') || p.at === '/reason') ?? false,
)

/** Whether anything is tried attempt by attempt; a brief that only sorts or ticks off has no attempts. */
const tried = computed(
  () =>
    (rally.value?.brief.parts.some((p) => p.kind === 'measured') ?? false) ||
    (rally.value?.brief.measures.some((m) => m.taken === 'eachAttempt') ?? false) ||
    (sheet.value?.rules.some((r) => r.when === 'everyAttempt') ?? false),
)

/** The design that is being tried: the one that was chosen, or else the one that counts. */
const chosen = ref<string>()
const design = computed(() => {
  const designs = sheet.value?.designs ?? []
  return designs.find((d) => d.name === chosen.value) ?? designs.find((d) => d.counts) ?? designs[0]
})
const redo = ref<{ trial: SheetTrial; as: 'look' | 'again' }>()
watch([current, round], () => {
  chosen.value = undefined
  redo.value = undefined
})

function goTo(team: string | undefined) {
  if (team) void router.push(to(team))
}
const go = (by: number) => goTo(teams.value[(at.value + by + teams.value.length) % teams.value.length]?.id)
const strike = (entry: string, why: string) => record(struckOut(current.value, round.value, entry, why))
const entryLog = useTemplateRef('log')

useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey) return
  const plain: Record<string, () => void> = { PageDown: () => go(1), PageUp: () => go(-1) }
  const withAlt: Record<string, () => void> = {
    ArrowRight: () => go(1),
    ArrowLeft: () => go(-1),
    KeyU: () => entryLog.value?.undo(),
  }
  const digit = /^Digit([1-9])$/.exec(event.code)?.[1]
  const action = event.altKey
    ? digit
      ? () => goTo(teams.value[Number(digit) - 1]?.id)
      : withAlt[event.code]
    : plain[event.code]
  if (!action) return
  event.preventDefault()
  action()
})
</script>

<template>
  <main v-if="rally" id="main" class="score">
    <StationHead :title="rally.name" :next="nextAt(rally.route, 'score')">
      <RouterLink :to="{ path: `/rallies/${id}/together`, query: round > 1 ? { round } : {} }" class="small"
        >All teams together</RouterLink
      >
      <RoundChoice :rounds="rally.rounds" :round="round" may-begin />
    </StationHead>
    <TeamStrip :teams="teams" :current="current" :rally="rally.id" :round="round" :sheets="sheets ?? []" />
    <UnsentNote :outbox="outbox" :rally="rally" />
    <p v-if="loading.asOf.value" class="small muted" role="status">
      This is what was known at {{ timeOfDay(loading.asOf.value.toISOString()) }}. Go on recording; it is sent later.
    </p>
    <LoadNote
      v-if="!sheet || !design"
      :state="loading.state.value"
      :refusal="loading.refusal.value"
      what="the team"
      @again="loading.load"
    />
    <div v-else class="sheet">
      <div class="name">
        <Button label="‹" aria-label="Previous team" variant="outlined" class="step" @click="go(-1)" />
        <div>
          <h2>{{ sheet.name }}</h2>
          <p class="muted">{{ sheet.reason || 'Complete' }}</p>
        </div>
        <Button label="›" aria-label="Next team" variant="outlined" class="step" @click="go(1)" />
      </div>
      <p v-if="sheet.closed" class="heed" role="status">
        Round {{ round }} is closed. Nothing more is recorded in it until the teacher opens it again.
      </p>
      <p v-if="refusal && !shownAtField" role="alert" class="wrong">{{ refusal.title }} {{ refusal.detail }}</p>
      <InLesson :sheet="sheet" :if-late="rally.brief.ifLate" />
      <MustHaves :key="`musts ${current} ${round}`" :rules="sheet.rules" :settled="sheet.settled" />
      <OnceReadings v-if="sheet.once.length" :once="sheet.once" :rally="rally" :refusal="refusal" />
      <PartPads :key="`parts ${current} ${round}`" :parts="sheet.parts" :rally="rally" />
      <section v-if="tried" aria-labelledby="attempts">
        <h3 id="attempts">Attempts</h3>
        <p v-if="rally.brief.trials.overWhen" class="muted">{{ rally.brief.trials.overWhen }}</p>
        <DesignBar
          :model-value="design.name"
          :designs="sheet.designs"
          :named="rally.brief.trials.designs === 'named'"
          @update:model-value="chosen = $event"
        />
        <TrialList :sheet="sheet" :design="design.name" @redo="(trial, as) => (redo = { trial, as })" />
        <AttemptMusts :design="design" :rules="sheet.rules" />
        <AttemptPad
          v-if="design.open.length > 0 || redo"
          :key="`${current} ${round} ${design.name} ${redo?.trial.entry} ${redo?.as}`"
          :rally="rally"
          :design="design"
          :redo="redo"
          :ready="sheet.ready"
          :refusal="refusal"
          @done="redo = undefined"
        />
        <p v-else class="done">All attempts have been made. Strike one out if it was recorded by mistake.</p>
        <ReferenceList :references="sheet.references" />
      </section>
      <NotePad />
      <TeamPhotos :rally="rally" :team="current" :round="round" />
      <EntryLog ref="log" :log="sheet.log" :strike="strike" />
      <RoundDoor v-if="isTeacher" :closed="sheet.closed" />
    </div>
    <WhoLine />
  </main>
</template>

<style scoped>
.score {
  max-width: 52rem;
  margin: 0 auto;
  padding: 1rem 1.5rem 4rem;
}
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 1.25rem;
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: 1rem 1.25rem 1.5rem;
}
.name {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto;
  align-items: center;
  gap: 1rem;
  text-align: center;
  border-bottom: var(--stitch);
  padding-bottom: 0.75rem;
}
.name h2 {
  font-size: 1.75rem;
  overflow-wrap: anywhere;
}
.step {
  min-width: var(--touch);
  min-height: var(--touch);
  font-size: 1.5rem;
}
.done {
  padding-top: 0.5rem;
}
h3 {
  color: var(--lagoon-deep);
}
@media (max-width: 700px) {
  .score {
    padding: 0.75rem 0.75rem 3rem;
  }
  .name {
    gap: 0.5rem;
  }
  .name h2 {
    font-size: 1.4rem;
  }
}
</style>
