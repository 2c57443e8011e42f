<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { v7 } from 'uuid'
import { computed, nextTick, ref, useTemplateRef } from 'vue'
import type { Entry, Purpose, TeamNamed } from '@/api/names'
import { written } from '@/shared/entries'
import { purposeNames } from '@/shared/purposes'
import type { Sent } from '@/shared/useOutbox'
import { useRefusal } from '@/fields/useRefusal'
import { singly } from '@/shared/singly'

/** A sheet for something that teams are compared with: a control, a build to beat, the same by hand. */
const props = defineProps<{
  round: number
  teams: readonly TeamNamed[]
  record: (entry: Entry) => Promise<Sent>
}>()
const emit = defineEmits<{ added: [id: string] }>()
const means = {
  control: 'the same without the idea: an egg with nothing round it',
  benchmark: 'something to reach: the teacher’s own build',
  byHand: 'the same done without what the teams build',
} as const
const purposes = Object.keys(means) as (keyof typeof means)[]

const open = ref(false)
const purpose = ref<Purpose & keyof typeof means>('control')
const name = ref('')
const of = ref('')
const refusal = useRefusal(() => ({ name: name.value, purpose: purpose.value, of: of.value }))
const wrong = computed(() => refusal.value?.problems.find((p) => p.at === '/name') ?? refusal.value?.problems[0])
const field = useTemplateRef('field')
function toggle() {
  open.value = !open.value
  if (open.value) void nextTick(() => field.value?.focus())
}

async function add() {
  refusal.value = undefined
  const id = v7()
  const sent = await props.record(
    written(id, props.round, {
      kind: 'referenceAdded',
      name: name.value.trim() || purposeNames[purpose.value],
      purpose: purpose.value,
      of: of.value,
    }),
  )
  if (sent.kind === 'refused') {
    refusal.value = sent.refusal
    return
  }
  open.value = false
  name.value = ''
  of.value = ''
  emit('added', id)
}
</script>

<template>
  <div class="add">
    <button type="button" class="act small" :aria-expanded="open" aria-controls="add-reference" @click="toggle">
      {{ open ? 'Cancel' : 'Add a comparison…' }}
    </button>
    <form v-if="open" id="add-reference" novalidate aria-label="Add a comparison" @submit.prevent="singly(add)">
      <fieldset>
        <legend class="out-of-sight">What it is</legend>
        <label v-for="p in purposes" :key="p" class="touch-row">
          <input v-model="purpose" type="radio" name="purpose" :value="p" />
          <span
            ><b>{{ purposeNames[p] }}</b> <span class="small muted">{{ means[p] }}</span></span
          >
        </label>
      </fieldset>
      <label>
        <span class="small">Name</span>
        <input
          ref="field"
          v-model="name"
          class="touch-field"
          maxlength="120"
          :placeholder="purposeNames[purpose]"
          :aria-invalid="!!wrong"
          :aria-describedby="wrong ? 'reference-wrong' : undefined"
        />
      </label>
      <label>
        <span class="small">Comparisons</span>
        <select v-model="of" class="touch-field">
          <option value="">all teams</option>
          <option v-for="t in teams" :key="t.id" :value="t.id">{{ t.name }} alone</option>
        </select>
      </label>
      <p v-if="wrong" id="reference-wrong" class="wrong" role="alert">{{ wrong.what }} {{ wrong.remedy }}</p>
      <PadButton type="submit" label="Open its sheet" class="touch" />
    </form>
  </div>
</template>

<style scoped>
.add {
  padding-block: var(--space-5) var(--space-3);
}
.act {
  min-height: var(--touch);
}
form {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(14rem, 1fr));
  gap: var(--space-4) var(--space-5);
  align-items: end;
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: var(--space-4) var(--space-5) var(--space-5);
}
fieldset,
.wrong {
  grid-column: 1 / -1;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
fieldset label {
  align-items: center;
}
form > label {
  display: grid;
}
</style>
