<script setup lang="ts">
import { computed, ref } from 'vue'
import { api } from '@/api/client'
import type { Brief, Fix, Measure, MeasureKind, SummaryKind } from '@/api/names'
import InlineAmount from '@/fields/InlineAmount.vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineText from '@/fields/InlineText.vue'
import InlineWords from '@/fields/InlineWords.vue'
import ItemLines from '@/fields/ItemLines.vue'
import FigureList from './FigureList.vue'
import CarriedName from '@/stations/brief/CarriedName.vue'
import { newMeasure } from '@/stations/brief/newItems'
import type { Pairs } from '@/fields/pairs'
import { better, kindsOfMeasure } from '@/fields/words'
import { useWriting } from '@/fields/writing'
import { done } from '@/shared/useDone'
import { copyOf } from '@/shared/copyOf'

/** What is measured: name, kind, unit, how finely, how often, and what teams will reach. */
const props = defineProps<{ brief: Brief }>()
const { checkup, choices, applyChanges } = useWriting()
const units = computed(() => new Map(choices.value?.units.map((u) => [u.kind, u])))
const unitsOf = (measure: Measure): Pairs<string> =>
  (units.value.get(measure.kind)?.units ?? []).map((u) => [u, u] as const)

/** What came of a change, at the measure that it was made to. */
const said = ref<{ measure: string; text: string }>()
const say = (measure: Measure, { label, but }: Fix) =>
  (said.value = { measure: measure.id, text: [label, but].filter(Boolean).join(' ') })
/** What is written in the old unit is converted with it, and that is said; the server knows how. */
async function changeUnit(measure: Measure, unit: string) {
  const since = copyOf(props.brief)
  const answer = await done(
    api.POST('/api/drafts/unit', { body: { brief: since, measure: measure.id, unit, tier: '' } }),
  )
  if (answer.ok) {
    await applyChanges(answer.data.changes, since)
    say(measure, answer.data)
    return
  }
  measure.unit = unit
  said.value = {
    measure: measure.id,
    text: 'Nothing was converted to the new unit. Look at the numbers here and under Method.',
  }
}
async function changeKind(measure: Measure, kind: MeasureKind) {
  const since = copyOf(props.brief)
  const answer = await done(api.POST('/api/drafts/kind', { body: { brief: since, measure: measure.id, kind } }))
  if (!answer.ok) return
  await applyChanges(answer.data.changes, since)
  say(measure, answer.data)
}
function layOut(measure: Measure, on: boolean) {
  measure.laidOut = on ? { name: 'shells' } : undefined
  measure.unit = on ? 'shells' : (checkup.value?.lengths.unit ?? 'cm')
}
const rename = (measure: Measure, name: string) => {
  measure.unit = name
  if (measure.laidOut) measure.laidOut.name = name
}
const canBeLoad = (measure: Measure) => ['mass', 'force', 'count', 'number'].includes(measure.kind)
const expect = (measure: Measure, on: boolean) =>
  (measure.expected = on ? { low: 0, high: Math.max(measure.levels.length - 1, 0) || 100 } : undefined)
const calibrate = (weight: Measure['weights'][number], on: boolean) => {
  weight.calibration = on ? { count: 10, totalGrams: 20, scaleStep: 1 } : undefined
}
const sums = computed((): Pairs<SummaryKind> => (choices.value?.summaries ?? []).map((s) => [s.value, s.name] as const))
function toggle(kind: SummaryKind, on: boolean) {
  const list = props.brief.summaries
  if (on) list.push(kind)
  else list.splice(list.indexOf(kind), 1)
}
</script>

<template>
  <section aria-labelledby="measures">
    <h2 id="measures">What is measured</h2>
    <ItemLines
      v-slot="{ item: m }"
      :items="brief.measures"
      one="measure"
      at="/measures"
      :fresh="() => newMeasure(brief, checkup?.lengths)"
    >
      <CarriedName :brief="brief" :name="m.name"
        ><InlineText
          v-model="m.name"
          label="Name of the measure"
          :at="`/measures/${m.id}/name`"
          placeholder="such as height"
      /></CarriedName>
      is
      <InlineChoice
        :model-value="m.kind"
        label="Kind of measure"
        :at="`/measures/${m.id}/kind`"
        :options="kindsOfMeasure"
        @update:model-value="(kind) => changeKind(m, kind)"
      />
      <template v-if="unitsOf(m).length > 1 && !m.laidOut">
        in
        <InlineChoice
          :model-value="m.unit"
          label="Unit"
          :at="`/measures/${m.id}/unit`"
          :options="unitsOf(m)"
          @update:model-value="(unit) => changeUnit(m, unit)"
        />
      </template>
      <template v-else-if="m.kind === 'count' || m.kind === 'money' || m.laidOut">
        of
        <InlineText
          :model-value="m.unit"
          label="What is counted"
          :at="`/measures/${m.id}/unit`"
          placeholder="such as beads"
          @update:model-value="(name) => rename(m, name ?? '')"
        />
      </template>
      <template v-if="m.kind === 'level'">
        from low to high:
        <InlineWords v-model="m.levels" label="Levels, from low to high" :at="`/measures/${m.id}/levels`" />
      </template>
      <template v-else-if="m.kind !== 'yesNo'">
        to the nearest <InlineNumber v-model="m.step" label="Step" :at="`/measures/${m.id}/step`" wide /> </template
      >, read
      <InlineChoice
        v-model="m.taken"
        label="When it is read"
        :options="[
          ['eachAttempt', 'in every attempt'],
          ['once', 'once'],
        ]"
      />
      <p v-if="said?.measure === m.id" class="small" role="status">{{ said.text }}</p>
      <p class="small">
        <InlineText
          v-model="m.how"
          label="How to measure it"
          :at="`/measures/${m.id}/how`"
          placeholder="How: where from, where to"
        />
      </p>
      <p class="small muted">
        <template v-if="m.expected">
          Teams will reach from
          <InlineAmount
            v-model="m.expected.low"
            label="Weakest expected"
            :levels="m.levels"
            :at="`/measures/${m.id}/expected/low`"
            wide
          />
          to
          <InlineAmount
            v-model="m.expected.high"
            label="Best expected"
            :levels="m.levels"
            :at="`/measures/${m.id}/expected/high`"
            wide
          />
          {{ m.unit }}
          <button type="button" class="act" @click="expect(m, false)">not known</button>
        </template>
        <button v-else type="button" class="act" :data-at="`/measures/${m.id}/expected`" @click="expect(m, true)">
          Enter expected results
        </button>
      </p>
      <p v-if="m.kind !== 'yesNo'" class="small muted">
        Your own trial build reached
        <InlineAmount
          v-model="m.benchmark"
          label="Your trial build"
          :levels="m.levels"
          :at="`/measures/${m.id}/benchmark`"
          placeholder="not tried"
          wide
        />
        {{ typeof m.benchmark === 'number' ? m.unit : '' }}
      </p>
      <details class="small">
        <summary>More about {{ m.name || 'it' }}</summary>
        <p class="line">
          <InlineCheck v-model="m.negative" label="may be below zero" />
          <InlineCheck v-if="m.loadTest || canBeLoad(m)" v-model="m.loadTest" label="is the last load held" />
          <InlineCheck
            v-if="m.kind === 'length'"
            :model-value="!!m.laidOut"
            label="in things laid end to end"
            @update:model-value="(on) => layOut(m, on ?? false)"
          />
          <template v-if="m.laidOut">
            , each
            <InlineNumber
              v-model="m.laidOut.centimetres"
              label="Length of one"
              :at="`/measures/${m.id}/laidOut/centimetres`"
            />
            cm
          </template>
        </p>
        <p class="line">
          <template v-if="m.kind === 'count'">
            They come in rolls of <InlineNumber v-model="m.roll" label="In a roll" :at="`/measures/${m.id}/roll`" /> (0:
            all loose).
          </template>
          A container weighs <InlineNumber v-model="m.tare" label="Tare" :at="`/measures/${m.id}/tare`" />. A reading is
          good to <InlineNumber v-model="m.goodTo" label="Good to" :at="`/measures/${m.id}/goodTo`" /> (one standard
          uncertainty; empty: the step decides). By itself
          <InlineChoice
            :model-value="m.better ?? 'more'"
            label="Better by itself"
            :options="better"
            @update:model-value="(value) => (m.better = value)"
          />
          is better, and a failed attempt counts as
          <InlineNumber
            v-model="m.failureValue"
            label="Failure value of the measure"
            :at="`/measures/${m.id}/failureValue`"
          />.
        </p>
        <ItemLines
          v-if="m.kind === 'mass'"
          v-slot="{ item: w, i }"
          :items="m.weights"
          one="weight"
          add="Count it in weights"
          :at="`/measures/${m.id}/weights`"
          :fresh="() => ({ name: '', grams: 1, roll: 0 })"
        >
          <InlineText
            v-model="w.name"
            label="Weight"
            :at="`/measures/${m.id}/weights/${i}/name`"
            placeholder="such as bead"
          />
          <template v-if="w.calibration">
            :
            <InlineNumber
              v-model="w.calibration.count"
              label="Weighed together"
              :at="`/measures/${m.id}/weights/${i}/calibration/count`"
            />
            of them weigh
            <InlineNumber
              v-model="w.calibration.totalGrams"
              label="Together in grams"
              :at="`/measures/${m.id}/weights/${i}/calibration/totalGrams`"
              wide
            />
            g on a scale that shows
            <InlineNumber
              v-model="w.calibration.scaleStep"
              label="Step of the scale"
              :at="`/measures/${m.id}/weights/${i}/calibration/scaleStep`"
            />
            g
            <button type="button" class="act" @click="calibrate(w, false)">known mass</button>
          </template>
          <template v-else>
            weighs <InlineNumber v-model="w.grams" label="Grams each" :at="`/measures/${m.id}/weights/${i}/grams`" /> g
            <button type="button" class="act" @click="calibrate(w, true)">weigh many together</button>
          </template>
        </ItemLines>
      </details>
    </ItemLines>
    <FigureList :brief="brief" />
    <h3>What the class does with its numbers</h3>
    <ul class="summaries">
      <li v-for="[kind, name] in sums" :key="kind">
        <InlineCheck
          :model-value="brief.summaries.includes(kind)"
          :label="name"
          @update:model-value="(on) => toggle(kind, on ?? false)"
        />
      </li>
    </ul>
    <p class="small muted">
      Quartiles
      <InlineChoice
        v-model="brief.quartiles"
        label="How quartiles are taught"
        :options="[
          ['halvesWithoutMedian', 'by halves without the middle'],
          ['halvesWithMedian', 'by halves with the middle'],
          ['inclusive', 'as spreadsheets do, inclusive'],
          ['exclusive', 'as spreadsheets do, exclusive'],
        ]"
      />
    </p>
  </section>
</template>

<style scoped>
summary {
  cursor: pointer;
  min-height: 24px;
  color: var(--muted);
}
h3 {
  margin-top: var(--space-5);
}
.summaries {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-1) var(--space-5);
}
</style>
