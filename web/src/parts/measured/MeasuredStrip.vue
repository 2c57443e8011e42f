<script setup lang="ts">
import { computed } from 'vue'
import type { MeasuredPart } from '@/api/names'
import CurveFields from '@/curves/CurveFields.vue'
import CombineFields from '@/fields/CombineFields.vue'
import FigureChoice from '@/fields/FigureChoice.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import type { Pairs } from '@/fields/pairs'
import { works } from '@/fields/words'
import { useWriting } from '@/fields/writing'

/** Points for a figure. Two figures are put together in words; anything else is a calculation. */
const props = defineProps<{ part: MeasuredPart }>()
const { checkup, brief } = useWriting()
const at = computed(() => `/method/parts/${props.part.id}`)
type Way = '' | '/' | '-' | '+' | '*'
const ways: Pairs<Way> = [
  ['', 'alone'],
  ['/', 'for each'],
  ['-', 'less'],
  ['+', 'plus'],
  ['*', 'times'],
]
const facts = computed(() => checkup.value?.facts ?? [])
const known = (id: string | undefined) => facts.value.some((f) => f.id === id)

/** The expression as "this", or "this [way] that", where it is no more than that; undefined for a calculation. */
const read = computed((): { first: string; way: Way; second: string } | undefined => {
  const two = /^\s*([\w.]+)\s*(?:([-+*/])\s*([\w.]+)\s*)?$/.exec(props.part.value)
  if (!two || !known(two[1]) || (two[2] && !known(two[3]))) return undefined
  return { first: two[1] ?? '', way: (two[2] ?? '') as Way, second: two[3] ?? '' }
})
/** Two figures in words; one alone, or a calculation, is the choice itself. */
const pair = computed(() => (read.value?.way ? read.value : undefined))
const write = (first: string, way: Way, second: string) => {
  props.part.value = way === '' ? first : `${first} ${way} ${second}`
}
const other = (first: string) =>
  brief.value?.measures.find((m) => m.id !== first)?.id ?? facts.value.find((f) => f.id !== first)?.id ?? first
const first = computed({
  get: () => pair.value?.first ?? props.part.value,
  set: (id) => (pair.value ? write(id, pair.value.way, pair.value.second) : (props.part.value = id)),
})
const second = computed({
  get: () => pair.value?.second ?? '',
  set: (id) => pair.value && write(pair.value.first, pair.value.way, id),
})
const way = computed({
  get: () => read.value?.way ?? '',
  set: (value) => read.value && write(read.value.first, value, read.value.second || other(read.value.first)),
})
const together = computed(() => !read.value || way.value !== '')
/** A figure with a name says by itself which attempts count and which way is better. */
const named = computed(() => brief.value?.figures.some((f) => f.id === props.part.value) ?? false)
const of = computed(() => (together.value ? undefined : brief.value?.measures.find((m) => m.id === props.part.value)))
</script>

<template>
  <p class="line">
    Scores
    <FigureChoice v-model="first" label="Figure of the part" :at="`${at}/value`" :plain="pair !== undefined" />
    <InlineChoice v-if="read" v-model="way" label="Alone or with another" :options="ways" />
    <FigureChoice v-if="pair" v-model="second" label="The other figure" :at="`${at}/value`" plain />
    <template v-if="named">, which says by itself what counts.</template>
    <template v-else>
      ; <CombineFields :of="part" :at="at" :levels="of?.levels" />
      <template v-if="together">
        It is worked out
        <InlineChoice v-model="part.work" label="Where it is worked out" :options="works" />.
      </template>
    </template>
  </p>
  <CurveFields v-model="part.curve" :at="`${at}/curve`" :of="of" />
</template>
