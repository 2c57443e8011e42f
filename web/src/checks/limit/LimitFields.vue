<script setup lang="ts">
import { computed } from 'vue'
import type { RuleCheckOf } from '@/api/names'
import FigureChoice from '@/fields/FigureChoice.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import { comparisons } from '@/fields/words'

/** A figure compared with a limit: fixed, for each member, or by the team's last round. */
const props = defineProps<{ check: RuleCheckOf<'limit'>; at: string }>()
const against = computed({
  get: () => (typeof props.check.percentOfLastRound === 'number' ? 'last' : props.check.perMember ? 'member' : 'fixed'),
  set: (way) => {
    props.check.perMember = way === 'member'
    props.check.percentOfLastRound = way === 'last' ? 75 : undefined
  },
})
</script>

<template>
  <FigureChoice v-model="check.value" label="What is measured" :at="`${at}/value`" />
  <InlineChoice v-model="check.comparison" label="Comparison" :at="`${at}/comparison`" :options="comparisons" />
  <InlineNumber
    v-if="against === 'last'"
    v-model="check.percentOfLastRound"
    label="Percent of the last round"
    :at="`${at}/percentOfLastRound`"
  />
  <InlineText v-else v-model="check.amount" label="Limit" :at="`${at}/amount`" placeholder="such as 30 cm" />
  <template v-if="check.comparison === 'between'">
    to
    <InlineText v-model="check.upper" label="Upper limit" :at="`${at}/upper`" placeholder="such as 40 cm" />
  </template>
  <InlineChoice
    v-model="against"
    label="What the limit is"
    :class="{ extra: against === 'fixed' }"
    :options="[
      ['fixed', 'in all'],
      ['member', 'for each member'],
      ['last', 'percent of the team’s last round'],
    ]"
  />
</template>
