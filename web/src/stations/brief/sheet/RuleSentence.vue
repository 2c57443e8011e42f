<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Consequence, Rule, RuleCheck } from '../../../api/names'
import InlineCheck from '../fields/InlineCheck.vue'
import InlineChoice from '../fields/InlineChoice.vue'
import InlineNumber from '../fields/InlineNumber.vue'
import InlineText from '../fields/InlineText.vue'
import { comparisons, whens, type Pairs } from '../words'
import RuleCheckFields from './RuleCheckFields.vue'

/** How a rule is checked and what happens if it is missed, as a sentence with its values as fields. */
const props = defineProps<{ rule: Rule; brief: Brief }>()
const at = computed(() => `/rules/${props.rule.id}`)
const measures = computed((): Pairs<string> => props.brief.measures.map((m) => [m.id, m.name || m.id] as const))
const parts = computed((): Pairs<string> => props.brief.method.parts.map((p) => [p.id, p.name || p.id] as const))
const partOf = (kind: string) => props.brief.method.parts.find((p) => p.kind === kind)?.id

const consequences = computed((): Pairs<Consequence['kind']> => [
  ['doesNotPlace', 'the team does not place'],
  ...(props.rule.when === 'everyAttempt' ? ([['attemptDoesNotCount', 'the attempt does not count']] as const) : []),
  ['failurePoints', 'this part gives its failure points:'],
  ['deduct', 'points are lost:'],
  ['noteOnly', 'it is only noted'],
])
/** Ways of checking; those that look at pieces or a budget only where the method has such a part. */
const ways = computed((): Pairs<RuleCheck['kind']> => [
  ['inspection', 'looking'],
  ['limit', 'measuring'],
  ['fits', 'fitting it into a box'],
  ...(partOf('budget') ? ([['spending', 'what was spent']] as const) : []),
  ...(partOf('pieces')
    ? ([
        ['share', 'a share of the pieces'],
        ['ladder', 'sizes that grow'],
        ['ratio', 'length to width'],
        ['allDifferent', 'proportions that differ'],
      ] as const)
    : []),
])
function fresh(kind: RuleCheck['kind']): RuleCheck {
  const measure = props.brief.measures[0]?.id ?? ''
  const pieces = partOf('pieces') ?? ''
  switch (kind) {
    case 'inspection':
      return { kind }
    case 'limit':
      return { kind, value: measure, comparison: 'atLeast', amount: '', upper: '', perMember: false }
    case 'fits':
      return { kind, dimensions: [measure], room: [''], turning: false }
    case 'spending':
      return { kind, part: partOf('budget') ?? '' }
    case 'share':
      return { kind, part: pieces, label: 'first', group: '', of: 'count', percent: 50, tolerance: 5 }
    case 'ladder':
      return { kind, part: pieces, label: 'first', dimension: 'length', times: 1 }
    case 'ratio':
      return { kind, part: pieces, decimals: 2, atLeast: 1, atMost: 2 }
    case 'allDifferent':
      return { kind, part: pieces, label: 'first', decimals: 2 }
  }
}
const how = computed({
  get: () => props.rule.check.kind,
  set: (kind) => (props.rule.check = fresh(kind)),
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
const against = computed({
  get: () =>
    limit.value?.percentOfLastRound !== undefined && limit.value.percentOfLastRound !== null
      ? 'last'
      : limit.value?.perMember
        ? 'member'
        : 'fixed',
  set: (way) => {
    if (!limit.value) return
    limit.value.perMember = way === 'member'
    limit.value.percentOfLastRound = way === 'last' ? 75 : undefined
  },
})
</script>

<template>
  <div class="sentence small not-on-paper">
    Checked by
    <InlineChoice v-model="how" label="How it is checked" :at="`${at}/check`" :options="ways" />
    <template v-if="limit">
      <InlineChoice v-model="limit.value" label="What is measured" :at="`${at}/check/value`" :options="measures" />
      <InlineChoice
        v-model="limit.comparison"
        label="Comparison"
        :at="`${at}/check/comparison`"
        :options="comparisons"
      />
      <InlineNumber
        v-if="against === 'last'"
        v-model="limit.percentOfLastRound"
        label="Percent of the last round"
        :at="`${at}/check/percentOfLastRound`"
      />
      <InlineText v-else v-model="limit.amount" label="Limit" :at="`${at}/check/amount`" placeholder="such as 30 cm" />
      <template v-if="limit.comparison === 'between'">
        to
        <InlineText v-model="limit.upper" label="Upper limit" :at="`${at}/check/upper`" placeholder="such as 40 cm" />
      </template>
      <InlineChoice
        v-model="against"
        label="What the limit is"
        :options="[
          ['fixed', 'in all'],
          ['member', 'for each member'],
          ['last', 'percent of the team’s last round'],
        ]"
      />
    </template>
    <RuleCheckFields v-else :check="rule.check" :brief="brief" :at="`${at}/check`" />,
    <InlineChoice v-model="when" label="When it is checked" :at="`${at}/when`" :options="whens" />; if not,
    <InlineChoice
      v-model="ifMissed"
      label="What happens if it is missed"
      :at="`${at}/ifMissed`"
      :options="consequences"
    />
    <InlineChoice v-if="fails" v-model="fails.part" label="Part" :at="`${at}/ifMissed/part`" :options="parts" />
    <template v-if="deduct">
      <InlineNumber v-model="deduct.points" label="Points lost" :at="`${at}/ifMissed/points`" />
      <InlineChoice
        v-model="deduct.per"
        label="How the points are lost"
        :at="`${at}/ifMissed/per`"
        :options="[
          ['once', 'once'],
          ['unit', 'in proportion, for every'],
          ['completedUnit', 'for every full'],
        ]"
      />
      <template v-if="deduct.per !== 'once'">
        <InlineNumber v-model="deduct.each" label="Units of a step" :at="`${at}/ifMissed/each`" /> missed by
      </template> </template
    >.
    <details class="more">
      <summary>More</summary>
      Keeping it wins <InlineNumber v-model="rule.bonus" label="Bonus" :at="`${at}/bonus`" /> points. It holds for
      <InlineText v-model="rule.onlyFor" label="Only for the team" :at="`${at}/onlyFor`" placeholder="every team" />.
      <InlineCheck v-model="rule.off" label="Leave it out here (a tier can bring it in)" />
    </details>
  </div>
</template>

<style scoped>
.sentence {
  color: var(--muted);
  line-height: 1.75;
  padding-left: 2.6rem;
}
.sentence :deep(.inline) {
  color: var(--ink);
}
.more {
  display: inline;
}
.more[open] {
  display: block;
}
summary {
  display: inline-block;
  cursor: pointer;
  text-decoration: underline;
}
</style>
