<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Brief, MeasuredPart } from '../../../api/names'
import InlineChoice from '../fields/InlineChoice.vue'
import InlineNumber from '../fields/InlineNumber.vue'
import InlineText from '../fields/InlineText.vue'
import { better, combines, takesFailed, type Pairs } from '../words'
import CurveFields from './CurveFields.vue'

/** Points for something measured. Two measures are put together in words; anything else is a calculation. */
const props = defineProps<{ part: MeasuredPart; brief: Brief }>()
const at = computed(() => `/method/parts/${props.part.id}`)
type Way = '' | '/' | '-' | '+' | '*' | 'calculation'
const ways: Pairs<Way> = [
  ['', 'alone'],
  ['/', 'for each'],
  ['-', 'less'],
  ['+', 'plus'],
  ['*', 'times'],
  ['calculation', 'as a calculation'],
]
const measures = computed((): Pairs<string> => props.brief.measures.map((m) => [m.id, m.name || m.id] as const))
const known = (id: string | undefined) => props.brief.measures.some((m) => m.id === id)

/** Once chosen, a calculation stays one while it is typed, whatever it looks like on the way. */
const typing = ref(false)

/** The expression as "this", or "this [way] that", where it is no more than that. */
const read = computed((): { first: string; way: Way; second: string } => {
  const two = /^\s*(\w+)\s*(?:([-+*/])\s*(\w+)\s*)?$/.exec(props.part.value)
  if (!two || !known(two[1]) || (two[2] && !known(two[3])))
    return { first: '', way: props.part.value === '' ? '' : 'calculation', second: '' }
  return { first: two[1] ?? '', way: (two[2] ?? '') as Way, second: two[3] ?? '' }
})
const write = (first: string, way: Way, second: string) => {
  props.part.value = way === '' ? first : `${first} ${way} ${second}`
}
const other = (first: string) => props.brief.measures.find((m) => m.id !== first)?.id ?? first
const first = computed({
  get: () => read.value.first,
  set: (id) => write(id, read.value.way, read.value.second),
})
const second = computed({ get: () => read.value.second, set: (id) => write(read.value.first, read.value.way, id) })
const way = computed({
  get: () => (typing.value ? 'calculation' : read.value.way),
  set: (value) => {
    const start = read.value.first || props.brief.measures[0]?.id || ''
    typing.value = value === 'calculation'
    if (!typing.value) write(start, value, read.value.second || other(start))
  },
})
const calculation = computed(() => way.value === 'calculation')
const unit = computed(() =>
  way.value === '' ? props.brief.measures.find((m) => m.id === first.value)?.unit : undefined,
)
</script>

<template>
  <p class="line">
    It looks at
    <InlineChoice
      v-if="!calculation"
      v-model="first"
      label="What the part looks at"
      :at="`${at}/value`"
      :options="measures"
    />
    <InlineChoice v-model="way" label="Alone or with another" :options="ways" />
    <InlineChoice v-if="way && !calculation" v-model="second" label="The other measure" :options="measures" />
    <InlineText
      v-if="calculation"
      v-model="part.value"
      label="Calculation"
      :at="`${at}/value`"
      placeholder="such as height / sheets"
    />; <InlineChoice v-model="part.better" label="Which direction is better" :options="better" /> is better. What
    counts is
    <InlineChoice v-model="part.combine" label="What counts" :at="`${at}/combine`" :options="combines" />
    <InlineNumber v-if="part.combine === 'bestMean'" v-model="part.bestOf" label="Of how many" :at="`${at}/bestOf`" />.
    <template v-if="takesFailed(part)">
      A failed attempt counts as
      <InlineNumber v-model="part.failureValue" label="Value of a failed attempt" :at="`${at}/failureValue`" />.
    </template>
    <template v-if="way">
      It is worked out
      <InlineChoice
        v-model="part.work"
        label="Where it is worked out"
        :options="[
          ['eachAttempt', 'in each attempt'],
          ['combined', 'once, from combined measures'],
        ]"
      />.
    </template>
  </p>
  <p v-if="!calculation && way" class="small muted">
    As a calculation: <code>{{ part.value }}</code>
  </p>
  <CurveFields v-model="part.curve" :at="`${at}/curve`" :unit="unit" />
</template>
