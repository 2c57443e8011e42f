<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Curve, MeasuredPart } from '../../api/names'
import InlineNumber from './InlineNumber.vue'
import InlineText from './InlineText.vue'

/** A measured part of the method, as sentences with their values as fields. */
const props = defineProps<{ part: MeasuredPart; brief: Brief }>()
defineEmits<{ remove: [] }>()
const at = computed(() => `/method/parts/${props.part.id}`)
const combines: readonly (readonly [MeasuredPart['combine'], string])[] = [
  ['best', 'the best attempt'],
  ['worst', 'the weakest attempt'],
  ['mean', 'the mean of all attempts'],
  ['median', 'the middle attempt'],
  ['sum', 'all attempts added up'],
  ['first', 'the first attempt'],
  ['last', 'the last attempt'],
  ['bestMean', 'the mean of the best'],
  ['successes', 'how many attempts count'],
]
/** Combinings that take a failed attempt at a value of its own. */
const takesFailed = computed(() => ['worst', 'mean', 'median', 'sum', 'first', 'last'].includes(props.part.combine))

const calculation = computed(() => props.brief.measures.every((m) => m.id !== props.part.value))
const source = computed({
  get: () => (calculation.value ? '' : props.part.value),
  set: (value: string) => (props.part.value = value === '' ? `${props.part.value} * 1` : value),
})
const curveKind = computed({
  get: () => props.part.curve.kind,
  set: (kind) => {
    props.part.curve =
      kind === 'bands'
        ? { kind, edges: [{ from: 0, points: 0 }], below: 0 }
        : ({ kind: 'rate', perUnit: 1, start: 0 } satisfies Curve)
  },
})
const rate = computed(() => (props.part.curve.kind === 'rate' ? props.part.curve : undefined))
const bands = computed(() => (props.part.curve.kind === 'bands' ? props.part.curve : undefined))
function addBand() {
  const edges = bands.value?.edges ?? []
  const last = edges.at(-1)
  edges.push({ from: last ? last.from + 10 : 0, points: last ? last.points + 1 : 1 })
}
</script>

<template>
  <div class="part" :data-at="at" tabindex="-1">
    <h3>
      <InlineText v-model="part.name" label="Name of the part" :at="`${at}/name`" placeholder="Name, such as Height" />
      <button type="button" class="act" :aria-label="`Take out: ${part.name || 'part'}`" @click="$emit('remove')">
        Take out
      </button>
    </h3>
    <p class="line">
      It looks at
      <select
        v-model="source"
        class="inline"
        aria-label="What the part looks at"
        :data-at="calculation ? undefined : `${at}/value`"
      >
        <option v-for="m in brief.measures" :key="m.id" :value="m.id">{{ m.name || m.id }}</option>
        <option value="">a calculation</option>
      </select>
      <InlineText
        v-if="calculation"
        v-model="part.value"
        label="Calculation"
        :at="`${at}/value`"
        placeholder="such as height / sheets"
      />;
      <select v-model="part.better" class="inline" aria-label="Which direction is better">
        <option value="more">more</option>
        <option value="less">less</option>
      </select>
      is better. What counts is
      <select v-model="part.combine" class="inline" aria-label="What counts" :data-at="`${at}/combine`">
        <option v-for="[value, name] in combines" :key="value" :value="value">{{ name }}</option>
      </select>
      <InlineNumber
        v-if="part.combine === 'bestMean'"
        v-model="part.bestOf"
        label="Of how many"
        :at="`${at}/bestOf`"
      />.
      <template v-if="takesFailed">
        A failed attempt counts as
        <InlineNumber v-model="part.failureValue" label="Value of a failed attempt" :at="`${at}/failureValue`" />.
      </template>
    </p>
    <p class="line">
      Points:
      <select v-model="curveKind" class="inline" aria-label="How points are worked out" :data-at="`${at}/curve`">
        <option value="rate">so many for each unit</option>
        <option value="bands">by bands</option>
        <option v-if="!rate && !bands" :value="part.curve.kind">as the file says ({{ part.curve.kind }})</option>
      </select>
      <template v-if="rate">
        : <InlineNumber v-model="rate.start" label="Points to begin with" :at="`${at}/curve/start`" /> to begin with and
        <InlineNumber v-model="rate.perUnit" label="Points for each unit" :at="`${at}/curve/perUnit`" /> for each one,
        at least <InlineNumber v-model="part.floor" label="Fewest points" :at="`${at}/floor`" />, at most
        <InlineNumber v-model="part.cap" label="Most points" :at="`${at}/cap`" />.
      </template>
    </p>
    <template v-if="bands">
      <ul class="bands">
        <li>
          Below the first:
          <InlineNumber v-model="bands.below" label="Points below the first band" :at="`${at}/curve/below`" /> points
        </li>
        <li v-for="(edge, i) in bands.edges" :key="i">
          from
          <InlineNumber v-model="edge.from" :label="`Band ${i + 1} from`" :at="`${at}/curve/edges/${i}/from`" wide />:
          <InlineNumber v-model="edge.points" :label="`Band ${i + 1} points`" :at="`${at}/curve/edges/${i}/points`" />
          points
          <button type="button" class="act" :aria-label="`Take out band ${i + 1}`" @click="bands.edges.splice(i, 1)">
            Take out
          </button>
        </li>
      </ul>
      <button type="button" class="act" :data-at="`${at}/curve/edges`" @click="addBand">Add a band</button>
    </template>
    <p class="line">
      No success gives
      <InlineNumber v-model="part.failurePoints" label="Failure points" :at="`${at}/failurePoints`" /> points.
    </p>
  </div>
</template>

<style scoped>
.line {
  line-height: 1.8;
}
.bands li {
  line-height: 1.8;
}
</style>
