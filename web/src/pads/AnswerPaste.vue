<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { AnswerRead, Refusal } from '@/api/names'
import { singly } from '@/shared/singly'
import { useDraft } from '@/shared/useDraft'
import { useDraftKey } from './recording'

/** A team's answer pasted or typed in one go; it fills the pad and is recorded from there. */
const props = defineProps<{ rally: string; part: string; hint: string }>()
const emit = defineEmits<{ read: [answer: AnswerRead] }>()
const { draft: text } = useDraft(() => '', useDraftKey(`paste:${props.part}`))
const refusal = ref<Refusal>()

async function read() {
  const answer = await ask(
    api.POST('/api/rallies/{id}/answers/{part}', {
      params: { path: { id: props.rally, part: props.part } },
      body: { text: text.value },
    }),
  )
  refusal.value = refusalOf(answer, 'Touch the items instead, or try again.')
  if (!answer.ok) return
  text.value = ''
  emit('read', answer.data)
}
</script>

<template>
  <details>
    <summary>Type or paste the answer</summary>
    <form novalidate @submit.prevent="singly(read)">
      <textarea v-model="text" class="touch-field" rows="3" aria-label="The team’s answer" :placeholder="hint" />
      <PadButton type="submit" label="Use this answer" variant="outlined" />
      <div v-if="refusal" class="wrong small" role="alert">
        <p v-if="refusal.problems.length === 0">{{ refusal.title }} {{ refusal.detail }}</p>
        <p v-for="(p, i) in refusal.problems.slice(0, 5)" :key="i">{{ p.what }} {{ p.remedy }}</p>
      </div>
    </form>
  </details>
</template>

<style scoped>
summary {
  min-height: 32px;
  cursor: pointer;
}
form {
  display: grid;
  gap: var(--space-3);
  justify-items: start;
}
textarea {
  width: 100%;
  padding: var(--space-3);
  font: inherit;
}
form :deep(button) {
  min-height: var(--touch);
}
</style>
