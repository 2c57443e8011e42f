<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import { ref } from 'vue'
import type { Entry, Refusal } from '@/api/names'
import TimeInput from './TimeInput.vue'
import { useDraftKey, useRecording } from './recording'
import { singly } from '@/shared/singly'
import { useDraft } from '@/shared/useDraft'
import RefusalNote from '@/shared/RefusalNote.vue'

/** A time as it is read off a watch, recorded with Enter. */
const props = defineProps<{ label: string; shown?: string; entry: (typed: string) => Entry }>()
const { record } = useRecording()
const { draft: typed } = useDraft(() => '', useDraftKey(`time:${props.label}`))
const refusal = ref<Refusal>()
async function send() {
  const sent = await record(props.entry(typed.value))
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
  if (sent.kind !== 'refused') typed.value = ''
}
</script>

<template>
  <form novalidate @submit.prevent="singly(send)">
    <TimeInput v-model="typed" :label="label" :shown="shown" :invalid="!!refusal" />
    <PadButton type="submit" label="Record" :aria-label="`Record: ${label}`" variant="outlined" />
    <RefusalNote :refusal="refusal" />
  </form>
</template>

<style scoped>
form {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}
.wrong {
  color: var(--brick);
  flex-basis: 100%;
}
</style>
