<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import type { DebriefQuestion, Entry } from '@/api/names'
import { written } from '@/shared/entries'
import { useDraft } from '@/shared/useDraft'
import type { Sent } from '@/shared/useOutbox'
import { singly } from '@/shared/singly'

/** The questions of the talk, each answered in a line. What is half written is there again after a reload. */
const props = defineProps<{
  rally: string
  questions: readonly DebriefQuestion[]
  team: string
  round: number
  record: (entry: Entry) => Promise<Sent>
}>()
const { draft: typed } = useDraft<Record<number, string>>(
  () => ({}),
  `answers:${props.rally}:${props.team}:${props.round}`,
)
async function answer(question: number) {
  const text = (typed.value[question] ?? '').trim()
  if (!text) return
  const sent = await props.record(written(props.team, props.round, { kind: 'answerGiven', question, text }))
  if (sent.kind === 'refused' || (typed.value[question] ?? '').trim() !== text) return
  typed.value = Object.fromEntries(Object.entries(typed.value).filter(([number]) => Number(number) !== question))
}
</script>

<template>
  <section v-if="questions.length > 0" aria-labelledby="questions">
    <h2 id="questions">Questions</h2>
    <form v-for="q in questions" :key="q.number" novalidate @submit.prevent="singly(answer, q.number)">
      <label :for="`answer-${q.number}`">{{ q.text }}</label>
      <ul v-if="q.answers.length > 0">
        <li v-for="a in q.answers" :key="a.entry">
          {{ a.text }} <span v-if="a.waits" class="small muted">Your teacher looks at it first.</span>
        </li>
      </ul>
      <div class="one">
        <InputText :id="`answer-${q.number}`" v-model="typed[q.number]" class="touch" maxlength="4000" fluid />
        <Button type="submit" label="Send" :aria-label="`Send: ${q.text}`" :disabled="!typed[q.number]?.trim()" />
      </div>
    </form>
  </section>
</template>

<style scoped>
form {
  display: grid;
  gap: var(--space-3);
  border-bottom: var(--rule);
  padding-block: var(--space-4);
}
label {
  font-weight: 700;
}
li {
  border-left: 4px solid var(--lagoon);
  padding-left: var(--space-3);
  margin-block: var(--space-2);
  overflow-wrap: anywhere;
}
.one {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: var(--space-3);
}
</style>
