<script setup lang="ts">
import Select from 'primevue/select'

/** A day of any year: its month and its day. */
defineProps<{ label: string }>()
const month = defineModel<number>('month', { required: true })
const day = defineModel<number>('day', { required: true })
const months = Array.from({ length: 12 }, (_, i) => ({
  name: new Date(Date.UTC(2026, i, 1)).toLocaleDateString('en-US', { month: 'long', timeZone: 'UTC' }),
  value: i + 1,
}))
const days = Array.from({ length: 31 }, (_, i) => i + 1)
</script>

<template>
  <span class="month-day">
    <Select
      v-model="month"
      :options="months"
      option-label="name"
      option-value="value"
      :aria-label="`${label}: month`"
      class="month"
    />
    <Select v-model="day" :options="days" :aria-label="`${label}: day`" />
  </span>
</template>

<style scoped>
.month-day {
  display: inline-flex;
  gap: var(--space-3);
}
.month {
  width: 11rem;
}
</style>
