<script setup lang="ts">
import { computed } from 'vue'
import type { ReadText, TextRange } from '@/api/names'

/** What was understood of a text, in the order of the sheet: each with its words, to take or to leave out. */
const props = defineProps<{
  read: ReadText
  quote: (range: TextRange) => string
  keyOf: (says: string, range: TextRange) => string
}>()
const leftOut = defineModel<Set<string>>('leftOut', { required: true })
const answers = defineModel<Map<string, string>>('answers', { required: true })

const groups = [
  ['The sheet', /^\/(title|story|question|goal|grades)/],
  ['Rules', /^\/rules/],
  ['Materials', /^\/(materials|money)/],
  ['The test', /^\/(trials|conditions|hazards)/],
  ['Scoring', /^\/method/],
  ['Time and teams', /^\/timing/],
] as const
const grouped = computed(() =>
  groups
    .map(([name, places]) => ({
      name,
      lines: props.read.proposals
        .filter((line) => places.test(line.at))
        .map((line) => ({ ...line, key: props.keyOf(line.says, line.from) })),
    }))
    .filter((g) => g.lines.length > 0),
)
const asked = computed(() => props.read.questions.map((q) => ({ ...q, key: props.keyOf(q.asks, q.from) })))
function take(key: string, taken: boolean) {
  const next = new Set(leftOut.value)
  if (taken) next.delete(key)
  else next.add(key)
  leftOut.value = next
}
function answer(question: string, reading: string | undefined) {
  const next = new Map(answers.value)
  if (reading === undefined) next.delete(question)
  else next.set(question, reading)
  answers.value = next
}
</script>

<template>
  <section v-if="read.questions.length > 0" aria-labelledby="asked">
    <h3 id="asked">To decide</h3>
    <div v-for="q in asked" :key="q.key" class="heed" role="radiogroup" :aria-label="q.asks">
      <p>
        <b>{{ q.asks }}</b>
      </p>
      <p class="small muted">“{{ quote(q.from) }}”</p>
      <label v-for="says in q.readings" :key="says">
        <input type="radio" :name="q.key" :checked="answers.get(q.key) === says" @change="answer(q.key, says)" />
        {{ says }}
      </label>
      <label>
        <input type="radio" :name="q.key" :checked="!answers.has(q.key)" @change="answer(q.key, undefined)" />
        Keep it as text in the teacher’s notes.
      </label>
    </div>
  </section>
  <section v-for="g in grouped" :key="g.name" :aria-label="g.name">
    <h3>{{ g.name }}</h3>
    <ul>
      <li v-for="line in g.lines" :key="line.key">
        <label>
          <input
            type="checkbox"
            :checked="!leftOut.has(line.key)"
            @change="take(line.key, ($event.target as HTMLInputElement).checked)"
          />
          <span>
            {{ line.says }}
            <span class="small muted words">“{{ quote(line.from) }}”</span>
          </span>
        </label>
      </li>
    </ul>
  </section>
  <section v-if="read.unread.length > 0" aria-labelledby="unread">
    <h3 id="unread">Not understood</h3>
    <p class="small muted">This goes into the teacher’s notes as it is.</p>
    <ul>
      <li v-for="range in read.unread" :key="range.from" class="small">“{{ quote(range) }}”</li>
    </ul>
  </section>
</template>

<style scoped>
section + section {
  margin-top: var(--space-5);
}
label {
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: var(--space-3);
  align-items: start;
  padding: var(--space-1) 0;
  cursor: pointer;
}
input {
  width: 24px;
  height: 24px;
  margin: 0;
  accent-color: var(--lagoon);
}
.heed {
  margin: var(--space-3) 0;
}
.words {
  display: block;
  overflow-wrap: anywhere;
}
</style>
