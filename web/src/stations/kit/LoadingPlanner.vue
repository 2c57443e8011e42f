<script setup lang="ts">
import { computed, reactive, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Phase } from '@/api/names'
import { useLoad } from '@/shared/useLoad'

/**
 * Weights for a load test: how many, and how they are laid on; the minutes that it takes are those of a turn at the
 * test.
 */
defineProps<{ test?: Phase | null }>()
defineEmits<{ minutes: [phase: string, minutes: number] }>()
const wanted = reactive({ expected: 240, roll: 50, share: 60, step: 5, each: 0, margin: 20, seconds: 8 })
const plan = useLoad(() => ask(api.GET('/api/loading', { params: { query: { ...wanted } } })))
void plan.load()
watch(wanted, () => void plan.load())
const fields = [
  ['expected', 'The strongest build holds, in pieces'],
  ['roll', 'Pieces in a roll'],
  ['share', 'Rolls up to this percent'],
  ['step', 'Then steps of this percent'],
  ['each', 'Or pieces a step (1: one at a time)'],
  ['margin', 'Kept beyond that, percent'],
  ['seconds', 'Seconds for each placement'],
] as const
const minutes = computed(() => Math.ceil(plan.data.value?.minutes ?? 0))
</script>

<template>
  <section aria-labelledby="loading">
    <h2 id="loading">Loading plan</h2>
    <div class="fields">
      <label v-for="[key, name] in fields" :key="key">
        {{ name }}
        <input v-model.number="wanted[key]" type="number" min="0" class="inline" />
      </label>
    </div>
    <p v-if="plan.state.value === 'refused'" class="wrong small" role="alert">
      {{ plan.refusal.value?.problems[0]?.what ?? plan.refusal.value?.title }}
      {{ plan.refusal.value?.problems[0]?.remedy }}
    </p>
    <template v-else-if="plan.data.value">
      <p>
        <b>{{ plan.data.value.rolls }} {{ plan.data.value.rolls === 1 ? 'roll' : 'rolls' }}</b> first, then steps of
        <b>{{ plan.data.value.step }}</b>: {{ plan.data.value.placements.length }} placements, about {{ minutes }}
        {{ minutes === 1 ? 'minute' : 'minutes' }} for the strongest. The result is good to {{ plan.data.value.step }}
        {{ plan.data.value.step === 1 ? 'piece' : 'pieces' }}.
      </p>
      <p>
        Have <b>{{ plan.data.value.pieces }} pieces</b> ready<template v-if="plan.data.value.rolls > 0"
          >: {{ plan.data.value.rolls }} {{ plan.data.value.rolls === 1 ? 'roll' : 'rolls' }} of {{ wanted.roll }}, and
          {{ plan.data.value.loose }} loose</template
        >.
      </p>
      <p v-if="test" class="small">
        The brief gives {{ test.teamByTeam ? 'a turn at the test' : 'the test' }} {{ test.minutes }}
        {{ test.minutes === 1 ? 'minute' : 'minutes' }}.
        <button v-if="test.minutes < minutes" type="button" class="act" @click="$emit('minutes', test.id, minutes)">
          Set it to {{ minutes }} {{ minutes === 1 ? 'minute' : 'minutes' }}
        </button>
      </p>
      <p class="small muted figures">{{ plan.data.value.placements.slice(0, 40).join(' · ') }}</p>
    </template>
  </section>
</template>

<style scoped>
.fields {
  display: grid;
  gap: var(--space-2);
  padding: var(--space-3) 0;
}
label {
  display: flex;
  justify-content: space-between;
  gap: var(--space-5);
}
input {
  width: 5rem;
  field-sizing: fixed;
  text-align: right;
}
</style>
