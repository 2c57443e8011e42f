<script setup lang="ts">
import { computed, ref } from 'vue'
import type { SheetRule } from '@/api/names'
import { ruleChecked } from '@/shared/entries'
import FoldButton from './FoldButton.vue'
import MetOrMissed from './MetOrMissed.vue'
import { useRecording } from '@/pads/recording'

/** Rules: those that are looked at have two buttons, those that are measured say how the reading came out. */
const props = defineProps<{ rules: readonly SheetRule[]; settled: boolean }>()
const { team, round, record } = useRecording()
const check = (rule: SheetRule, met: boolean) => record(ruleChecked(team.value, round.value, rule.id, met))
/**
 * On a sheet that is opened when they are settled, one line says how they came out. They do not fold while the judge
 * answers them: nothing moves under a finger.
 */
const folded = ref(props.settled)
const open = computed(() => !(folded.value && props.settled && props.rules.length > 0))
/** What is asked of each attempt has its answers beside the attempts. */
const once = computed(() => props.rules.filter((r) => !r.asked))
const missed = computed(() => once.value.filter((r) => r.state === 'missed' && r.bonus === ''))
/** Of what is settled before the attempts "all met" is said only where each of them was. */
const before = computed(() =>
  props.rules.filter((r) => r.when !== 'everyAttempt' && r.state !== 'missed' && r.bonus === ''),
)
const met = computed(() => before.value.filter((r) => r.state === 'met'))
const allMet = computed(() => met.value.length > 0 && met.value.length === before.value.length)
const earned = computed(() => once.value.filter((r) => r.bonus !== '' && r.state === 'met'))
const states = { met: 'met', missed: 'missed', toCheck: 'still to check', notChecked: 'nothing to check' } as const
</script>

<template>
  <section aria-labelledby="musts">
    <div class="head">
      <h3 id="musts">Must-haves</h3>
      <FoldButton v-if="settled && rules.length > 0" of="must-haves" :open="open" @fold="folded = open" />
    </div>
    <p v-if="rules.length === 0" class="muted">This brief has none.</p>
    <p v-else-if="!open" class="small">
      <b v-if="missed.length > 0" class="missed">Missed: {{ missed.map((r) => r.text).join('; ') }}. </b>
      <span v-if="allMet" class="met">{{ missed.length > 0 ? 'The others are met. ' : 'All met. ' }}</span>
      <span v-else-if="met.length > 0" class="met">Met: {{ met.map((r) => r.text).join('; ') }}. </span>
      <span v-if="earned.length > 0" class="met">Bonus: {{ earned.map((r) => r.text).join('; ') }}. </span>
      <span v-if="once.length === 0">All are asked below, of each attempt.</span>
      <span v-else-if="once.length < rules.length">{{ rules.length - once.length }} asked below, of each attempt.</span>
    </p>
    <ul v-if="open">
      <li v-for="r in rules" :key="r.id" class="with-ways">
        <p>
          {{ r.text }}
          <span v-if="r.bonus" class="small bonus">Bonus: {{ r.bonus }}</span>
          <span v-if="r.when === 'everyAttempt'" class="small muted">(in every attempt)</span>
        </p>
        <MetOrMissed
          v-if="r.inspected && r.when !== 'everyAttempt'"
          :name="r.text"
          :state="r.state"
          @choose="(met) => check(r, met)"
        />
        <p v-else-if="r.inspected" class="small muted">Asked below, of each attempt.</p>
        <p v-else class="small" :class="r.state">
          {{ states[r.state] }}<template v-if="r.value">: {{ r.value }}, the rule says {{ r.limit }}</template>
          <b v-if="r.tooNear"> Too close to call. Measure again.</b>
        </p>
      </li>
    </ul>
  </section>
</template>

<style scoped>
h3 {
  color: var(--lagoon-deep);
}
.head {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
}
li {
  border-bottom: var(--rule);
}
.missed {
  color: var(--brick);
}
.met {
  color: var(--lagoon-deep);
}
.bonus {
  font-weight: 650;
  color: var(--lagoon-deep);
}
.toCheck,
.notChecked {
  color: var(--muted);
}
@media (max-width: 700px) {
  h3 {
    font-size: var(--size-small);
  }
}
</style>
