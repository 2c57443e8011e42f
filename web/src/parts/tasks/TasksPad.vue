<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed } from 'vue'
import type { JudgeAnswers, JudgeTasks } from '@/api/names'
import { reading, written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import PadRow from '@/pads/PadRow.vue'
import TimeField from '@/pads/TimeField.vue'

/** Tasks ticked off, whole or in steps; the time where it gives points. */
const props = defineProps<{ part: JudgeTasks; soFar: JudgeAnswers }>()
const { team, round, record } = useRecording()
const done = (task: string) => Number(props.soFar.answers[task] ?? 0)
const tick = (task: string, steps: number) =>
  record(written(team.value, round.value, { kind: 'taskTicked', part: props.part.id, task, steps }))
const describe = (t: JudgeTasks['items'][number]) =>
  [
    t.steps > 1 ? `${done(t.id)} of ${t.steps} steps` : '',
    typeof t.firstTeams === 'number' ? `only the first ${t.firstTeams} get its points` : '',
  ]
    .filter(Boolean)
    .join(', ')
const whole = computed(() => props.part.items.filter((t) => done(t.id) === t.steps).length)
const timed = (typed: string) =>
  written(team.value, round.value, {
    kind: 'tasksTimed',
    part: props.part.id,
    time: reading(props.part.id, typed),
  })
</script>

<template>
  <p v-if="typeof part.raceTo === 'number'" role="status" class="race">
    <b class="figures">{{ whole }} of {{ part.raceTo }}</b>
    {{ whole < part.raceTo ? 'tasks done' : 'tasks done: this team has finished the race' }}
  </p>
  <ul>
    <PadRow v-for="t in part.items" :key="t.id" :name="t.name || t.id" :detail="describe(t)">
      <template v-if="t.steps > 1">
        <PadButton
          v-for="n in t.steps + 1"
          :key="n"
          :label="String(n - 1)"
          :aria-label="`${t.name}: ${n - 1} of ${t.steps} steps`"
          :aria-pressed="done(t.id) === n - 1 && soFar.answers[t.id] !== undefined"
          :variant="done(t.id) === n - 1 && soFar.answers[t.id] !== undefined ? undefined : 'outlined'"
          @click="tick(t.id, n - 1)"
        />
      </template>
      <PadButton
        v-else
        label="Done"
        :aria-label="`${t.name}: done`"
        :aria-pressed="done(t.id) > 0"
        :variant="done(t.id) > 0 ? undefined : 'outlined'"
        @click="tick(t.id, done(t.id) > 0 ? 0 : 1)"
      />
    </PadRow>
    <PadRow v-if="part.timed" name="Time for all tasks" :detail="soFar.answers.time">
      <TimeField :label="`Time, ${part.name}`" :shown="soFar.answers.time" :entry="timed" />
    </PadRow>
  </ul>
</template>
