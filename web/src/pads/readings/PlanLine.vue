<script setup lang="ts">
import { computed } from 'vue'

/** What comes next by the loading plan. */
const props = defineProps<{ placements: readonly number[]; pieces: number }>()
const next = computed(() => props.placements.find((p) => p > props.pieces))
</script>

<template>
  <span v-if="next" class="muted">Next by the plan: {{ next }}, so {{ next - pieces }} more.</span>
  <span v-else-if="placements.length > 0" class="muted">
    The plan ends here. If it still holds, choose “at least”.
  </span>
</template>
