<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { DebriefQuestion, Entry, PlotShown, TeamDebrief } from '@/api/names'
import QuestionToWall from '@/shared/QuestionToWall.vue'
import { useRally } from '@/shared/openRally'
import { useDraft } from '@/shared/useDraft'
import { written } from '@/shared/entries'
import type { Sent } from '@/shared/useOutbox'
import type { LiveClock } from '@/shared/useClock'
import { singly } from '@/shared/singly'

/** A question: on the wall, and answered in a line each, by the class or by a team. */
const props = defineProps<{
  question: DebriefQuestion
  teams: readonly TeamDebrief[]
  round: number
  live: LiveClock
  beside: PlotShown | undefined
  record: (entry: Entry) => Promise<Sent>
}>()
const emit = defineEmits<{ strike: [team: string, entry: string] }>()
const team = ref('')
const { rally } = useRally()
const { draft: text } = useDraft(() => '', `answer:${rally.value?.id ?? ''}:${props.round}:${props.question.number}`)
async function answer() {
  if (!text.value.trim()) return
  const words = text.value.trim()
  const sent = await props.record(
    written(team.value, props.round, { kind: 'answerGiven', question: props.question.number, text: words }),
  )
  if (sent.kind !== 'refused' && text.value.trim() === words) text.value = ''
}
</script>

<template>
  <article :aria-labelledby="`question-${question.number}`">
    <div class="head">
      <h3 :id="`question-${question.number}`">{{ question.text }}</h3>
      <QuestionToWall :live="live" :number="question.number" :text="question.text" :beside="beside" />
    </div>
    <ul v-if="question.answers.length > 0">
      <li v-for="a in question.answers" :key="a.entry">
        <span
          >{{ a.text }} <span class="small muted">{{ a.name || 'the class' }}</span>{{ ' '
          }}<span v-if="a.waits" class="small waits">not shown yet</span></span
        >
        <Button
          v-if="a.waits"
          label="Show"
          size="small"
          variant="outlined"
          :aria-label="`Show: ${a.text}`"
          @click="record(written(a.team, round, { kind: 'answerShown', answer: a.entry }))"
        />
        <button
          type="button"
          class="act small"
          :aria-label="`Remove: ${a.text}`"
          @click="emit('strike', a.team, a.entry)"
        >
          Remove
        </button>
      </li>
    </ul>
    <form novalidate @submit.prevent="singly(answer)">
      <select v-model="team" class="touch-field" :aria-label="`Who answers: ${question.text}`">
        <option value="">The class</option>
        <option v-for="t in teams" :key="t.team" :value="t.team">{{ t.name }}</option>
      </select>
      <input v-model="text" class="touch-field" maxlength="4000" :aria-label="`Answer: ${question.text}`" />
      <Button type="submit" label="Add answer" variant="outlined" />
    </form>
  </article>
</template>

<style scoped>
article {
  border-bottom: var(--rule);
  padding-block: var(--space-4);
}
.head {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-5);
  align-items: start;
}
li {
  display: flex;
  gap: var(--space-4);
  padding: var(--space-2) 0;
  overflow-wrap: anywhere;
}
li > :first-child {
  flex: 1;
  min-width: 0;
}
.waits {
  color: var(--marigold-text);
}
h3 {
  font-size: var(--size-lead);
}
form {
  display: grid;
  grid-template-columns: minmax(7rem, auto) minmax(0, 1fr) auto;
  gap: var(--space-3);
  padding-top: var(--space-3);
}
@media (max-width: 600px) {
  form {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
