<script setup lang="ts" generic="T extends string | boolean | null">
import type { Pairs } from '../words'

/** A choice in running text. What is not among the choices stays, and is shown as it is. */
defineProps<{ label: string; at?: string; options: Pairs<T> }>()
const value = defineModel<T>({ required: true })
</script>

<template>
  <select v-model="value" class="inline" :aria-label="label" :data-at="at">
    <option v-for="[option, name] in options" :key="String(option)" :value="option">{{ name }}</option>
    <option v-if="options.every(([option]) => option !== value)" :value="value">{{ value || 'choose' }}</option>
  </select>
</template>
