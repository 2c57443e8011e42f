<script setup lang="ts" generic="T extends string | number | boolean | null">
import { computed, useId } from 'vue'
import { useSnags } from '@/shared/snags'
import FieldNote from './FieldNote.vue'
import type { Pairs } from './pairs'

/** A choice in running text. What is not among the choices stays, and is shown as it is. */
const props = defineProps<{ label: string; at?: string; options: Pairs<T> }>()
const value = defineModel<T>({ required: true })
const snags = useSnags()
const note = useId()
const wrong = computed(() => (props.at === undefined ? undefined : snags.at(props.at)))
</script>

<template>
  <span>
    <select
      v-model="value"
      class="inline"
      :aria-label="label"
      :data-at="at"
      :aria-invalid="wrong !== undefined"
      :aria-describedby="wrong ? note : undefined"
    >
      <option v-for="[option, name] in options" :key="String(option)" :value="option">{{ name }}</option>
      <option v-if="options.every(([option]) => option !== value)" :value="value">{{ value || 'choose' }}</option>
    </select>
    <FieldNote :id="note" :problem="wrong" />
  </span>
</template>
