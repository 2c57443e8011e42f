<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import type { SheetRule } from '@/api/names'
import MetOrMissed from './MetOrMissed.vue'

/**
 * What is looked at in the attempt that is being made: one by one, or all met with one touch. It is recorded with the
 * attempt.
 */
const props = defineProps<{ rules: readonly SheetRule[] }>()
const said = defineModel<Record<string, boolean>>({ required: true })
const stateOf = (rule: string) => (rule in said.value ? (said.value[rule] ? 'met' : 'missed') : 'toCheck')
/** The same answer again takes it back. */
function say(rule: string, met: boolean) {
  const others = Object.fromEntries(Object.entries(said.value).filter(([id]) => id !== rule))
  said.value = said.value[rule] === met ? others : { ...others, [rule]: met }
}
const allMet = () => (said.value = Object.fromEntries(props.rules.map((r) => [r.id, true])))
</script>

<template>
  <div role="group" aria-label="Must-haves of this attempt">
    <p v-if="rules.length > 1" class="all">
      <b>Must-haves of this attempt</b>
      <PadButton
        type="button"
        label="All met"
        variant="outlined"
        class="touch"
        data-key="all-met"
        data-hint="Alt M"
        @click="allMet"
      />
    </p>
    <ul>
      <li v-for="r in rules" :key="r.id" class="with-ways">
        <p>{{ r.text }}</p>
        <MetOrMissed :name="r.text" :state="stateOf(r.id)" @choose="(met) => say(r.id, met)" />
      </li>
    </ul>
  </div>
</template>

<style scoped>
.all {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-3);
}
li + li {
  border-top: var(--rule);
}
@media (max-width: 600px) {
  .with-ways {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .with-ways :deep(button) {
    min-width: 4rem;
    padding-inline: var(--space-3);
  }
}
</style>
