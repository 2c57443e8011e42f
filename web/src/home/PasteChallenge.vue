<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import Button from 'primevue/button'
import Textarea from 'primevue/textarea'
import { computed, ref, useTemplateRef, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import type { GradeBand, ReadText, Refusal, TextRange, UnitSystem } from '@/api/names'
import ReadChoices from './ReadChoices.vue'
import { singly } from '@/shared/singly'

/** A brief is begun with a text: what is understood of it is shown, and taken as far as the teacher wants it. */
const props = defineProps<{ grades: GradeBand; units: UnitSystem }>()
const text = defineModel<string>('text', { required: true })
const router = useRouter()
const read = ref<ReadText>()
/** The text that was read: places are places in it, whatever is typed meanwhile. */
const readOf = ref('')
/** What was decided, by what it is and the words that it comes from: it stays when the text is read again. */
const leftOut = ref(new Set<string>())
const answers = ref(new Map<string, string>())
const refused = ref<Refusal>()
const beginning = ref(false)
const file = useTemplateRef('file')
const quote = ({ from, to }: TextRange) => readOf.value.slice(from, to).trim()
const keyOf = (says: string, range: TextRange) => `${says} ${quote(range)}`

async function readIt() {
  const said = text.value
  if (!said.trim()) return void (read.value = undefined)
  const answer = await ask(
    api.POST('/api/drafts/read', { body: { text: said, grades: props.grades, units: props.units } }),
  )
  if (said !== text.value) return
  refused.value = refusalOf(answer)
  if (!answer.ok) return
  read.value = answer.data
  readOf.value = said
}
watch([text, () => props.grades, () => props.units], useDebounceFn(readIt, 300), { immediate: true })

async function openFile() {
  const chosen = file.value?.files?.[0]
  if (chosen) text.value = await chosen.text()
}
const out = computed(() =>
  (read.value?.proposals ?? []).flatMap((p, i) => (leftOut.value.has(keyOf(p.says, p.from)) ? [i] : [])),
)
const answered = computed(() =>
  (read.value?.questions ?? []).flatMap((q, question) => {
    const reading = q.readings.indexOf(answers.value.get(keyOf(q.asks, q.from)) ?? '')
    return reading < 0 ? [] : [{ question, reading }]
  }),
)
const taken = computed(() => (read.value?.proposals.length ?? 0) - out.value.length + answered.value.length)
const goesIn = computed(() => {
  if (taken.value === 0) return 'The brief begins with the text in the teacher’s notes.'
  const these = taken.value === 1 ? '1 of these goes' : `${taken.value} of these go`
  return `${these} into the brief. Everything can be changed there.`
})
async function begin() {
  beginning.value = true
  const answer = await ask(
    api.POST('/api/briefs/read', {
      body: {
        text: readOf.value,
        grades: props.grades,
        units: props.units,
        leftOut: out.value,
        answers: answered.value,
      },
    }),
  )
  beginning.value = false
  refused.value = refusalOf(answer)
  if (!answer.ok) return
  text.value = ''
  await router.push(`/briefs/${answer.data.id}`)
}
</script>

<template>
  <form class="paste" @submit.prevent="singly(begin)">
    <div class="said">
      <label for="challenge"><b>The challenge in your words</b></label>
      <Textarea
        id="challenge"
        v-model="text"
        rows="16"
        fluid
        aria-describedby="challenge-hint"
        placeholder="It must be at least 12 inches tall. Each team gets 20 straws. You have 15 minutes to build. …"
      />
      <p id="challenge-hint" class="small muted">
        A worksheet, an email, or a few sentences. Nothing leaves this computer.
      </p>
      <input
        ref="file"
        type="file"
        accept=".txt,.md,text/plain,text/markdown"
        hidden
        aria-label="Text file"
        @change="openFile"
      />
      <Button type="button" label="Open a text file" variant="outlined" @click="file?.click()" />
    </div>
    <div class="found" role="region" aria-label="What it says">
      <p v-if="!read" class="muted">What it says appears here: rules, materials, minutes, points.</p>
      <ReadChoices
        v-else
        v-model:left-out="leftOut"
        v-model:answers="answers"
        :read="read"
        :quote="quote"
        :key-of="keyOf"
      />
    </div>
    <p v-if="refused" role="alert" class="wrong across">
      {{ refused.title }} {{ refused.problems[0]?.remedy ?? refused.detail }}
    </p>
    <p class="across">
      <Button type="submit" label="Begin" :loading="beginning" :disabled="!read || readOf !== text" />
      <span v-if="read" class="small muted" role="status">
        {{ goesIn }}
      </span>
    </p>
  </form>
</template>

<style scoped>
.paste {
  display: grid;
  margin-top: var(--space-5);
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: var(--space-5) var(--space-6);
}
.said {
  display: grid;
  gap: var(--space-3);
  align-content: start;
  justify-items: start;
}
.found {
  max-height: 60vh;
  overflow: auto;
}
.across {
  grid-column: 1 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  align-items: center;
}
@media (max-width: 700px) {
  .paste {
    grid-template-columns: minmax(0, 1fr);
  }
  .found {
    max-height: none;
  }
}
</style>
