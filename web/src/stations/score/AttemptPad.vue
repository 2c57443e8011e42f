<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import { computed, ref } from 'vue'
import type { RallyOpened, Reading, Refusal, TrialOutcome } from '../../api/names'
import ReadingField from './ReadingField.vue'
import { trialRecorded } from '../../shared/entries'
import { useRecording } from './recording'

/** The pad for the next attempt. What was typed stays until the entry is kept. */
const props = defineProps<{ rally: RallyOpened; next: number; refusal?: Refusal }>()
const { team, round, record } = useRecording()
const measures = computed(() => props.rally.brief.measures.filter((m) => m.taken === 'eachAttempt'))
const typed = ref<Record<string, string>>({})
const atLeast = ref<Record<string, boolean>>({})
const reason = ref('')
const voiding = ref(false)
const busy = ref(false)
const usualReasons = ['the tester slipped', 'the set-up moved', 'somebody got in the way']

const wrongWith = (measure: string, i: number) =>
  props.refusal?.problems.find((p) => p.at.startsWith(`/readings/${measure}`) || p.at.startsWith(`/readings/${i}/`))
const wrongReason = computed(() => props.refusal?.problems.find((p) => p.at === '/reason'))

/** Only what was typed is sent; the server says which readings are missing. */
const readings = computed<Reading[]>(() =>
  measures.value
    .filter((m) => (typed.value[m.id] ?? '').trim().length > 0)
    .map((m) => ({ measure: m.id, typed: typed.value[m.id] ?? '', bound: atLeast.value[m.id] ? 'atLeast' : 'exact' })),
)

async function send(outcome: TrialOutcome) {
  if (busy.value) return
  busy.value = true
  const sent = await record(
    trialRecorded(
      team.value,
      round.value,
      props.next,
      outcome,
      outcome === 'counted' ? readings.value : [],
      outcome === 'void' ? reason.value : '',
    ),
  )
  busy.value = false
  if (sent.kind === 'refused') return
  typed.value = {}
  atLeast.value = {}
  reason.value = ''
  voiding.value = false
}
useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (!event.altKey || event.code !== 'KeyF') return
  event.preventDefault()
  void send('failed')
})
</script>

<template>
  <form class="pad" novalidate :aria-label="`Attempt ${next}`" @submit.prevent="send('counted')">
    <h4>Attempt {{ next }} of {{ rally.brief.trials.attempts }}</h4>
    <ReadingField
      v-for="(m, i) in measures"
      :key="m.id"
      :model-value="typed[m.id] ?? ''"
      :at-least="atLeast[m.id] ?? false"
      :measure="m"
      :forms="rally.forms[m.id] ?? []"
      :problem="wrongWith(m.id, i)"
      may-bound
      @update:model-value="typed[m.id] = $event"
      @update:at-least="atLeast[m.id] = $event"
    />
    <div class="ways">
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
    </div>
    <div v-if="voiding" class="void">
      <label for="void-reason">Void, because</label>
      <div class="ways">
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
      <div class="ways">
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
h4 {
  margin: 0;
  font: 700 1.1rem var(--title);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.6rem;
}
.touch {
  min-height: var(--touch);
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
label {
  font-weight: 650;
}
</style>
