<script setup lang="ts">
import { computed } from 'vue'

/** Shows or hides what is settled; its line is enough until somebody looks again. */
const props = defineProps<{ of: string; open: boolean }>()
defineEmits<{ fold: [] }>()
const way = computed(() => (props.open ? 'Hide' : 'Show'))
</script>

<template>
  <button type="button" class="act" :aria-label="`${way}: ${of}`" :aria-expanded="open" @click="$emit('fold')">
    {{ way }}
  </button>
</template>
