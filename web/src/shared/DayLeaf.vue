<script setup lang="ts">
import { computed } from 'vue'

/** A day as a leaf of a calendar. It is read as the day in words. */
const props = defineProps<{ day?: string | null; label: string }>()
const monthOf = new Intl.DateTimeFormat('en-US', { month: 'short', timeZone: 'UTC' })
const month = computed(() => props.day && monthOf.format(new Date(`${props.day}T00:00:00Z`)))
const date = computed(() => props.day && Number(props.day.slice(8)))
</script>

<template>
  <p class="leaf">
    <span class="out-of-sight">{{ label }}</span>
    <template v-if="day">
      <span class="month" aria-hidden="true">{{ month }}</span>
      <span class="date figures" aria-hidden="true">{{ date }}</span>
    </template>
    <span v-else class="month" aria-hidden="true">Any day</span>
  </p>
</template>

<style scoped>
.leaf {
  display: grid;
  align-content: center;
  justify-items: center;
  width: 52px;
  min-height: 52px;
  background: var(--sheet);
  border: var(--rule);
  border-bottom: var(--stitch);
  line-height: 1.15;
  text-align: center;
}
.month {
  font-size: var(--size-small);
  color: var(--brick);
}
.date {
  font: 700 var(--size-lead) / 1.15 var(--text);
}
</style>
