<script setup lang="ts">
import Button from 'primevue/button'
import { computed, nextTick, onBeforeUnmount, ref, toRef } from 'vue'
import type { Brief, RehearsalChange } from '@/api/names'
import { useWriting } from '@/fields/writing'
import RefusalNote from '@/shared/RefusalNote.vue'
import WhatIs from '@/shared/WhatIs.vue'
import ExpectedTable from '../rehearsal/ExpectedTable.vue'
import FindingItem from '../rehearsal/FindingItem.vue'
import SideBySide from '../rehearsal/SideBySide.vue'
import { useRehearsal } from '../rehearsal/useRehearsal'

/**
 * A thousand classes play the brief before one child builds: what would go wrong, what would help, and what it rests
 * on.
 */
const props = defineProps<{ id: string; brief: Brief }>()
const emit = defineEmits<{ undo: [] }>()
const { applyChanges } = useWriting()
const { inputs, asked, tier, step, report, offers, refusal, going, stale, rehearse, stop } = useRehearsal(
  props.id,
  toRef(props, 'brief'),
)
/** What nobody has said anything of: it is asked first. */
const open = computed(() => inputs.value.filter((i) => i.isGuess))
const guessing = computed(() => open.value.some((i) => !(i.handle in asked.value.expected)))
/** What was changed last from here, as long as nothing else was changed since: then undoing takes back just that. */
const taken = ref<{ label: string; text: string }>()
const justTaken = computed(() => (taken.value?.text === JSON.stringify(props.brief) ? taken.value.label : ''))
onBeforeUnmount(stop)

const alikes = [
  [90, 'a little'],
  [60, 'some'],
  [20, 'a lot'],
] as const
const rounds = [
  [10, 'rarely'],
  [40, 'often'],
  [80, 'always'],
] as const
const sizes = computed(() => [...new Set([4, 6, 8, 10, 12, 16, asked.value.teams])].sort((a, b) => a - b))
const progress = computed(() => {
  const now = step.value
  if (!now) return { at: 0, of: 1, label: 'The classes play…' }
  return now.tried
    ? { at: now.tried.tried, of: now.tried.of, label: `Trying what would help: ${now.tried.tried} of ${now.tried.of}` }
    : { at: now.played, of: now.of, label: `${now.played} of ${now.of} classes have played` }
})

async function take(change: RehearsalChange) {
  await applyChanges(change.changes)
  await nextTick()
  taken.value = { label: change.label, text: JSON.stringify(props.brief) }
}
function undo() {
  emit('undo')
  taken.value = undefined
}
function others() {
  asked.value = { ...asked.value, seed: asked.value.seed + 1 }
  void rehearse()
}
</script>

<template>
  <section aria-labelledby="rehearsal">
    <div class="called">
      <h2 id="rehearsal">Rehearsal</h2>
      <WhatIs word="rehearsal" />
    </div>
    <p>
      A thousand classes of
      <select v-model.number="asked.teams" class="inline" aria-label="Teams of a class">
        <option v-for="n in sizes" :key="n" :value="n">{{ n }}</option>
      </select>
      teams play it<template v-if="brief.tiers.length > 0">
        as in
        <select v-model="tier" class="inline" aria-label="Tier to rehearse">
          <option value="">the brief</option>
          <option v-for="t in brief.tiers" :key="t.id" :value="t.id">{{ t.name || t.id }}</option>
        </select></template
      >.
    </p>
    <p>
      How much do one team’s attempts vary?
      <select v-model.number="asked.alike" class="inline" aria-label="How much one team’s attempts vary">
        <option v-for="[n, name] in alikes" :key="n" :value="n">{{ name }}</option>
      </select>
    </p>
    <p>
      Are strong teams strong at everything?
      <select v-model.number="asked.allRound" class="inline" aria-label="Whether strong teams are strong at everything">
        <option v-for="[n, name] in rounds" :key="n" :value="n">{{ name }}</option>
      </select>
    </p>
    <section v-if="!report && open.length > 0" aria-labelledby="to-say">
      <h3 id="to-say">What do you expect?</h3>
      <p class="small muted">
        Nobody has said what teams will reach here. Enter the weakest, the usual and the best result, from a trial build
        of your own if you have one.
      </p>
      <ExpectedTable v-model="asked" :inputs="open" />
    </section>
    <p class="ways">
      <Button
        :label="report ? 'Rehearse again' : guessing ? 'Rehearse with guesses' : 'Rehearse'"
        size="small"
        @click="rehearse"
      />
      <button v-if="report && !going" type="button" class="act" @click="others">With other classes</button>
      <template v-if="going">
        <progress :value="progress.at" :max="progress.of" :aria-label="progress.label"></progress>
        <span role="status" class="small">{{ progress.label }}</span>
        <button type="button" class="act" @click="stop">Stop</button>
      </template>
    </p>
    <RefusalNote :refusal="refusal" />
    <p v-if="justTaken" class="heed" role="status">
      Changed: {{ justTaken }}.
      <button type="button" class="act" @click="undo">Undo</button>
    </p>
    <p v-if="stale && !going" class="small muted">The brief has been changed since these classes played.</p>
    <template v-if="report">
      <p v-if="report.restsOn" class="heed">{{ report.restsOn }}</p>
      <ul class="findings" aria-label="What the rehearsal says">
        <FindingItem
          v-for="f in report.findings"
          :key="f.id"
          :finding="f"
          :offers="offers.filter((o) => o.finding === f.id)"
          :trying="going !== undefined"
          :stale="stale"
          @take="take"
        />
      </ul>
      <SideBySide
        v-if="report.choices.length > 0"
        :id="id"
        :brief="brief"
        :tier="tier"
        :asked="asked"
        :choices="report.choices"
        @take="take"
      />
      <section aria-labelledby="expected">
        <h3 id="expected">What was expected</h3>
        <p class="small muted">Write what you expect instead, and rehearse again.</p>
        <ExpectedTable v-model="asked" :inputs="report.inputs" />
      </section>
    </template>
    <p v-else-if="!going" class="muted">
      It takes a few seconds. What comes: who would win and why, how often there is a tie, which part decides, what is
      never earned, whether the test fits the lesson, and which change would help most. Nothing is saved.
    </p>
  </section>
</template>

<style scoped>
section {
  display: grid;
  gap: var(--space-3);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
}
progress {
  accent-color: var(--lagoon);
  width: 10rem;
}
.findings {
  display: grid;
  gap: var(--space-4);
  padding: 0;
}
section section {
  border-top: var(--rule);
  padding-top: var(--space-4);
}
</style>
