<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, RuleCheck } from '../../../api/names'
import InlineCheck from '../fields/InlineCheck.vue'
import InlineChoice from '../fields/InlineChoice.vue'
import InlineNumber from '../fields/InlineNumber.vue'
import InlineText from '../fields/InlineText.vue'
import type { Pairs } from '../words'

/** The fields of checks other than looking and measuring: boxes, budgets, pieces. */
const props = defineProps<{ check: RuleCheck; brief: Brief; at: string }>()
const lengths = computed((): Pairs<string> =>
  props.brief.measures.filter((m) => m.kind === 'length').map((m) => [m.id, m.name || m.id] as const),
)
const partsOf = (kind: string): Pairs<string> =>
  props.brief.method.parts.filter((p) => p.kind === kind).map((p) => [p.id, p.name || p.id] as const)
const groups = computed((): Pairs<string> => {
  if (props.check.kind !== 'share') return []
  const { part: id, label } = props.check
  const part = props.brief.method.parts.find((p) => p.id === id)
  return part?.kind === 'pieces' ? part[label].values.map((v) => [v.name, v.name] as const) : []
})
const sides = [
  ['first', 'the first label'],
  ['second', 'the second label'],
] as const
</script>

<template>
  <template v-if="check.kind === 'fits'">
    with
    <template v-for="(_, i) in check.dimensions" :key="i">
      <InlineChoice
        v-model="check.dimensions[i]!"
        :label="`Dimension ${i + 1}`"
        :at="`${at}/dimensions/${i}`"
        :options="lengths"
      />
      within
      <InlineText v-model="check.room[i]!" :label="`Room ${i + 1}`" :at="`${at}/room/${i}`" placeholder="30 cm" />
    </template>
    <button
      v-if="check.dimensions.length < 3"
      type="button"
      class="act"
      @click="(check.dimensions.push(lengths[0]?.[0] ?? ''), check.room.push(''))"
    >
      and another
    </button>
    <InlineCheck v-model="check.turning" label="it may be turned" />
  </template>
  <template v-else-if="check.kind === 'spending'">
    against the funds of
    <InlineChoice v-model="check.part" label="Budget" :at="`${at}/part`" :options="partsOf('budget')" />
  </template>
  <template v-else-if="check.kind === 'share'">
    of <InlineChoice v-model="check.part" label="Pieces" :at="`${at}/part`" :options="partsOf('pieces')" />, by
    <InlineChoice v-model="check.label" label="Label" :options="sides" />, that are
    <InlineChoice v-model="check.group" label="Group" :at="`${at}/group`" :options="groups" />:
    <InlineNumber v-model="check.percent" label="Percent" :at="`${at}/percent`" /> percent of their
    <InlineChoice
      v-model="check.of"
      label="Share of"
      :options="[
        ['count', 'number'],
        ['points', 'points'],
      ]"
    />, give or take <InlineNumber v-model="check.tolerance" label="Tolerance" :at="`${at}/tolerance`" />
  </template>
  <template v-else-if="check.kind === 'ladder'">
    of <InlineChoice v-model="check.part" label="Pieces" :at="`${at}/part`" :options="partsOf('pieces')" />: each size
    of <InlineChoice v-model="check.label" label="Label" :options="sides" /> at least
    <InlineNumber v-model="check.times" label="Times as large" :at="`${at}/times`" /> times the one before, by
    <InlineChoice
      v-model="check.dimension"
      label="What is compared"
      :options="[
        ['length', 'length'],
        ['width', 'width'],
        ['area', 'area'],
      ]"
    />
  </template>
  <template v-else-if="check.kind === 'ratio'">
    of <InlineChoice v-model="check.part" label="Pieces" :at="`${at}/part`" :options="partsOf('pieces')" />, from
    <InlineNumber v-model="check.atLeast" label="Smallest ratio" :at="`${at}/atLeast`" /> to
    <InlineNumber v-model="check.atMost" label="Largest ratio" :at="`${at}/atMost`" />, to
    <InlineNumber v-model="check.decimals" label="Decimals" :at="`${at}/decimals`" /> decimals
  </template>
  <template v-else-if="check.kind === 'allDifferent'">
    of <InlineChoice v-model="check.part" label="Pieces" :at="`${at}/part`" :options="partsOf('pieces')" />, from group
    to group of <InlineChoice v-model="check.label" label="Label" :options="sides" />, to
    <InlineNumber v-model="check.decimals" label="Decimals" :at="`${at}/decimals`" /> decimals
  </template>
</template>
