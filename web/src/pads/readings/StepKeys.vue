<script setup lang="ts">
import Button from 'primevue/button'
import type { MeasureOnWalk } from '@/api/names'
import KeyRow from './KeyRow.vue'

/** Counting on: one more, one less. */
defineProps<{ measure: MeasureOnWalk }>()
const typed = defineModel<string>({ required: true })
const add = (n: number) => (typed.value = String(Math.max(0, (Number.parseInt(typed.value) || 0) + n)))
</script>

<template>
  <KeyRow :label="`Count ${measure.name}`">
    <Button type="button" label="−1" variant="outlined" :aria-label="`−1 ${measure.name}`" @click="add(-1)" />
    <Button type="button" label="+1" variant="outlined" :aria-label="`+1 ${measure.name}`" @click="add(1)" />
    <Button type="button" label="+5" variant="outlined" :aria-label="`+5 ${measure.name}`" @click="add(5)" />
  </KeyRow>
</template>
