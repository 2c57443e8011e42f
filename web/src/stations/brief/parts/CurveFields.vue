<script setup lang="ts">
import { computed } from 'vue'
import type { Curve } from '../../../api/names'
import InlineChoice from '../fields/InlineChoice.vue'
import InlineNumber from '../fields/InlineNumber.vue'
import InlineText from '../fields/InlineText.vue'
import type { Pairs } from '../words'

/** How a value becomes points, as a sentence. */
const props = defineProps<{ at: string; unit?: string }>()
const curve = defineModel<Curve>({ required: true })

const kinds: Pairs<Curve['kind']> = [
  ['rate', 'so many for each unit'],
  ['bands', 'by bands'],
  ['fullSteps', 'for each full step'],
  ['between', 'in proportion between two values'],
  ['place', 'by place'],
  ['shareOfBest', 'as a share of the best team'],
  ['target', 'by closeness to a mark'],
  ['improvement', 'for getting better than last round'],
  ['raw', 'the value itself'],
]
const fresh: Record<Curve['kind'], Curve> = {
  rate: { kind: 'rate', perUnit: 1, start: 0 },
  bands: { kind: 'bands', edges: [{ from: 0, points: 0 }], below: 0 },
  fullSteps: { kind: 'fullSteps', from: 0, each: 5, points: 1, down: false },
  between: { kind: 'between', from: 0, to: 10, points: 10 },
  place: { kind: 'place', points: [10, 8, 6, 4], ties: 'betterPlace' },
  shareOfBest: { kind: 'shareOfBest', points: 50 },
  target: { kind: 'target', at: 10, points: 20, perUnit: 1 },
  improvement: { kind: 'improvement', perPercent: 1 },
  raw: { kind: 'raw' },
}
const kind = computed({
  get: () => curve.value.kind,
  set: (value) => (curve.value = structuredClone(fresh[value])),
})
const side = computed({
  get: () => (curve.value.kind === 'fullSteps' && curve.value.down ? 'below' : 'above'),
  set: (value) => curve.value.kind === 'fullSteps' && (curve.value.down = value === 'below'),
})
const one = computed(() => props.unit || 'one')
const places = computed({
  get: () => (curve.value.kind === 'place' ? curve.value.points.join(', ') : ''),
  set: (text) => {
    if (curve.value.kind !== 'place') return
    // What is no number is passed on as typed: the refusal names this field.
    curve.value.points = text
      .split(/[,;\s]+/)
      .filter(Boolean)
      .map((t) => (Number.isFinite(Number(t)) ? Number(t) : (t as unknown as number)))
  },
})
function addBand() {
  if (curve.value.kind !== 'bands') return
  const edges = curve.value.edges
  const last = edges.at(-1)
  edges.push({ from: last ? last.from + 10 : 0, points: last ? last.points + 1 : 1 })
}
</script>

<template>
  <div class="line">
    Points:
    <InlineChoice v-model="kind" label="How points are worked out" :at="`${at}/kind`" :options="kinds" />
    <span :data-at="at" tabindex="-1"></span>
    <template v-if="curve.kind === 'rate'">
      : <InlineNumber v-model="curve.start" label="Points to begin with" :at="`${at}/start`" /> to begin with and
      <InlineNumber v-model="curve.perUnit" label="Points for each unit" :at="`${at}/perUnit`" /> for each {{ one }}.
    </template>
    <template v-else-if="curve.kind === 'fullSteps'">
      : <InlineNumber v-model="curve.points" label="Points for each full step" :at="`${at}/points`" /> for each full
      <InlineNumber v-model="curve.each" label="How much one step is" :at="`${at}/each`" wide /> {{ unit }}
      <InlineChoice
        v-model="side"
        label="Which way the steps go"
        :at="`${at}/down`"
        :options="[
          ['above', 'above'],
          ['below', 'below'],
        ]"
      />
      <InlineNumber v-model="curve.from" label="Where the steps begin" :at="`${at}/from`" wide /> {{ unit }}.
    </template>
    <template v-else-if="curve.kind === 'between'">
      : 0 at <InlineNumber v-model="curve.from" label="Value for no points" :at="`${at}/from`" wide />, rising to
      <InlineNumber v-model="curve.points" label="All points" :at="`${at}/points`" /> at
      <InlineNumber v-model="curve.to" label="Value for all points" :at="`${at}/to`" wide />.
    </template>
    <template v-else-if="curve.kind === 'place'">
      : <InlineText v-model.lazy="places" label="Points by place" :at="`${at}/points`" placeholder="10, 8, 6" />. Teams
      that tie
      <InlineChoice
        v-model="curve.ties"
        label="Teams that tie"
        :options="[
          ['betterPlace', 'take the better place'],
          ['shareMean', 'share the mean'],
        ]"
      />.
    </template>
    <template v-else-if="curve.kind === 'shareOfBest'">
      : the best team gets <InlineNumber v-model="curve.points" label="Points of the best" :at="`${at}/points`" />, the
      others in proportion.
    </template>
    <template v-else-if="curve.kind === 'target'">
      : <InlineNumber v-model="curve.points" label="Points on the mark" :at="`${at}/points`" /> at exactly
      <InlineNumber v-model="curve.at" label="The mark" :at="`${at}/at`" wide />,
      <InlineNumber v-model="curve.perUnit" label="Points lost per unit" :at="`${at}/perUnit`" /> fewer for each
      {{ one }} off it.
    </template>
    <template v-else-if="curve.kind === 'improvement'">
      : <InlineNumber v-model="curve.perPercent" label="Points per percent" :at="`${at}/perPercent`" /> for each percent
      better than the team's last round.
    </template>
    <template v-else-if="curve.kind === 'bands'">
      : <InlineNumber v-model="curve.below" label="Points below the first band" :at="`${at}/below`" /> below the first.
      <ul>
        <li v-for="(edge, i) in curve.edges" :key="i">
          from
          <InlineNumber v-model="edge.from" :label="`Band ${i + 1} from`" :at="`${at}/edges/${i}/from`" wide />:
          <InlineNumber v-model="edge.points" :label="`Band ${i + 1} points`" :at="`${at}/edges/${i}/points`" />
          points
          <button type="button" class="act" :aria-label="`Take out band ${i + 1}`" @click="curve.edges.splice(i, 1)">
            Take out
          </button>
        </li>
      </ul>
      <button type="button" class="act" :data-at="`${at}/edges`" @click="addBand">Add a band</button>
    </template>
  </div>
</template>
