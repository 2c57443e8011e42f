<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Comparison, Consequence, Rule } from '../../api/names'
import InlineNumber from './InlineNumber.vue'
import InlineText from './InlineText.vue'

/** How a rule is checked and what happens if it is missed, as a sentence with its values as fields. */
const props = defineProps<{ rule: Rule; brief: Brief }>()
const at = computed(() => `/rules/${props.rule.id}`)

const comparisons: readonly (readonly [Comparison, string])[] = [
  ['atLeast', 'at least'],
  ['moreThan', 'more than'],
  ['atMost', 'at most'],
  ['lessThan', 'less than'],
  ['between', 'from'],
  ['exactly', 'exactly'],
]
const whens: readonly (readonly [Rule['when'], string])[] = [
  ['plan', 'with the plan'],
  ['beforeTest', 'before the test'],
  ['everyAttempt', 'in every attempt'],
  ['afterTest', 'after the test'],
]
const consequences = computed((): readonly (readonly [Consequence['kind'], string])[] => [
  ['doesNotPlace', 'the team does not place'],
  ...(props.rule.when === 'everyAttempt' ? ([['attemptDoesNotCount', 'the attempt does not count']] as const) : []),
  ['failurePoints', 'this part gives its failure points:'],
  ['deduct', 'points are lost:'],
  ['noteOnly', 'it is only noted'],
])

const how = computed({
  get: () => props.rule.check.kind,
  set: (kind) => {
    if (kind === 'inspection') props.rule.check = { kind }
    if (kind === 'limit')
      props.rule.check = {
        kind,
        value: props.brief.measures[0]?.id ?? '',
        comparison: 'atLeast',
        amount: '',
        upper: '',
        perMember: false,
      }
  },
})
const when = computed({
  get: () => props.rule.when,
  set: (value) => {
    props.rule.when = value
    if (value !== 'everyAttempt' && props.rule.ifMissed.kind === 'attemptDoesNotCount')
      props.rule.ifMissed = { kind: 'doesNotPlace' }
  },
})
const ifMissed = computed({
  get: () => props.rule.ifMissed.kind,
  set: (kind) => {
    props.rule.ifMissed =
      kind === 'deduct'
        ? { kind, points: 1, per: 'once', each: 1 }
        : kind === 'failurePoints'
          ? { kind, part: props.brief.method.parts[0]?.id ?? '' }
          : { kind }
  },
})
const limit = computed(() => (props.rule.check.kind === 'limit' ? props.rule.check : undefined))
const deduct = computed(() => (props.rule.ifMissed.kind === 'deduct' ? props.rule.ifMissed : undefined))
const fails = computed(() => (props.rule.ifMissed.kind === 'failurePoints' ? props.rule.ifMissed : undefined))
const derived = computed(() => limit.value?.percentOfLastRound !== undefined && limit.value.percentOfLastRound !== null)
</script>

<template>
  <p class="sentence small not-on-paper">
    Checked by
    <select v-model="how" class="inline" aria-label="How it is checked" :data-at="`${at}/check`">
      <option value="inspection">looking</option>
      <option value="limit">measuring</option>
      <option v-if="!['inspection', 'limit'].includes(how)" :value="how">as the file says ({{ how }})</option>
    </select>
    <template v-if="limit">
      <select v-model="limit.value" class="inline" aria-label="What is measured" :data-at="`${at}/check/value`">
        <option v-for="m in brief.measures" :key="m.id" :value="m.id">{{ m.name || m.id }}</option>
        <option v-if="brief.measures.every((m) => m.id !== limit?.value)" :value="limit.value">
          {{ limit.value || 'choose' }}
        </option>
      </select>
      <select v-model="limit.comparison" class="inline" aria-label="Comparison" :data-at="`${at}/check/comparison`">
        <option v-for="[value, name] in comparisons" :key="value" :value="value">{{ name }}</option>
      </select>
      <template v-if="derived">
        <InlineNumber
          v-model="limit.percentOfLastRound"
          label="Percent of the last round"
          :at="`${at}/check/percentOfLastRound`"
        />% of the team's last round
      </template>
      <InlineText v-else v-model="limit.amount" label="Limit" :at="`${at}/check/amount`" placeholder="such as 30 cm" />
      <template v-if="limit.comparison === 'between'">
        to
        <InlineText v-model="limit.upper" label="Upper limit" :at="`${at}/check/upper`" placeholder="such as 40 cm" />
      </template> </template
    >,
    <select v-model="when" class="inline" aria-label="When it is checked" :data-at="`${at}/when`">
      <option v-for="[value, name] in whens" :key="value" :value="value">{{ name }}</option>
    </select>
    ; if not,
    <select v-model="ifMissed" class="inline" aria-label="What happens if it is missed" :data-at="`${at}/ifMissed`">
      <option v-for="[value, name] in consequences" :key="value" :value="value">{{ name }}</option>
    </select>
    <select v-if="fails" v-model="fails.part" class="inline" aria-label="Part" :data-at="`${at}/ifMissed/part`">
      <option v-for="p in brief.method.parts" :key="p.id" :value="p.id">{{ p.name || p.id }}</option>
    </select>
    <template v-if="deduct">
      <InlineNumber v-model="deduct.points" label="Points lost" :at="`${at}/ifMissed/points`" />
      <select v-model="deduct.per" class="inline" aria-label="How the points are lost" :data-at="`${at}/ifMissed/per`">
        <option value="once">once</option>
        <option value="unit">for each unit missed by</option>
        <option value="completedUnit">for each full unit missed by</option>
      </select> </template
    >.
  </p>
</template>

<style scoped>
.sentence {
  color: var(--muted);
  line-height: 1.75;
}
.sentence :deep(.inline) {
  color: var(--ink);
}
</style>
