<script setup lang="ts">
import { computed } from 'vue'
import { api, ask } from '../../api/client'
import type { Brief, Measure, MeasureKind } from '../../api/names'
import { useLoad } from '../../shared/useLoad'
import InlineNumber from './InlineNumber.vue'
import InlineText from './InlineText.vue'
import { newMeasure } from './newItems'

/** What is measured: name, kind, unit, how finely, how often. */
const props = defineProps<{ brief: Brief }>()
const { data, load } = useLoad(() => ask(api.GET('/api/units')))
void load()

const kinds: readonly (readonly [MeasureKind, string])[] = [
  ['length', 'a length'],
  ['area', 'an area'],
  ['mass', 'a mass'],
  ['force', 'a force'],
  ['volume', 'a volume'],
  ['duration', 'a time'],
  ['temperature', 'a temperature'],
  ['angle', 'an angle'],
  ['count', 'a count'],
  ['money', 'an amount of money'],
  ['percent', 'a percentage'],
  ['number', 'a plain number'],
  ['yesNo', 'yes or no'],
  ['level', 'a level in words'],
]
const units = computed(() => new Map(data.value?.map((u) => [u.kind, u.units])))
const unitsOf = (measure: Measure) => units.value.get(measure.kind) ?? []

const usual: Partial<Record<MeasureKind, string>> = {
  length: 'cm',
  area: 'cm²',
  mass: 'g',
  force: 'N',
  volume: 'mL',
  duration: 's',
  temperature: '°C',
  angle: '°',
  percent: '%',
}
function changeKind(measure: Measure, kind: MeasureKind) {
  measure.kind = kind
  measure.unit = usual[kind] ?? ''
  measure.levels = kind === 'level' ? ['low', 'high'] : []
  if (kind !== 'mass') measure.weights = []
  if (kind !== 'length') delete measure.laidOut
}
const add = () => void props.brief.measures.push(newMeasure(props.brief, 'length', 'cm'))
const remove = (i: number) => void props.brief.measures.splice(i, 1)
const levels = (measure: Measure) => measure.levels.join(', ')
const setLevels = (measure: Measure, text: string) => (measure.levels = text.split(',').map((l) => l.trim()))
</script>

<template>
  <section aria-labelledby="measures">
    <h2 id="measures">What is measured</h2>
    <ul>
      <li v-for="(m, i) in brief.measures" :key="m.id" :data-at="`/measures/${m.id}`" tabindex="-1">
        <p class="line">
          <InlineText
            v-model="m.name"
            label="Name of the measure"
            :at="`/measures/${m.id}/name`"
            placeholder="such as height"
          />
          is
          <select
            class="inline"
            aria-label="Kind of measure"
            :value="m.kind"
            :data-at="`/measures/${m.id}/kind`"
            @change="changeKind(m, ($event.target as HTMLSelectElement).value as MeasureKind)"
          >
            <option v-for="[value, name] in kinds" :key="value" :value="value">{{ name }}</option>
          </select>
          <template v-if="unitsOf(m).length > 1 && !m.laidOut">
            in
            <select v-model="m.unit" class="inline" aria-label="Unit" :data-at="`/measures/${m.id}/unit`">
              <option v-for="u in unitsOf(m)" :key="u" :value="u">{{ u }}</option>
            </select>
          </template>
          <template v-else-if="m.kind === 'count' || m.kind === 'money' || m.laidOut">
            of
            <InlineText
              v-model="m.unit"
              label="What is counted"
              :at="`/measures/${m.id}/unit`"
              placeholder="such as beads"
            />
          </template>
          <template v-if="m.kind === 'level'">
            from low to high:
            <input
              class="inline"
              aria-label="Levels, from low to high"
              :value="levels(m)"
              :data-at="`/measures/${m.id}/levels`"
              @change="setLevels(m, ($event.target as HTMLInputElement).value)"
            />
          </template>
          <template v-else-if="m.kind !== 'yesNo'">
            to the nearest <InlineNumber v-model="m.step" label="Step" :at="`/measures/${m.id}/step`" /> </template
          >, read
          <select v-model="m.taken" class="inline" aria-label="When it is read">
            <option value="eachAttempt">in every attempt</option>
            <option value="once">once</option>
          </select>
        </p>
        <p class="small">
          <InlineText
            v-model="m.how"
            label="How to measure it"
            :at="`/measures/${m.id}/how`"
            placeholder="How: where from, where to"
          />
          <button type="button" class="act" :aria-label="`Take out: ${m.name || m.kind}`" @click="remove(i)">
            Take out
          </button>
        </p>
      </li>
    </ul>
    <button type="button" class="act" data-at="/measures" @click="add">Add a measure</button>
  </section>
</template>

<style scoped>
li {
  padding: 0.5rem 0;
  border-bottom: var(--stitch);
}
.line {
  line-height: 1.8;
}
.small {
  display: flex;
  justify-content: space-between;
  gap: 0.75rem;
}
.small > span {
  flex: 1;
  min-width: 0;
}
</style>
