<script setup lang="ts">
import { computed } from 'vue'
import type { TasksPart } from '@/api/names'
import InlineNumber from '@/fields/InlineNumber.vue'
import InlineNumbers from '@/fields/InlineNumbers.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import { freeIn } from '@/fields/freeId'
import { numberOf } from '@/fields/pastedRows'

/** Points for things done, from a list. */
const props = defineProps<{ part: TasksPart }>()
const at = computed(() => `/method/parts/${props.part.id}`)
const fresh = (): TasksPart['items'][number] => ({
  id: freeIn(props.part.items, 'task'),
  name: '',
  points: 5,
  steps: 1,
})
const timed = computed({
  get: () => !!props.part.timePoints,
  set: (on) => (props.part.timePoints = on ? { from: 300, seconds: 30, points: 1, exact: false } : undefined),
})
const raced = computed({
  get: () => !!props.part.race,
  set: (on) =>
    (props.part.race = on ? { done: Math.min(8, props.part.items.length || 1), bonuses: [15, 10, 5] } : undefined),
})
</script>

<template>
  <ItemLines
    v-slot="{ item }"
    :items="part.items"
    one="task"
    :at="`${at}/items`"
    :fresh="fresh"
    :paste="{
      such: 'turns the light on: 5',
      row: ([name, points, steps], item) => ({
        ...item,
        name: name ?? '',
        points: numberOf(points) ?? item.points,
        steps: numberOf(steps) ?? 1,
      }),
    }"
  >
    <InlineText
      v-model="item.name"
      label="Task"
      :at="`${at}/items/${item.id}/name`"
      placeholder="What is to be done"
    />: <InlineNumber v-model="item.points" label="Points for the task" :at="`${at}/items/${item.id}/points`" /> points,
    in <InlineNumber v-model="item.steps" label="Steps" :at="`${at}/items/${item.id}/steps`" /> steps, for the first
    <InlineNumber v-model="item.firstTeams" label="First teams" :at="`${at}/items/${item.id}/firstTeams`" /> teams
    (empty: for all)
  </ItemLines>
  <p class="line">
    All done gives <InlineNumber v-model="part.allDoneBonus" label="Bonus for all" :at="`${at}/allDoneBonus`" /> more.
    <InlineCheck v-model="raced" label="A race to a number of tasks" />
    <template v-if="part.race">
      The first teams to do
      <InlineNumber v-model="part.race.done" label="Tasks that the race is to" :at="`${at}/race/done`" /> of the tasks
      get
      <InlineNumbers
        v-model="part.race.bonuses"
        label="Points for the first, the second, and so on"
        :at="`${at}/race/bonuses`"
        placeholder="such as 15, 10, 5"
      />
      points more.
    </template>
    <InlineCheck v-model="timed" label="Points for time" />
    <template v-if="part.timePoints">
      : from
      <InlineNumber v-model="part.timePoints.from" label="Seconds without points" :at="`${at}/timePoints/from`" wide />
      seconds down, every
      <InlineNumber v-model="part.timePoints.seconds" label="Seconds of a step" :at="`${at}/timePoints/seconds`" />
      seconds give
      <InlineNumber v-model="part.timePoints.points" label="Points of a step" :at="`${at}/timePoints/points`" />.
    </template>
  </p>
</template>
