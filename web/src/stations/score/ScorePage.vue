<script setup lang="ts">
import { useEventListener, whenever } from '@vueuse/core'
import PadButton from '@/pads/PadButton.vue'
import { computed, nextTick, provide, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import type { Entry, EntryOf, Refusal } from '@/api/names'
import AnsweredTwice from './AnsweredTwice.vue'
import EntryLog from '@/log/EntryLog.vue'
import LoadNote from '@/shared/LoadNote.vue'
import RoundChoice from '@/shared/RoundChoice.vue'
import { timeOfDay } from '@/shared/days'
import { nextAt } from '@/shared/nextAt'
import StationHead from '@/shared/StationHead.vue'
import CardLines from '@/shared/CardLines.vue'
import ChangeLines from '@/shared/ChangeLines.vue'
import { useJudgeRally } from '@/shared/openRally'
import AddReference from './AddReference.vue'
import AttemptMusts from './AttemptMusts.vue'
import AttemptPad from './AttemptPad.vue'
import DesignBar from './DesignBar.vue'
import DesignChanges from './DesignChanges.vue'
import InLesson from './InLesson.vue'
import MustHaves from './MustHaves.vue'
import OnceReadings from './OnceReadings.vue'
import NotePad from './NotePad.vue'
import PartPads from './PartPads.vue'
import ReferenceList from './ReferenceList.vue'
import RoundDoor from './RoundDoor.vue'
import TargetList from './TargetList.vue'
import TeamPhotos from './TeamPhotos.vue'
import TeamStrip from './TeamStrip.vue'
import TrialList from './TrialList.vue'
import RefusedLines from '@/log/RefusedLines.vue'
import UnsentNote from '@/log/UnsentNote.vue'
import type { Unsent } from '@/shared/deviceStore'
import { struckOut } from '@/shared/entries'
import { useLater } from '@/shared/useLater'
import { tierName } from '@/shared/tierName'
import { purposeNames } from '@/shared/purposes'
import { recording, type Recording } from '@/pads/recording'
import type { Sent } from '@/shared/useOutbox'
import { useSteady } from '@/pads/useSteady'
import { useTeamInAddress } from './useTeamInAddress'
import type { Redo } from './redo'
import { announceRecorded } from './announceRecorded'
import { useBeside } from './useBeside'
import { useSheets } from './useSheets'
import { useWho } from '@/access/useWho'
import { tablePath, useMyTable } from '@/day/myTable'
import WhoLine from '@/access/WhoLine.vue'

/** One team at a time: what it must have, its attempts, what was recorded. Made for one hand and for the keyboard. */
const props = defineProps<{ team?: string }>()
const { rally, round, inRound, instruments } = useJudgeRally()
const { isTeacher, roleIn } = useWho()
const router = useRouter()
const id = rally.value?.id ?? ''
/** Rounds are begun by the teacher and by judges; a helper goes back to its table. */
const isHelper = computed(() => roleIn(id) === 'helper')
const { table: mine } = useMyTable()
const table = computed(() => (mine.value?.rally === id ? mine.value : undefined))

const open = ref(props.team ?? '')
const { sheets, order, queue, due, strip: ownStrip, outbox, ...loading } = useSheets(() => open.value)
const beside = useBeside()
/**
 * A judge's other page is fetched beforehand, after what is open: it is wanted most when there is no connection. What
 * fails now is asked for again then.
 */
whenever(sheets, () => void import('./together/TogetherPage.vue').catch(() => undefined), { once: true })
/** The teams in the order in which they are tested, those of the lesson's other tiers among them. */
const teams = computed(() => {
  const known = [rally.value, ...(rally.value?.beside ?? [])].flatMap((r) => r?.teams ?? [])
  const inOrder = queue.value.length > 0 ? queue.value : order.value
  return inOrder.length > 0 ? inOrder.flatMap((id) => known.find((t) => t.id === id) ?? []) : known
})
const strip = computed(() => new Map([ownStrip.value, ...beside.map((b) => b.strip.value)].flatMap((s) => [...s])))
const rallyOf = (team: string) => rally.value?.beside.find((b) => b.teams.some((t) => t.id === team))?.id ?? id
/** The comparisons, each with a sheet of its own after the teams’. */
const references = computed(() => rally.value?.references ?? [])
const reference = computed(() => references.value.find((r) => r.id === current.value))
const everySheet = computed(() => [...teams.value.map((t) => t.id), ...references.value.map((r) => r.id)])
const current = computed(() => everySheet.value.find((t) => t === props.team && rallyOf(t) === id) ?? due.value)
watch(current, (team) => (open.value = team), { immediate: true })
/** A sheet that was just made is opened as soon as this device has heard of it. */
const opening = ref('')
watch([opening, everySheet], () => {
  if (!opening.value || !everySheet.value.includes(opening.value)) return
  goTo(opening.value)
  opening.value = ''
})
const named = computed(() => rally.value?.teams.find((t) => t.id === current.value))
const at = computed(() => everySheet.value.indexOf(current.value))
const sheet = computed(() => sheets.value?.find((s) => s.team === current.value))
/** The sheet for what stands below the pad. */
const below = useLater(() => sheet.value)
const became = computed(() => Object.fromEntries((below.value?.trials ?? []).map((t) => [t.entry, t.became])))
useTeamInAddress(current, () => props.team, to)

function to(team: string) {
  return inRound(`/rallies/${rallyOf(team)}/score/${team}`)
}

const refusal = ref<Refusal>()
let refusedKind: Entry['kind'] | undefined
const recordTyped: Recording['recordTyped'] = (takesBack, entry, ...belonging) =>
  said(entry, outbox.recordTyped(takesBack, entry, ...belonging))
const record: Recording['record'] = (entry, ...belonging) => said(entry, outbox.record(entry, ...belonging))
async function said(entry: Entry, recording: Promise<Sent>) {
  const of = current.value
  const sent = await recording
  if (of === current.value) {
    // The next success of another kind says nothing of what was refused.
    if (sent.kind === 'refused') [refusal.value, refusedKind] = [sent.refusal, entry.kind]
    else if (entry.kind === refusedKind) refusal.value = undefined
  }
  announceRecorded(entry, sent)
  return sent
}
provide(recording, { rally: id, team: current, round, record, recordTyped, instruments })
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
const heldBack = useSteady(useTemplateRef<HTMLElement>('page'))
const sending = ref(0)
const holding = ref(false)
/** The team whose changes are being noted. */
const changesOf = ref('')
const mayTry = computed(() => (design.value?.open.length ?? 0) > 0 || redo.value !== undefined || holding.value)
const redo = ref<Redo>()
/** Said when a sheet is opened, and not anew while it is filled in: what lies beneath would move under the finger. */
const next = ref<string>()
watch(
  [current, round],
  () => {
    chosen.value = undefined
    redo.value = undefined
    next.value = nextAt(rally.value?.progress.route, 'score')
  },
  { immediate: true },
)

/**
 * What this device has recorded of a team in this round and the server does not have yet, where it is not just on its
 * way: what comes and goes with every press would move what lies under the finger.
 */
const waiting = (team: string) =>
  (loading.asOf.value ? outbox.unsent.value : []).filter(
    (u) => !u.refusal && u.entry.team === team && u.entry.round === round.value,
  ).length
const waitsSays = computed(() => {
  const waits = waiting(current.value)
  return waits === 0 ? '' : `, and ${waits} ${waits === 1 ? 'waits' : 'wait'} on this device`
})
/** What was refused of this team is shown beside its fields. */
const isHere = (entry: Entry) => entry.team === current.value && entry.round === round.value && !!sheet.value
const refusedHere = computed(() => outbox.unsent.value.filter((u) => u.refusal && isHere(u.entry)))
const isAttempt = (u: Unsent) => u.entry.kind === 'trialRecorded'
/** The refused attempt that goes back into the pad, to be typed otherwise. */
const back = ref<EntryOf<'trialRecorded'>>()
const mayRetype = ({ entry }: Unsent) =>
  entry.kind === 'trialRecorded' &&
  !holding.value &&
  (sheet.value?.designs.find((d) => d.name === entry.design)?.open.length ?? 0) > 0
async function retype({ entry }: Unsent) {
  if (entry.kind !== 'trialRecorded') return
  chosen.value = entry.design
  redo.value = undefined
  await nextTick()
  back.value = entry
  await nextTick()
  // It stays on this device until the pad has it, whatever has happened to the pad meanwhile.
  if (holding.value) await outbox.drop(entry.id)
}

function goTo(team: string | undefined) {
  if (team) void router.push(to(team))
}
const go = (by: number) => goTo(everySheet.value[(at.value + by + everySheet.value.length) % everySheet.value.length])
const strike = (entry: string, why: string) => record(struckOut(current.value, round.value, entry, why))
const entryLog = useTemplateRef('log')
/** The keyboard goes on to the next team where there is no pad any more. */
async function afterRecording() {
  redo.value = undefined
  await nextTick()
  if (design.value?.open.length === 0)
    document.querySelector<HTMLElement>('.name .next')?.focus({ preventScroll: true })
}

useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (event.ctrlKey || event.metaKey) return
  const plain: Record<string, () => void> = { PageDown: () => go(1), PageUp: () => go(-1) }
  const withAlt: Record<string, () => void> = { KeyU: () => entryLog.value?.undo() }
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
  <main v-if="rally" id="main" ref="page" class="walk wide">
    <StationHead title="Score" :next="next">
      <RouterLink :to="inRound(`/rallies/${id}/together`)" class="small">All teams together</RouterLink>
      <RouterLink :to="inRound(`/rallies/${id}/typing/${current}`)" class="small" :class="{ 'only-wide': isTeacher }"
        >Type in a paper sheet</RouterLink
      >
      <RoundChoice :rounds="rally.progress.rounds" :round="round" :may-begin="!isHelper" />
    </StationHead>
    <TeamStrip
      :teams="teams"
      :references="references"
      :current="current"
      :rally-of="rallyOf"
      :strip="strip"
      :waiting="waiting"
    />
    <UnsentNote :outbox="outbox" :rally="rally" :here="isHere" />
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
        <PadButton aria-label="Previous team" variant="outlined" class="step" @click="go(-1)">
          ‹ <span class="named">Previous team</span>
        </PadButton>
        <div>
          <h2>{{ sheet.name }}</h2>
          <p v-if="beside.length > 0" class="small">{{ tierName(rally.tier) }}</p>
          <p v-if="reference" class="muted">
            {{ purposeNames[reference.purpose] }}, not ranked{{ sheet.reason ? `. ${sheet.reason}` : '' }}
          </p>
          <p v-else class="muted" :class="{ 'only-wide': isTeacher && sheet.status === 'unfinished' }">
            {{ sheet.status === 'away' ? `Not ranked: ${sheet.reason}` : sheet.reason || 'Complete' }}{{ waitsSays }}
          </p>
          <RouterLink v-if="table && !isTeacher" :to="tablePath(table)" class="table"
            >Back to table {{ table.table }}</RouterLink
          >
          <nav v-if="isTeacher" class="ways" aria-label="Other pages">
            <RouterLink to="/">Home</RouterLink>
            <RouterLink :to="inRound(`/rallies/${id}/run`)">Run</RouterLink>
          </nav>
        </div>
        <PadButton
          label="Undo"
          variant="outlined"
          severity="secondary"
          class="step undo"
          data-hint="Alt U"
          @click="entryLog?.undo()"
        />
        <PadButton aria-label="Next team" variant="outlined" class="step next" @click="go(1)">
          <span class="named">Next team</span> ›
        </PadButton>
      </div>
      <div class="main-and-side">
        <div class="stack">
          <p v-if="sheet.closed" class="heed" role="status">
            Round {{ round }} is closed. Nothing more is recorded in it until the teacher opens it again.
          </p>
          <p v-if="refusal && !shownAtField" role="alert" class="wrong">{{ refusal.title }} {{ refusal.detail }}</p>
          <RefusedLines :refused="refusedHere.filter((u) => !isAttempt(u))" :outbox="outbox" />
          <InLesson v-if="!reference" :key="`lesson ${current} ${round}`" :sheet="sheet" :brief="rally.brief" />
          <p v-if="sheet.wanted" class="heed">After round {{ round - 1 }} they wanted to change: {{ sheet.wanted }}</p>
          <CardLines :cards="named?.cards ?? []" :bag="named?.bag ?? []" />
          <details v-if="rally.briefChanges.length > 0" class="heed">
            <summary>The brief was changed: {{ rally.briefChanges.at(-1)?.reason }}</summary>
            <ChangeLines :changes="rally.briefChanges" />
          </details>
          <MustHaves :key="`musts ${current} ${round}`" :rules="sheet.rules" :settled="sheet.settled" />
          <OnceReadings
            v-if="sheet.once.length"
            :key="`once ${current} ${round}`"
            :once="sheet.once"
            :rally="rally"
            :refusal="refusal"
          />
          <TargetList
            v-if="sheet.targets.length > 0 && !reference"
            :key="`targets ${current} ${round}`"
            :targets="sheet.targets"
          />
          <AnsweredTwice :sheet="sheet" />
          <PartPads :key="`parts ${current} ${round}`" :parts="sheet.parts" :rally="rally" />
          <section v-if="tried" aria-labelledby="attempts">
            <h3 id="attempts">Attempts</h3>
            <DesignBar
              :model-value="design.name"
              :designs="sheet.designs"
              :named="rally.brief.trials.designs === 'named'"
              @update:model-value="chosen = $event"
            />
            <RefusedLines
              :refused="refusedHere.filter(isAttempt)"
              :outbox="outbox"
              :may-retype="mayRetype"
              @retype="retype"
            />
            <AttemptPad
              v-if="mayTry || sending > 0"
              v-show="mayTry"
              :key="`${current} ${round} ${design.name} ${redo?.trial.entry} ${redo?.as}`"
              v-model:sending="sending"
              v-model:holding="holding"
              :rally="rally"
              :design="design"
              :rules="sheet.rules"
              :trials="sheet.trials"
              :redo="redo"
              :ready="sheet.ready"
              :refusal="refusal"
              :back="back"
              :done="afterRecording"
            />
            <p v-if="!mayTry" class="done">All attempts have been made. Cross one out if it was recorded by mistake.</p>
            <TrialList
              :sheet="sheet"
              :design="design.name"
              :measures="rally.brief.measures"
              @redo="(trial, as) => (redo = { trial, as })"
            />
            <AttemptMusts :design="design" :rules="sheet.rules" />
            <p v-if="rally.brief.trials.overWhen" class="muted over">{{ rally.brief.trials.overWhen }}</p>
            <DesignChanges
              :key="`${current} ${round} ${design.name} changes`"
              :rally="rally.id"
              :design="design"
              :wanted="sheet.wanted"
              :open="changesOf === current"
              @update:open="changesOf = $event ? current : ''"
              @added="chosen = $event"
            />
            <ReferenceList :references="sheet.references" />
          </section>
        </div>
        <div class="stack">
          <template v-if="below">
            <NotePad :key="`note ${current} ${round}`" />
            <TeamPhotos :rally="rally" :team="current" :round="round" />
            <EntryLog ref="log" :log="below.log" :strike="strike" :became="became" />
            <RoundDoor v-if="isTeacher" :closed="below.closed" />
          </template>
        </div>
      </div>
    </div>
    <p v-if="heldBack" class="held-back" role="status">The page moved just as you pressed. Press again.</p>
    <template v-if="below">
      <AddReference :round="round" :teams="teams" :record="outbox.record" @added="opening = $event" />
      <WhoLine />
    </template>
  </main>
</template>

<style scoped>
.sheet {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-5);
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: var(--space-5) var(--space-5) var(--space-6);
}
.name {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr) auto auto;
  align-items: center;
  gap: var(--space-4);
  text-align: center;
  border-bottom: var(--rule);
  padding-block: var(--space-3);
  /* Whose sheet it is, what is next and the way back stay in reach. */
  position: sticky;
  top: 0;
  z-index: 2;
  background: var(--sheet);
}
.name h2 {
  font-size: var(--size-number);
  overflow-wrap: anywhere;
}
/* On a phone the bar and the bunting are a screenful away; how far the team is stands in the strip and at the pad. */
.ways {
  display: none;
  justify-content: center;
  gap: var(--space-6);
}
.ways a {
  display: grid;
  align-items: center;
  min-height: 36px;
}
.table {
  display: inline-grid;
  align-items: center;
  min-height: 36px;
}
.step {
  min-width: var(--touch);
  min-height: var(--touch);
  font-size: var(--size-number);
}
.undo,
.named {
  font-size: var(--size-text);
}
.over {
  padding-top: var(--space-3);
}
.done {
  padding-top: var(--space-3);
}
h3 {
  color: var(--lagoon-deep);
}
/* It lies over the page, so that it moves nothing, and lets every press through. */
.held-back {
  position: fixed;
  inset: auto 0 0;
  z-index: 3;
  padding: var(--space-4) var(--space-5);
  text-align: center;
  font-weight: 650;
  color: var(--sheet);
  background: var(--ink);
  pointer-events: none;
}
@media (max-width: 700px) {
  .ways {
    display: flex;
  }
  .only-wide {
    display: none;
  }
  .walk {
    padding: var(--space-3) var(--margin) var(--space-8);
  }
  .sheet,
  .main-and-side,
  .main-and-side > .stack {
    gap: var(--space-4);
  }
  .sheet {
    padding: 0 var(--space-4) var(--space-5);
  }
  .name {
    gap: var(--space-3);
  }
  .name h2 {
    font-size: var(--size-section);
  }
  .name p {
    font-size: var(--size-small);
    line-height: 1.25;
  }
  .walk :deep(.head h1) {
    position: absolute;
    clip-path: inset(50%);
  }
  .named {
    display: none;
  }
  .walk :deep(.head .next) {
    display: none;
  }
  .walk :deep(.head) {
    gap: var(--space-1) var(--space-5);
    padding-bottom: var(--space-2);
  }
}
</style>
