<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { DebriefQuestion, Entry } from '@/api/names'
import { written } from '@/shared/entries'
import type { Sent } from '@/shared/useOutbox'

/** The questions of the talk, each answered in a line. */
const props = defineProps<{
  questions: readonly DebriefQuestion[]
  team: string
  round: number
  record: (entry: Entry) => Promise<Sent>
}>()
const typed = ref<Record<number, string>>({})
async function answer(question: number) {
  const text = (typed.value[question] ?? '').trim()
  if (!text) return
  const sent = await props.record(written(props.team, props.round, { kind: 'answerGiven', question, text }))
  if (sent.kind !== 'refused' && (typed.value[question] ?? '').trim() === text) typed.value[question] = ''
}
</script>

<template>
  <section v-if="questions.length > 0" aria-labelledby="questions">
    <h2 id="questions">The questions</h2>
    <form v-for="q in questions" :key="q.number" novalidate @submit.prevent="answer(q.number)">
      <label :for="`answer-${q.number}`">{{ q.text }}</label>
      <ul v-if="q.answers.length > 0" class="small">
        <li v-for="a in q.answers" :key="a.entry">{{ a.text }}</li>
      </ul>
      <div class="one">
        <input :id="`answer-${q.number}`" v-model="typed[q.number]" class="touch-field" maxlength="4000" />
        <Button type="submit" label="Say it" variant="outlined" :aria-label="`Say it: ${q.text}`" />
      </div>
    </form>
  </section>
</template>

<style scoped>
form {
  border-bottom: var(--rule);
  padding-block: 0.6rem;
}
.one {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 0.5rem;
}
</style>
