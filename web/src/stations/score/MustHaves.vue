<script setup lang="ts">
import Button from 'primevue/button'
import type { SheetRule } from '../../api/names'
import { ruleChecked } from '../../shared/entries'
import { useRecording } from './recording'

/** Rules: those that are looked at have two buttons, those that are measured say how the reading came out. */
defineProps<{ rules: readonly SheetRule[] }>()
const { team, round, record } = useRecording()
const check = (rule: SheetRule, met: boolean) => record(ruleChecked(team.value, round.value, rule.id, met))
const states = { met: 'kept', missed: 'missed', toCheck: 'still to check', notChecked: 'nothing to check' } as const
</script>

<template>
  <section aria-labelledby="musts">
    <h3 id="musts">Must-haves</h3>
    <p v-if="rules.length === 0" class="muted">This brief has none.</p>
    <ul>
      <li v-for="r in rules" :key="r.id">
        <p>
          {{ r.text }}
          <span v-if="r.when === 'everyAttempt'" class="small muted">(in every attempt)</span>
        </p>
        <div v-if="r.inspected && r.when !== 'everyAttempt'" class="two" role="group" :aria-label="r.text">
          <Button
            label="Kept"
            :variant="r.state === 'met' ? undefined : 'outlined'"
            :aria-pressed="r.state === 'met'"
            class="touch"
            @click="check(r, true)"
          />
          <Button
            label="Missed"
            severity="danger"
            :variant="r.state === 'missed' ? undefined : 'outlined'"
            :aria-pressed="r.state === 'missed'"
            class="touch"
            @click="check(r, false)"
          />
        </div>
        <p v-else-if="r.inspected" class="small muted">Mark the attempt failed if it is missed.</p>
        <p v-else class="small" :class="r.state">
          {{ states[r.state] }}<template v-if="r.value">: {{ r.value }}, the rule says {{ r.limit }}</template>
          <b v-if="r.tooNear"> Too near to call, measure again.</b>
        </p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  color: var(--lagoon-deep);
}
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: 0.5rem 1rem;
  padding: 0.4rem 0;
  border-bottom: var(--stitch);
  overflow-wrap: anywhere;
}
@media (max-width: 600px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
.two {
  display: flex;
  gap: 0.5rem;
}
.touch {
  min-height: var(--touch);
  min-width: 5.5rem;
}
.missed {
  color: var(--brick);
}
.met {
  color: var(--lagoon-deep);
}
.toCheck,
.notChecked {
  color: var(--muted);
}
</style>
