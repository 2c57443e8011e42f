<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { computed, ref } from 'vue'
import type { JudgeAnswers, JudgeRubric } from '@/api/names'
import { useJudgeRally } from '@/shared/openRally'
import { written } from '@/shared/entries'
import { useRecording } from '@/pads/recording'
import { useWho } from '@/access/useWho'
import PadRow from '@/pads/PadRow.vue'

/** Levels in words; where other teams judge, whose word it is comes first. */
const props = defineProps<{ part: JudgeRubric; soFar: JudgeAnswers }>()
const { team, round, record } = useRecording()
const { rally } = useJudgeRally()
const { who } = useWho()
const teams = computed(() => rally.value?.teams.filter((t) => t.id !== team.value) ?? [])
const chosen = ref('')
const from = computed(() =>
  props.part.voice === 'teacher'
    ? ''
    : props.part.voice === 'self'
      ? team.value
      : teams.value.some((t) => t.id === chosen.value)
        ? chosen.value
        : (teams.value[0]?.id ?? ''),
)
/** A judge's own word: what is on its way from this device has no name yet. */
const mine = (criterion: string) =>
  props.soFar.answers[`by:|${criterion}`] ?? props.soFar.answers[`by:${who.value?.name ?? ''}|${criterion}`]
const given = (criterion: string) =>
  props.part.voice === 'teacher'
    ? mine(criterion)
    : props.soFar.answers[`${props.part.voice === 'peers' ? from.value : ''}|${criterion}`]
/** What other judges gave, beside one's own. */
const others = (criterion: string) =>
  Object.entries(props.soFar.answers).flatMap(([asked, level]) => {
    const [, by, of] = /^by:(.*)\|([^|]*)$/.exec(asked) ?? []
    return by && of === criterion && by !== who.value?.name ? [{ by, level }] : []
  })
const severally = {
  mean: 'The mean of the judges counts.',
  agree: 'It waits until the judges agree.',
  last: 'The last judgment counts.',
} as const
const saysOf = (criterion: JudgeRubric['criteria'][number]) => {
  const said = others(criterion.id)
  if (said.length === 0) return undefined
  const levels = new Set([...said.map((s) => s.level), mine(criterion.id) ?? said[0]!.level])
  const words = said.map((s) => `${s.by}: ${criterion.levels[Number(s.level)] ?? s.level}`).join(', ')
  return levels.size > 1 ? `${words}. ${severally[props.part.judges]}` : `${words}.`
}
/** A device that is handed around: who has said everything, and who is next. */
const complete = (voter: string) =>
  props.part.criteria.every((c) => props.soFar.answers[`${voter}|${c.id}`] !== undefined)
const said = computed(() => teams.value.filter((t) => complete(t.id)).length)
const next = computed(() => teams.value.find((t) => t.id !== from.value && !complete(t.id)))
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
    Judged by
    <select
      class="inline"
      :value="from"
      aria-label="Judged by"
      @change="chosen = ($event.target as HTMLSelectElement).value"
    >
      <option v-for="t in teams" :key="t.id" :value="t.id">{{ t.name }}</option>
    </select>
    <span class="small muted" role="status"> {{ said }} of {{ teams.length }} teams have judged everything.</span>
  </p>
  <p v-else-if="part.voice === 'self'" class="small muted">The team judges itself.</p>
  <ul>
    <PadRow v-for="c in part.criteria" :key="c.id" :name="c.name || c.id" :detail="saysOf(c)" stacked>
      <PadButton
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
    <PadButton :label="`Hand it to ${next.name}`" @click="chosen = next.id" />
  </p>
</template>
