<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import PadButton from '@/pads/PadButton.vue'
import { computed, nextTick, onBeforeUnmount, onMounted, ref, useTemplateRef, watch } from 'vue'
import type {
  EntryOf,
  JudgeRallyView,
  Reading,
  Refusal,
  SheetDesign,
  SheetRule,
  SheetTrial,
  TrialOutcome,
} from '@/api/names'
import ReadingField from '@/pads/readings/ReadingField.vue'
import TakeReading from '@/pads/readings/TakeReading.vue'
import { useDraftKey, useRecording } from '@/pads/recording'
import { partOfAnother, reading, ruleChecked, struckOut, trialRecorded } from '@/shared/entries'
import { purposeNames } from '@/shared/purposes'
import { useDraft } from '@/shared/useDraft'
import HoldClock from './HoldClock.vue'
import { unreadOf } from './fold'
import MeanwhileNote from './MeanwhileNote.vue'
import PadMusts from './PadMusts.vue'
import type { Redo } from './redo'
import WhyNot from './WhyNot.vue'

/** The pad for the next trial of a design. What was typed stays on this device until the entry is kept. */
const props = defineProps<{
  rally: JudgeRallyView
  design: SheetDesign
  rules: readonly SheetRule[]
  /** What is recorded of the team, so that an attempt that somebody else records meanwhile is noticed. */
  trials: readonly SheetTrial[]
  redo?: Redo
  /** Whether what comes before it is done, so that the pad is brought under the thumb. */
  ready: boolean
  refusal?: Refusal
  /** A refused attempt that is to be typed otherwise: it comes back into its fields. */
  back?: EntryOf<'trialRecorded'>
  /** Called when it is recorded; with the last attempt this pad is gone by then, and could not say so by an event. */
  done: () => void
}>()
/**
 * How many are on their way: until the server has taken them the pad stays, so that what is refused comes back to it.
 */
const sending = defineModel<number>('sending', { required: true })
/** Whether something typed is not recorded: the pad stays, also where others have made all attempts meanwhile. */
const holding = defineModel<boolean>('holding', { default: false })
const { team, round, recordTyped } = useRecording()
/** What is read in an attempt; of one of which another judge left the rest, that. */
const all = computed(() => props.rally.brief.measures.filter((m) => m.taken === 'eachAttempt'))
const measures = computed(() =>
  props.redo?.as === 'rest' ? all.value.filter((m) => props.redo?.trial.leaves.includes(m.id)) : all.value,
)
/** What is looked at in every attempt; another reading of one says nothing new of it. */
const musts = computed(() =>
  props.redo?.as === 'again' || props.redo?.as === 'rest'
    ? []
    : props.rules.filter((r) => r.when === 'everyAttempt' && r.inspected),
)

interface Typed {
  /** The attempt that it was typed for, though somebody else may record that one meanwhile. */
  attempt?: number
  readings: Record<string, string>
  atLeast: Record<string, boolean>
  /** The reading that an instrument gave, as long as it is not typed over. */
  taken: Record<string, { typed: string; instrument: string }>
  musts: Record<string, boolean>
}
const begun = (): Typed => ({
  readings: Object.fromEntries(
    props.redo?.as === 'look' ? props.redo.trial.readings.map((r) => [r.measure, r.typed]) : [],
  ),
  atLeast: {},
  taken: {},
  musts: {},
})
const { draft: typed, follow } = useDraft(
  begun,
  useDraftKey(`attempt:${props.design.name}:${props.redo?.trial.entry ?? 'next'}`),
)
const holds = computed(
  () =>
    Object.values(typed.value.readings).some((text) => text.trim() !== '') || Object.keys(typed.value.musts).length > 0,
)
/** Attempts that are being recorded: what is typed at once is of the one after them. */
const inHand = ref<readonly number[]>([])
const next = computed(() => props.design.open.find((n) => !inHand.value.includes(n)) ?? props.design.open[0])
const redoSays = { again: ', a second reading', look: ', decided now', rest: ', the rest of it' } as const
const ofHowMany = computed(() => {
  const { attempts, attemptsFor } = props.rally.brief.trials
  return attemptsFor === 'design' ? ` of ${attempts}` : `: ${props.design.open.length} of the team’s ${attempts} left`
})
const number = computed(() => props.redo?.trial.attempt ?? typed.value.attempt ?? next.value)
watch(
  holds,
  (some) => {
    if (!props.redo) typed.value.attempt = some ? number.value : undefined
    holding.value = some && !props.redo
  },
  { immediate: true },
)
let gone = false
onBeforeUnmount(() => {
  gone = true
  holding.value = false
})
watch(
  () => props.back,
  (entry) => {
    if (!entry || holds.value) return
    typed.value = {
      attempt: entry.attempt ?? undefined,
      readings: Object.fromEntries(entry.readings.map((r) => [r.measure, r.typed])),
      atLeast: Object.fromEntries(entry.readings.map((r) => [r.measure, r.bound === 'atLeast'])),
      taken: {},
      musts: {},
    }
    purpose.value = entry.purpose === 'practice' ? 'practice' : 'score'
  },
  { flush: 'post' },
)
/** What asks why: an attempt that failed, or one that is void. */
const reasonFor = ref<'failed' | 'void'>()
const busy = ref(false)
/** Comparisons have sheets of their own. */
const purposes = ['score', 'practice'] as const
const purpose = ref<(typeof purposes)[number]>('score')
/** What somebody else has recorded of the attempt that is being typed here; practice takes no attempt. */
const meanwhile = computed(() =>
  purpose.value !== 'score' || typed.value.attempt === undefined || props.design.open.includes(typed.value.attempt)
    ? []
    : props.trials.filter((t) => t.design === props.design.name && t.attempt === typed.value.attempt),
)

/** The readings as they stood when they were refused: what is wrong with one is said until something else is typed. */
const refused = ref<Record<string, string>>()
const wrongWith = (measure: string) => {
  if (refused.value && refused.value[measure] !== typed.value.readings[measure]) return undefined
  const i = readings().findIndex((r) => r.measure === measure)
  return props.refusal?.problems.find(
    (p) => p.at === `/readings/${measure}` || (i >= 0 && p.at.startsWith(`/readings/${i}/`)),
  )
}
const wrongReason = computed(() => props.refusal?.problems.find((p) => p.at === '/reason'))

/** Only what was typed is sent; the server says which readings are missing. */
const readings = (sure = false): Reading[] =>
  measures.value
    .filter((m) => (typed.value.readings[m.id] ?? '').trim().length > 0)
    .map((m) => {
      const text = typed.value.readings[m.id] ?? ''
      const taken = typed.value.taken[m.id]
      return reading(m.id, text, {
        bound: typed.value.atLeast[m.id] ? 'atLeast' : 'exact',
        sure,
        instrument: taken?.typed === text ? taken.instrument : '',
      })
    })

/** A miss with nothing read is what it says: the attempt failed by it. */
const missed = computed(() => musts.value.filter((r) => typed.value.musts[r.id] === false))
const fell = computed(() => measures.value.length > 0 && readings().length === 0 && missed.value.length > 0)
const isEmpty = (id: string) => (typed.value.readings[id] ?? '').trim() === ''
/** What another judge reads of this attempt: what is empty here, where something is read. */
const left = computed(() => all.value.map((m) => m.id).filter(isEmpty))
const mayLeave = computed(() => measures.value.some((m) => isEmpty(m.id)) && measures.value.some((m) => !isEmpty(m.id)))
const submit = () =>
  fell.value
    ? send('failed', { reason: `missed: ${missed.value.map((r) => r.text).join('; ')}` })
    : send('counted', props.redo?.as === 'rest' ? { leaves: left.value } : {})

interface Details {
  reason?: string
  sure?: boolean
  /** Another reading of an attempt that somebody else recorded meanwhile. */
  again?: boolean
  /** What another judge reads of it. */
  leaves?: string[]
}
/** How it was sent last: a judge who says that an unlikely reading is right means the same. */
let lastDetails: Details = {}
async function send(outcome: TrialOutcome, details: Details = {}) {
  lastDetails = details
  if (busy.value || (meanwhile.value.length > 0 && !details.again && !details.leaves)) return
  busy.value = true
  // Whose attempt it is stays so, wherever the judge is by the time the line has answered.
  const [whose, when, attempt, redo] = [team.value, round.value, number.value, props.redo]
  const design = props.design.name
  const was = typed.value
  const trial = trialRecorded(whose, when, {
    outcome,
    attempt: attempt ?? null,
    again: details.again ?? redo?.as === 'again',
    design,
    revision: redo?.trial.revision ?? props.design.revision,
    purpose: purpose.value,
    readings: outcome === 'counted' || outcome === 'waiting' ? readings(details.sure) : [],
    reason: details.reason ?? '',
    leaves: details.leaves ?? [],
  })
  const said =
    purpose.value === 'score' && outcome !== 'void' && typeof attempt === 'number' && !details.again
      ? musts.value
          .filter((r) => was.musts[r.id] !== undefined)
          .map((r) => ruleChecked(whose, when, r.id, was.musts[r.id]!, { attempt, design }))
      : []
  const before = { reasonFor: reasonFor.value, purpose: purpose.value }
  if (trial.kind === 'trialRecorded' && trial.attempt) inHand.value = [...inHand.value, trial.attempt]
  // The pad is free for the next attempt at once, the cursor in its first reading; only what is refused comes back.
  follow()
  reasonFor.value = undefined
  purpose.value = 'score'
  void nextTick(focusFirst)
  sending.value++
  // What waited goes only when what takes its place is there: the server takes nothing of an attempt without it.
  const looked = redo?.as === 'look' ? [struckOut(whose, when, redo.trial.entry, partOfAnother.lookedAt)] : []
  const sent = await recordTyped(takesBack, trial, ...looked, ...said)
  sending.value--
  inHand.value = inHand.value.filter((n) => n !== attempt)
  busy.value = false
  if (sent.kind !== 'refused') props.done()

  /** What was typed for the next attempt meanwhile stays, and so does a pad that is another team's by now. */
  function takesBack() {
    if (gone || holds.value) return false
    typed.value = was
    reasonFor.value = before.reasonFor
    purpose.value = before.purpose
    refused.value = { ...was.readings }
    return true
  }
}

const sure = () => send('counted', { ...lastDetails, sure: true })

/** As soon as the attempt is on its way the next one can be recorded; nobody waits for a slow line. */
watch(number, () => (busy.value = false))

const form = useTemplateRef('form')
const fields = () => [...(form.value?.querySelectorAll<HTMLInputElement>('[data-reading]') ?? [])]
/** A keyboard goes on where the next digits belong; a finger would only bring up a keyboard that hides the pad. */
const focusFirst = (options?: FocusOptions) => {
  if (!matchMedia('(pointer: coarse)').matches) fields()[0]?.focus(options)
}
/** Enter goes on to the next reading that is still empty, and records from the last one. */
function enter() {
  const at = fields().findIndex((f) => f === document.activeElement)
  const next = at < 0 ? undefined : fields().find((f, i) => i > at && f.value.trim() === '')
  if (next) next.focus()
  else void submit()
}
onMounted(() => {
  // The page moves no further than it takes to see the whole pad.
  focusFirst({ preventScroll: props.ready })
  if (props.ready) form.value?.scrollIntoView({ block: 'nearest' })
})
const press = (key: string) => form.value?.querySelector<HTMLElement>(`[data-key="${key}"]`)?.click()
const ask = (outcome: 'failed' | 'void') => (reasonFor.value = reasonFor.value === outcome ? undefined : outcome)

useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (!event.altKey || event.ctrlKey || event.metaKey) return
  const action = {
    KeyF: () => ask('failed'),
    KeyM: () => press('all-met'),
    KeyW: () => void send('waiting'),
    KeyV: () => ask('void'),
    KeyL: () => press('at-least'),
    KeyS: () => press('watch'),
    KeyH: () => press('hold'),
    KeyI: () => press('instrument'),
    KeyP: () => (purpose.value = purpose.value === 'score' ? 'practice' : 'score'),
  }[event.code]
  if (!action) return
  event.preventDefault()
  action()
})
</script>

<template>
  <form
    ref="form"
    class="pad"
    novalidate
    :aria-label="purpose === 'score' ? `Attempt ${number}` : purposeNames[purpose]"
    @submit.prevent="enter"
  >
    <div class="top">
      <h4>
        <template v-if="purpose === 'score'"
          >Attempt {{ number }}{{ ofHowMany }}{{ redo ? redoSays[redo.as] : '' }}</template
        >
        <template v-else>{{ purposeNames[purpose] }}: kept beside the rest, never scored</template>
      </h4>
      <PadButton v-if="redo" type="button" label="Cancel" variant="outlined" class="touch" @click="done" />
      <label v-else class="small">
        for
        <select v-model="purpose" class="touch-field" aria-label="What the trial is for">
          <option v-for="p in purposes" :key="p" :value="p">{{ purposeNames[p] }}</option>
        </select>
      </label>
    </div>
    <MeanwhileNote
      v-if="meanwhile.length > 0"
      :trial="meanwhile[0]!"
      :waits="unreadOf(meanwhile).length > 0"
      :next="next"
      :busy="busy"
      @again="send('counted', { again: true })"
      @rest="send('counted', { leaves: left })"
      @next="typed.attempt = next"
      @clear="follow"
    />
    <HoldClock
      v-if="rally.brief.trials.holdSeconds > 0"
      :hold="rally.brief.trials.holdSeconds"
      @fell="(after) => send('failed', { reason: `fell after ${after} s` })"
    />
    <PadMusts v-if="musts.length > 0 && purpose === 'score'" v-model="typed.musts" :rules="musts" />
    <ReadingField
      v-for="m in measures"
      :key="m.id"
      :model-value="typed.readings[m.id] ?? ''"
      :at-least="typed.atLeast[m.id] ?? false"
      :measure="m"
      :pad="rally.pads[m.id]!"
      :forms="rally.forms[m.id] ?? []"
      :problem="wrongWith(m.id)"
      may-bound
      @update:model-value="typed.readings[m.id] = $event"
      @update:at-least="typed.atLeast[m.id] = $event"
      @sure="sure"
    >
      <TakeReading
        :rally="rally.id"
        :kind="m.kind"
        @taken="(t) => ((typed.taken[m.id] = t), (typed.readings[m.id] = t.typed))"
      />
    </ReadingField>
    <div v-if="meanwhile.length === 0" class="touch-row">
      <PadButton type="submit" label="Record" class="touch main" data-hint="Enter" :disabled="busy" />
      <PadButton
        type="button"
        label="Failed…"
        severity="danger"
        variant="outlined"
        class="touch"
        data-hint="Alt F"
        :aria-expanded="reasonFor === 'failed'"
        @click="ask('failed')"
      />
      <PadButton
        type="button"
        label="Doesn’t count…"
        severity="secondary"
        variant="outlined"
        class="touch"
        data-hint="Alt V"
        :aria-expanded="reasonFor === 'void'"
        @click="ask('void')"
      />
      <PadButton
        type="button"
        label="Decide later"
        severity="secondary"
        variant="outlined"
        class="touch"
        data-hint="Alt W"
        :disabled="busy"
        @click="send('waiting')"
      />
      <PadButton
        v-if="all.length > 1 && redo?.as !== 'look'"
        type="button"
        label="Leave the rest to another judge"
        variant="outlined"
        class="touch"
        :disabled="busy || !mayLeave"
        @click="send('counted', { leaves: left })"
      />
    </div>
    <WhyNot
      v-if="reasonFor"
      :key="reasonFor"
      :outcome="reasonFor"
      :busy="busy"
      :problem="wrongReason"
      @choose="(reason) => send(reasonFor!, { reason })"
    />
  </form>
</template>

<style scoped>
.pad {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-4);
  background: var(--lagoon-wash);
  border: 2px dashed var(--lagoon);
  padding: var(--space-5);
  margin-top: var(--space-4);
}
.top {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-3) var(--space-5);
}
h4 {
  margin: 0;
  font: 700 var(--size-lead) var(--title);
}
.touch {
  min-width: 5.5rem;
}
.main {
  flex: 1 1 10rem;
  font-size: var(--size-lead);
}
@media (max-width: 700px) {
  .pad {
    gap: var(--space-3);
    padding: var(--space-3);
    margin-top: var(--space-3);
  }
}
</style>
