<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, provide, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '../../api/client'
import type { Entry, Refusal } from '../../api/names'
import LoadNote from '../../shared/LoadNote.vue'
import RoundChoice from '../../shared/RoundChoice.vue'
import { nextAt } from '../../shared/nextAt'
import StationHead from '../../shared/StationHead.vue'
import { useRally } from '../../shared/openRally'
import { useLoad } from '../../shared/useLoad'
import AttemptPad from './AttemptPad.vue'
import EntryLog from './EntryLog.vue'
import MustHaves from './MustHaves.vue'
import OnceReadings from './OnceReadings.vue'
import NotePad from './pads/NotePad.vue'
import PartPads from './pads/PartPads.vue'
import TeamStrip from './TeamStrip.vue'
import TrialList from './TrialList.vue'
import UnsentNote from './UnsentNote.vue'
import { struckOut } from '../../shared/entries'
import { recording } from './recording'
import { useOutbox } from '../../shared/useOutbox'

/** One team at a time: what it must have, its attempts, what was recorded. Made for one hand and for the keyboard. */
const props = defineProps<{ team?: string }>()
const { rally, round, tick, news } = useRally()
const router = useRouter()
const teams = computed(() => rally.value?.teams ?? [])
const at = computed(() =>
  Math.max(
    0,
    teams.value.findIndex((t) => t.id === props.team),
  ),
)
const current = computed(() => teams.value[at.value]?.id ?? '')

const sheet = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/score/{team}', {
      params: { path: { id: rally.value?.id ?? '', team: current.value }, query: { round: round.value } },
    }),
  ),
)
const standings = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/results', {
      params: { path: { id: rally.value?.id ?? '' }, query: { round: round.value } },
    }),
  ),
)
watch([current, round, tick], () => void Promise.all([sheet.load(), standings.load()]), { immediate: true })

const outbox = useOutbox(rally.value?.id ?? '', news)
const refusal = ref<Refusal>()
async function record(entry: Entry) {
  refusal.value = undefined
  const sent = await outbox.record(entry)
  if (sent.kind === 'refused') refusal.value = sent.refusal
  return sent
}
provide(recording, { team: current, round, record })

/** A refusal that one of the fields below shows by itself. */
const shownAtField = computed(
  () => refusal.value?.problems.some((p) => p.at.startsWith('/reading') || p.at === '/reason') ?? false,
)

/** Whether anything is tried attempt by attempt; a brief that only sorts or ticks off has no attempts. */
const tried = computed(
  () =>
    (rally.value?.brief.method.parts.some((p) => p.kind === 'measured' && !p.off) ?? false) ||
    (rally.value?.brief.measures.some((m) => m.taken === 'eachAttempt') ?? false),
)

function go(by: number) {
  const next = teams.value[(at.value + by + teams.value.length) % teams.value.length]
  if (next)
    void router.push({
      path: `/rallies/${rally.value?.id}/score/${next.id}`,
      query: round.value > 1 ? { round: round.value } : {},
    })
}
const last = computed(() => sheet.data.value?.log.find((line) => !line.struck))
const undo = () => last.value && record(struckOut(current.value, round.value, last.value.entry, 'undone'))

useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (!event.altKey || event.ctrlKey || event.metaKey) return
  const action = { ArrowRight: () => go(1), ArrowLeft: () => go(-1), KeyU: () => void undo() }[event.code]
  if (!action) return
  event.preventDefault()
  action()
})
</script>

<template>
  <main v-if="rally" id="main" class="score">
    <StationHead :title="rally.name" :next="nextAt(rally.route, 'score')">
      <RoundChoice :rounds="rally.rounds" :round="round" may-begin />
    </StationHead>
    <TeamStrip :teams="teams" :current="current" :rally="rally.id" :round="round" :standings="standings.data.value" />
    <UnsentNote :unsent="outbox.unsent.value" :rally="rally" @drop="outbox.drop" />
    <LoadNote
      v-if="!sheet.data.value"
      :state="sheet.state.value"
      :refusal="sheet.refusal.value"
      what="the team"
      @again="sheet.load"
    />
    <div v-else class="sheet">
      <div class="name">
        <Button label="‹" aria-label="Previous team" variant="outlined" class="step" @click="go(-1)" />
        <div>
          <h2>{{ sheet.data.value.name }}</h2>
          <p class="muted">{{ sheet.data.value.reason || 'Complete' }}</p>
        </div>
        <Button label="›" aria-label="Next team" variant="outlined" class="step" @click="go(1)" />
      </div>
      <p v-if="refusal && !shownAtField" role="alert" class="wrong">{{ refusal.title }} {{ refusal.detail }}</p>
      <MustHaves :rules="sheet.data.value.rules" />
      <OnceReadings
        v-if="sheet.data.value.once.length"
        :once="sheet.data.value.once"
        :rally="rally"
        :refusal="refusal"
      />
      <PartPads :key="`parts ${current} ${round}`" :parts="sheet.data.value.parts" :rally="rally" />
      <section v-if="tried" aria-labelledby="attempts">
        <h3 id="attempts">Attempts</h3>
        <p v-if="rally.brief.trials.overWhen" class="muted">{{ rally.brief.trials.overWhen }}</p>
        <TrialList :trials="sheet.data.value.trials" />
        <AttemptPad
          v-if="sheet.data.value.next"
          :key="current + round"
          :rally="rally"
          :next="sheet.data.value.next"
          :refusal="refusal"
        />
        <p v-else class="done">All attempts have been made. Strike one out if it was recorded by mistake.</p>
      </section>
      <NotePad />
      <EntryLog :log="sheet.data.value.log" @undo="undo" />
    </div>
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
}
</style>
