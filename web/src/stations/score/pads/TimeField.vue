<script setup lang="ts">
import Button from 'primevue/button'
import { ref } from 'vue'
import type { Entry, Refusal } from '../../../api/names'
import { useRecording } from '../recording'

/** A time as it is read off a watch, recorded with Enter. */
const props = defineProps<{ label: string; shown?: string; entry: (typed: string) => Entry }>()
const { record } = useRecording()
const typed = ref('')
const refusal = ref<Refusal>()
async function send() {
  const sent = await record(props.entry(typed.value))
  refusal.value = sent.kind === 'refused' ? sent.refusal : undefined
  if (sent.kind !== 'refused') typed.value = ''
}
</script>

<template>
  <form novalidate @submit.prevent="send">
    <input
      v-model="typed"
      class="touch-field figures"
      autocomplete="off"
      :aria-label="label"
      :placeholder="shown || '1:23.4'"
      :aria-invalid="!!refusal"
    />
    <Button type="submit" label="Record" :aria-label="`Record: ${label}`" variant="outlined" />
    <p v-if="refusal" class="small wrong" role="alert">
      {{ refusal.problems[0]?.what ?? refusal.title }} {{ refusal.problems[0]?.remedy }}
    </p>
  </form>
</template>

<style scoped>
form {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem;
}
input {
  width: 7rem;
}
.wrong {
  color: var(--brick);
  flex-basis: 100%;
}
</style>
