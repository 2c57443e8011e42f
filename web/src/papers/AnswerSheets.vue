<script setup lang="ts">
import { computed } from 'vue'
import PaperSheet from './PaperSheet.vue'
import { usePrinting } from './paper'

/** The keys to the task sheets, for the judges alone. */
const now = usePrinting()
const keys = computed(() => now.on.papers?.tasks.filter((t) => t.answers.length > 0) ?? [])
</script>

<template>
  <p v-if="keys.length === 0" class="muted">This brief has nothing with an answer key.</p>
  <PaperSheet v-for="key in keys" :key="key.title" :title="`Answers, for judges only: ${key.title}`">
    <ol class="answers">
      <li v-for="a in key.answers" :key="a">{{ a }}</li>
    </ol>
  </PaperSheet>
</template>

<style scoped>
.answers {
  columns: 2;
}
li {
  break-inside: avoid;
  padding: 0.15em 0;
}
</style>
