<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import type { AnswersOnWalk, RubricOnWalk } from '@/api/names'
import { useRallyOnWalk } from '@/shared/openRally'
import { written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import PadRow from '@/pads/PadRow.vue'

/** Levels in words; where other teams judge, whose word it is comes first. */
const props = defineProps<{ part: RubricOnWalk; soFar: AnswersOnWalk }>()
const { team, round, record } = useRecording()
const { rally } = useRallyOnWalk()
const others = computed(() => rally.value?.teams.filter((t) => t.id !== team.value) ?? [])
const chosen = ref('')
const from = computed(() =>
  props.part.voice === 'teacher'
    ? ''
    : props.part.voice === 'self'
      ? team.value
      : others.value.some((t) => t.id === chosen.value)
        ? chosen.value
        : (others.value[0]?.id ?? ''),
)
const given = (criterion: string) =>
  props.soFar.answers[props.part.voice === 'peers' ? `${from.value}|${criterion}` : criterion]
/** A device that goes round: who has said everything, and whose turn it is then. */
const complete = (voter: string) =>
  props.part.criteria.every((c) => props.soFar.answers[`${voter}|${c.id}`] !== undefined)
const said = computed(() => others.value.filter((t) => complete(t.id)).length)
const next = computed(() => others.value.find((t) => t.id !== from.value && !complete(t.id)))
const give = (criterion: string, level: number) =>
  record(
    written(team.value, round.value, {
      kind: 'levelGiven',
      part: props.part.id,
      criterion,
      level,
      from: from.value,
    }),
  )
</script>

<template>
  <p v-if="part.voice === 'peers'" class="line">
    The word of
    <select
      class="inline"
      :value="from"
      aria-label="Whose word it is"
      @change="chosen = ($event.target as HTMLSelectElement).value"
    >
      <option v-for="t in others" :key="t.id" :value="t.id">{{ t.name }}</option>
    </select>
    <span class="small muted" role="status"> {{ said }} of {{ others.length }} teams have said all.</span>
  </p>
  <p v-else-if="part.voice === 'self'" class="small muted">The team's own word counts.</p>
  <ul>
    <PadRow v-for="c in part.criteria" :key="c.id" :name="c.name || c.id">
      <Button
        v-for="(level, i) in c.levels"
        :key="i"
        :label="level"
        :aria-label="`${c.name}: ${level}`"
        :aria-pressed="given(c.id) === String(i)"
        :variant="given(c.id) === String(i) ? undefined : 'outlined'"
        @click="give(c.id, i)"
      />
    </PadRow>
  </ul>
  <p v-if="part.voice === 'peers' && complete(from) && next" class="touch-row">
    <Button :label="`Hand it to ${next.name}`" @click="chosen = next.id" />
  </p>
</template>
