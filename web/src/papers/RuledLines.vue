<script setup lang="ts">
import { computed } from 'vue'
import { usePrinting } from './paper'

/** Lines to write on, as wide apart as was chosen. */
const props = defineProps<{ title: string; lines?: number }>()
const now = usePrinting()
const count = computed(() => props.lines ?? (now.choices.lines === 'wide' ? 3 : 4))
</script>

<template>
  <section>
    <h3>{{ title }}</h3>
    <div class="lines" :class="now.choices.lines" aria-hidden="true"><i v-for="n in count" :key="n"></i></div>
  </section>
</template>

<style scoped>
section {
  break-inside: avoid;
}
.lines i {
  display: block;
  height: 8mm;
  border-bottom: 1px solid var(--edge);
}
.wide i {
  height: 13mm;
}
</style>
