<script setup lang="ts">
import { computed } from 'vue'
import type { PlotShown } from '@/api/names'
import type { LiveClock } from './useClock'

/** Hangs a question of the talk on the wall, with a picture beside it where one is chosen, or takes it off again. */
const props = defineProps<{ live: LiveClock; number: number; text: string; beside?: PlotShown }>()
const wall = computed(() => props.live.clock.value?.wall)
const shown = computed(() => wall.value?.shows === 'question' && wall.value.question === props.number)
const label = computed(() => (shown.value ? 'Remove from the wall' : 'Show on the wall'))
const toggle = () =>
  shown.value
    ? props.live.send({ does: 'show', shows: 'clock', number: props.live.revealed.value })
    : props.live.send({ does: 'show', shows: 'question', number: props.number, plot: props.beside })
</script>

<template>
  <button type="button" class="act" :aria-label="`${label}: ${text}`" @click="toggle">
    {{ label }}
  </button>
</template>
