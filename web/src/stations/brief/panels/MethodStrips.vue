<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Part } from '../../../api/names'
import InlineCheck from '../fields/InlineCheck.vue'
import InlineChoice from '../fields/InlineChoice.vue'
import InlineNumber from '../fields/InlineNumber.vue'
import InlineText from '../fields/InlineText.vue'
import ItemLines from '../fields/ItemLines.vue'
import { free, newPart } from '../newItems'
import BinsStrip from '../parts/BinsStrip.vue'
import BudgetStrip from '../parts/BudgetStrip.vue'
import MeasuredStrip from '../parts/MeasuredStrip.vue'
import OrderingStrip from '../parts/OrderingStrip.vue'
import PartFrame from '../parts/PartFrame.vue'
import PiecesStrip from '../parts/PiecesStrip.vue'
import RelayStrip from '../parts/RelayStrip.vue'
import RubricStrip from '../parts/RubricStrip.vue'
import TallyStrip from '../parts/TallyStrip.vue'
import TasksStrip from '../parts/TasksStrip.vue'
import { better, type Pairs } from '../words'
import { useWriting } from '../writing'

/** How it is scored: a strip for each part, which total wins, what decides between equal totals, and awards. */
const props = defineProps<{ brief: Brief }>()
const { checkup } = useWriting()
const kinds: Pairs<Part['kind']> = [
  ['measured', 'Something measured'],
  ['tasks', 'Tasks done'],
  ['relay', 'A relay'],
  ['bins', 'Sorting into bins'],
  ['ordering', 'Sorting into an order'],
  ['pieces', 'Pieces counted'],
  ['rubric', 'Levels of a rubric'],
  ['budget', 'What a budget leaves'],
  ['tally', 'A tally'],
]
const nameOf = new Map(kinds)
const facts = computed((): Pairs<string> => (checkup.value?.facts ?? []).map((f) => [f.id, f.name] as const))
const firstFact = () => props.brief.measures[0]?.id ?? 'team.total'
function add(event: Event) {
  const field = event.target as HTMLSelectElement
  if (field.value) props.brief.method.parts.push(newPart(props.brief, field.value as Part['kind']))
  field.value = ''
}
const remove = (i: number) => void props.brief.method.parts.splice(i, 1)
const freshAward = () => ({
  id: free(
    'award',
    props.brief.method.awards.map((a) => a.id),
  ),
  name: '',
  value: firstFact(),
  better: 'more' as const,
  everyone: false,
  off: false,
})
</script>

<template>
  <section aria-labelledby="method">
    <h2 id="method">Method</h2>
    <ul data-at="/method/parts" tabindex="-1">
      <li v-for="(part, i) in brief.method.parts" :key="part.id">
        <PartFrame :part="part" :says="nameOf.get(part.kind) ?? ''" @remove="remove(i)">
          <MeasuredStrip v-if="part.kind === 'measured'" :part="part" :brief="brief" />
          <TasksStrip v-else-if="part.kind === 'tasks'" :part="part" />
          <RelayStrip v-else-if="part.kind === 'relay'" :part="part" />
          <BinsStrip v-else-if="part.kind === 'bins'" :part="part" />
          <OrderingStrip v-else-if="part.kind === 'ordering'" :part="part" />
          <PiecesStrip v-else-if="part.kind === 'pieces'" :part="part" />
          <RubricStrip v-else-if="part.kind === 'rubric'" :part="part" />
          <BudgetStrip v-else-if="part.kind === 'budget'" :part="part" />
          <TallyStrip v-else :part="part" />
        </PartFrame>
      </li>
    </ul>
    <select class="inline" aria-label="Add a part" @change="add">
      <option value="">Add a part…</option>
      <option v-for="[kind, name] in kinds" :key="kind" :value="kind">{{ name }}</option>
    </select>
    <p class="line">
      The
      <InlineChoice
        v-model="brief.method.wins"
        label="Which total wins"
        at="/method/wins"
        :options="[
          ['highest', 'highest'],
          ['lowest', 'lowest'],
        ]"
      />
      total wins. Points are shown to
      <InlineNumber v-model="brief.method.precision" label="Shown precision of points" at="/method/precision" />, never
      below <InlineNumber v-model="brief.method.floor" label="Lowest total" at="/method/floor" />.
      <InlineCheck v-model="brief.method.ranking" label="Teams get places" at="/method/ranking" />
      <template v-if="brief.method.ranking">
        , counted
        <InlineChoice
          v-model="brief.method.places"
          label="How places are counted"
          :options="[
            ['standard', '1, 2, 2, 4'],
            ['dense', '1, 2, 2, 3'],
          ]"
        />
      </template>
    </p>
    <h3>If totals are equal</h3>
    <ItemLines
      v-slot="{ item, i }"
      :items="brief.method.tieBreaks"
      one="tie-break"
      at="/method/tieBreaks"
      :fresh="() => ({ name: '', value: firstFact(), better: 'more' as const, off: false })"
    >
      <InlineText
        v-model="item.name"
        label="Name of the tie-break"
        :at="`/method/tieBreaks/${i}/name`"
        placeholder="such as fewer sheets"
      />
      decides:
      <InlineChoice v-model="item.better" label="More or less" :options="better" />
      <InlineChoice
        v-model="item.value"
        label="What the tie-break looks at"
        :at="`/method/tieBreaks/${i}/value`"
        :options="facts"
      />
    </ItemLines>
    <h3>Awards</h3>
    <ItemLines
      v-slot="{ item }"
      :items="brief.method.awards"
      one="award"
      add="Add an award"
      at="/method/awards"
      :fresh="freshAward"
    >
      <InlineText
        v-model="item.name"
        label="Name of the award"
        :at="`/method/awards/${item.id}/name`"
        placeholder="such as Steadiest"
      />
      for
      <InlineChoice
        v-model="item.better"
        label="Most or least"
        :options="[
          ['more', 'most'],
          ['less', 'least'],
        ]"
      />
      <InlineText
        v-model="item.value"
        label="What the award looks at"
        :at="`/method/awards/${item.id}/value`"
        placeholder="a measure or a calculation"
      />
      <InlineCheck v-model="item.everyone" label="teams without a place too" />
    </ItemLines>
  </section>
</template>

<style scoped>
.line {
  margin-top: 0.5rem;
  line-height: 1.8;
}
h3 {
  margin-top: 0.9rem;
}
</style>
