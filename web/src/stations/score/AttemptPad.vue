<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, onMounted, ref, useTemplateRef } from 'vue'
import type { Purpose, RallyOnWalk, Reading, Refusal, SheetDesign, SheetTrial, TrialOutcome } from '../../api/names'
import { reading, struckOut, trialRecorded } from '../../shared/entries'
import HoldClock from './HoldClock.vue'
import ReadingField from './readings/ReadingField.vue'
import TakeReading from './readings/TakeReading.vue'
import { useRecording } from './recording'

/** The pad for the next trial of a design. What was typed stays until the entry is kept. */
const props = defineProps<{
  rally: RallyOnWalk
  design: SheetDesign
  /** An attempt that was made before: one that waited to be looked at, or one that is read a second time. */
  redo?: { trial: SheetTrial; as: 'look' | 'again' }
  /** Whether what comes before it is done, so that the pad is brought under the thumb. */
  ready: boolean
  refusal?: Refusal
}>()
const emit = defineEmits<{ done: [] }>()
const { team, round, record } = useRecording()
const number = computed(() => props.redo?.trial.attempt ?? props.design.open[0])
const measures = computed(() => props.rally.brief.measures.filter((m) => m.taken === 'eachAttempt'))
const typed = ref<Record<string, string>>(
  Object.fromEntries(props.redo?.as === 'look' ? props.redo.trial.readings.map((r) => [r.measure, r.typed]) : []),
)
const atLeast = ref<Record<string, boolean>>({})
/** The reading that an instrument gave, as long as it is not typed over. */
const taken = ref<Record<string, { typed: string; instrument: string }>>({})
const reason = ref('')
const voiding = ref(false)
const busy = ref(false)
const purpose = ref<Purpose>('score')
const usualReasons = ['the tester slipped', 'the set-up moved', 'somebody got in the way']
const purposes: Record<Purpose, string> = {
  score: 'For score',
  practice: 'Practice',
  control: 'Control',
  benchmark: 'To beat',
}

const wrongWith = (measure: string) => {
  const i = readings().findIndex((r) => r.measure === measure)
  return props.refusal?.problems.find(
    (p) => p.at === `/readings/${measure}` || (i >= 0 && p.at.startsWith(`/readings/${i}/`)),
  )
}
const wrongReason = computed(() => props.refusal?.problems.find((p) => p.at === '/reason'))

/** Only what was typed is sent; the server says which readings are missing. */
const readings = (sure = false): Reading[] =>
  measures.value
    .filter((m) => (typed.value[m.id] ?? '').trim().length > 0)
    .map((m) =>
      reading(m.id, typed.value[m.id] ?? '', {
        bound: atLeast.value[m.id] ? 'atLeast' : 'exact',
        sure,
        instrument: taken.value[m.id]?.typed === typed.value[m.id] ? (taken.value[m.id]?.instrument ?? '') : '',
      }),
    )

async function send(outcome: TrialOutcome, says: { reason?: string; sure?: boolean } = {}) {
  if (busy.value) return
  busy.value = true
  const sent = await record(
    trialRecorded(team.value, round.value, {
      outcome,
      attempt: number.value ?? null,
      again: props.redo?.as === 'again',
      design: props.design.name,
      revision: props.redo?.trial.revision ?? props.design.revision,
      purpose: purpose.value,
      readings: outcome === 'counted' || outcome === 'waiting' ? readings(says.sure) : [],
      reason: says.reason ?? (outcome === 'void' ? reason.value : ''),
    }),
  )
  busy.value = false
  if (sent.kind === 'refused') return
  // What waited goes only when what takes its place is there.
  if (props.redo?.as === 'look') await record(struckOut(team.value, round.value, props.redo.trial.entry, 'looked at'))
  typed.value = {}
  atLeast.value = {}
  reason.value = ''
  voiding.value = false
  purpose.value = 'score'
  emit('done')
  focusFirst()
}

const form = useTemplateRef('form')
/** A keyboard goes on where the next digits belong; a finger would only bring up a keyboard that hides the pad. */
const focusFirst = () => {
  if (!matchMedia('(pointer: coarse)').matches) form.value?.querySelector<HTMLElement>('[data-reading]')?.focus()
}
onMounted(() => {
  focusFirst()
  if (props.ready) form.value?.scrollIntoView({ block: 'nearest' })
})
const press = (key: string) => form.value?.querySelector<HTMLElement>(`[data-key="${key}"]`)?.click()

useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (!event.altKey || event.ctrlKey || event.metaKey) return
  const action = {
    KeyF: () => void send('failed'),
    KeyW: () => void send('waiting'),
    KeyV: () => (voiding.value = !voiding.value),
    KeyL: () => press('at-least'),
    KeyS: () => press('watch'),
    KeyH: () => press('hold'),
    KeyI: () => press('instrument'),
    KeyP: () => {
      const all = Object.keys(purposes) as Purpose[]
      purpose.value = all[(all.indexOf(purpose.value) + 1) % all.length]!
    },
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
    :aria-label="purpose === 'score' ? `Attempt ${number}` : purposes[purpose]"
    @submit.prevent="send('counted')"
  >
    <div class="top">
      <h4>
        <template v-if="purpose === 'score'"
          >Attempt {{ number }} of {{ rally.brief.trials.attempts
          }}{{ redo ? (redo.as === 'again' ? ', a second reading' : ', looked at now') : '' }}</template
        >
        <template v-else>{{ purposes[purpose] }}: kept beside the rest, never scored</template>
      </h4>
      <Button v-if="redo" type="button" label="Leave it" variant="outlined" class="touch" @click="emit('done')" />
      <label v-else class="small">
        for
        <select v-model="purpose" class="touch-field" aria-label="What the trial is for">
          <option v-for="(name, p) in purposes" :key="p" :value="p">{{ name }}</option>
        </select>
      </label>
    </div>
    <HoldClock
      v-if="rally.brief.trials.holdSeconds > 0"
      :hold="rally.brief.trials.holdSeconds"
      @fell="(after) => send('failed', { reason: `fell after ${after} s` })"
    />
    <ReadingField
      v-for="m in measures"
      :key="m.id"
      :model-value="typed[m.id] ?? ''"
      :at-least="atLeast[m.id] ?? false"
      :measure="m"
      :pad="rally.pads[m.id]!"
      :forms="rally.forms[m.id] ?? []"
      :problem="wrongWith(m.id)"
      may-bound
      @update:model-value="typed[m.id] = $event"
      @update:at-least="atLeast[m.id] = $event"
      @sure="send('counted', { sure: true })"
    >
      <TakeReading :rally="rally.id" :kind="m.kind" @taken="(t) => ((taken[m.id] = t), (typed[m.id] = t.typed))" />
    </ReadingField>
    <div class="touch-row">
      <Button type="submit" label="Record" class="touch main" :disabled="busy" />
      <Button
        type="button"
        label="Failed"
        severity="danger"
        variant="outlined"
        class="touch"
        :disabled="busy"
        @click="send('failed')"
      />
      <Button
        type="button"
        label="Void…"
        severity="secondary"
        variant="outlined"
        class="touch"
        :aria-expanded="voiding"
        @click="voiding = !voiding"
      />
      <Button
        type="button"
        label="Look at it later"
        severity="secondary"
        variant="outlined"
        class="touch"
        :disabled="busy"
        @click="send('waiting')"
      />
    </div>
    <div v-if="voiding" class="void">
      <label for="void-reason">Void, because</label>
      <div class="touch-row">
        <InputText
          id="void-reason"
          v-model="reason"
          class="reason"
          :invalid="!!wrongReason"
          @keydown.enter.prevent="send('void')"
        />
        <Button
          type="button"
          label="Record as void"
          severity="secondary"
          class="touch"
          :disabled="busy"
          @click="send('void')"
        />
      </div>
      <p v-if="wrongReason" class="small wrong" role="alert">{{ wrongReason.what }} {{ wrongReason.remedy }}</p>
      <div class="touch-row">
        <Button
          v-for="r in usualReasons"
          :key="r"
          type="button"
          :label="r"
          variant="outlined"
          severity="secondary"
          class="touch"
          @click="reason = r"
        />
      </div>
      <p class="small muted">A void attempt does not use one up; it is done again.</p>
    </div>
  </form>
</template>

<style scoped>
.pad {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.9rem;
  background: var(--lagoon-wash);
  border: 2px dashed var(--lagoon);
  padding: 1rem;
  margin-top: 0.75rem;
}
.top {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 0.5rem 1rem;
}
h4 {
  margin: 0;
  font: 700 1.1rem var(--title);
}
.touch {
  min-width: 5.5rem;
}
.main {
  flex: 1 1 10rem;
  font-size: 1.15rem;
}
.void {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.5rem;
}
.reason {
  flex: 1 1 14rem;
  min-width: 0;
}
.void label {
  font-weight: 650;
}
</style>
