<script setup lang="ts">
import { computed } from 'vue'
import type { BudgetPart, Rule } from '@/api/names'
import { freeIn } from '@/fields/freeId'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import { useWriting } from '@/fields/writing'

/** What spending more than there is costs: a constraint of the brief, which the student sheet shows. */
const props = defineProps<{ part: BudgetPart }>()
const { brief } = useWriting()
const rule = computed(() =>
  brief.value?.rules.find((r) => r.check.kind === 'spending' && r.check.part === props.part.id),
)
type Costs = 'nothing' | Rule['ifMissed']['kind']
const fresh = (rules: readonly Rule[]): Rule => ({
  id: freeIn(rules, 'constraint'),
  sort: 'constraint',
  text: 'Spend no more than you have',
  check: { kind: 'spending', part: props.part.id },
  when: 'afterTest',
  ifMissed: { kind: 'noteOnly' },
  onlyFor: '',
  bonus: 0,
  off: false,
})
const costs = computed<Costs>({
  get: () => rule.value?.ifMissed.kind ?? 'nothing',
  set(kind) {
    if (!brief.value) return
    const rules = brief.value.rules
    if (kind === 'nothing') return void (rule.value && rules.splice(rules.indexOf(rule.value), 1))
    if (!rule.value) rules.push(fresh(rules))
    rule.value!.ifMissed =
      kind === 'deduct' ? { kind, points: 1, per: 'unit', each: 1 } : { kind: kind as 'noteOnly' | 'doesNotPlace' }
  },
})
const choices = computed(() => [
  ['nothing', 'has no rule'] as const,
  ['noteOnly', 'is only noted'] as const,
  ['deduct', 'costs'] as const,
  ['doesNotPlace', 'means no place'] as const,
])
</script>

<template>
  <p class="line">
    Spending more than that
    <InlineChoice v-model="costs" label="What overspending costs" :options="choices" />
    <template v-if="rule?.ifMissed.kind === 'deduct'">
      <InlineNumber v-model="rule.ifMissed.points" label="Points" :at="`/rules/${rule.id}/ifMissed/points`" />
      {{ rule.ifMissed.points === 1 ? 'point' : 'points' }} for each
      <InlineNumber v-model="rule.ifMissed.each" label="For so much" :at="`/rules/${rule.id}/ifMissed/each`" />
      {{ part.money }} too much.
    </template>
    <span v-if="rule" class="small muted">It stands under Constraints on the sheet.</span>
  </p>
</template>
