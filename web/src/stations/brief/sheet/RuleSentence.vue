<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Consequence, Rule } from '@/api/names'
import CardChoice from '@/fields/CardChoice.vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import { namesOf, type Pairs } from '@/fields/pairs'
import { whens } from '@/fields/words'
import { checks } from '@/checks/checks'
import PartChoice from '@/checks/PartChoice.vue'
import { sectionOf } from '@/stations/brief/newItems'
import { anyOf } from '@/shared/shows'

/** How a rule is checked and what happens if it is missed, as a sentence with its values as fields. */
const props = defineProps<{ rule: Rule; brief: Brief }>()
const at = computed(() => `/rules/${props.rule.id}`)

const consequences = computed((): Pairs<Consequence['kind']> => [
  ['doesNotPlace', 'the team does not place'],
  ...(props.rule.when === 'everyAttempt' ? ([['attemptDoesNotCount', 'the attempt does not count']] as const) : []),
  ['failurePoints', 'the part scores its “no success” points:'],
  ['deduct', 'it costs'],
  ['noteOnly', 'it is only noted'],
])
/** What the brief has nothing for is not offered, but stays where it stands. */
const ways = computed(() =>
  namesOf(checks).filter(([kind]) => kind === props.rule.check.kind || checks[kind].offered(props.brief)),
)
const how = computed({
  get: () => props.rule.check.kind,
  set: (kind) => (props.rule.check = checks[kind].fresh(props.brief)),
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
const bonus = computed(() => sectionOf(props.rule) === 'bonus')
const deduct = computed(() => (props.rule.ifMissed.kind === 'deduct' ? props.rule.ifMissed : undefined))
const fails = computed(() => (props.rule.ifMissed.kind === 'failurePoints' ? props.rule.ifMissed : undefined))
</script>

<template>
  <div class="sentence small at-rest not-on-paper">
    Checked by
    <InlineChoice v-model="how" label="How it is checked" :at="`${at}/check`" :options="ways" />
    <component
      :is="anyOf(checks[rule.check.kind].fields)"
      :key="rule.check.kind"
      :check="rule.check"
      :at="`${at}/check`"
    />, <InlineChoice v-model="when" label="When it is checked" :at="`${at}/when`" :options="whens" />;
    <template v-if="bonus"
      >it earns <InlineNumber v-model="rule.bonus" label="Bonus" :at="`${at}/bonus`" /> points;</template
    >
    if not,
    <InlineChoice
      v-model="ifMissed"
      label="What happens if it is missed"
      :at="`${at}/ifMissed`"
      :options="consequences"
    />
    <PartChoice v-if="fails" v-model="fails.part" label="Part" :at="`${at}/ifMissed/part`" />
    <template v-if="deduct">
      <InlineNumber v-model="deduct.points" label="Points lost" :at="`${at}/ifMissed/points`" />
      {{ deduct.points === 1 ? 'point' : 'points' }}
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
        <InlineNumber v-model="deduct.each" label="Units of a step" :at="`${at}/ifMissed/each`" /> it is missed by
      </template> </template
    >.
    <details class="more extra">
      <summary>More</summary>
      <template v-if="!bonus"
        >Keeping this earns <InlineNumber v-model="rule.bonus" label="Bonus" :at="`${at}/bonus`" /> points.
      </template>
      <CardChoice v-model="rule.onlyFor" label="For whom the rule holds" :at="`${at}/onlyFor`" all="every team">
        It holds for
      </CardChoice>
      <InlineCheck v-model="rule.off" label="Left out here (a tier can bring it in)" />
    </details>
  </div>
</template>

<style scoped>
.sentence {
  color: var(--muted);
  line-height: 1.75;
  padding-left: var(--space-8);
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
