<script setup lang="ts">
import PadButton from '@/pads/PadButton.vue'
import type { Entry } from '@/api/names'
import { useDraftKey, useRecording } from '@/pads/recording'
import { singly } from '@/shared/singly'
import { useDraft } from '@/shared/useDraft'
import { numberIn } from '@/shared/numbers'

/** How many things a team has brought over, recorded with Enter. */
const props = defineProps<{
  label: string
  button: string
  /** The button's name for a screen reader: which team and what. */
  buttonName: string
  shown?: string
  entry: (count: number) => Entry
}>()
const { record } = useRecording()
const { draft: typed } = useDraft(() => '', useDraftKey(`over:${props.buttonName}`))
async function send() {
  const count = numberIn(typed.value)
  if (count === undefined || !Number.isInteger(count) || count < 0) return
  await record(props.entry(count))
  typed.value = ''
}
</script>

<template>
  <form novalidate class="touch-row" @submit.prevent="singly(send)">
    <input
      v-model="typed"
      class="touch-field figures"
      inputmode="numeric"
      :aria-label="label"
      :placeholder="shown ?? '0'"
    />
    <PadButton type="submit" :label="button" :aria-label="buttonName" variant="outlined" />
  </form>
</template>

<style scoped>
input {
  width: 5rem;
}
</style>
