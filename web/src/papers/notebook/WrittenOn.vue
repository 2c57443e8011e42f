<script setup lang="ts">
/** What is known, in words; where nothing is, lines to write on. */
defineProps<{ title: string; text?: string; lines?: number }>()
</script>

<template>
  <section>
    <h3>{{ title }}</h3>
    <p v-if="text">{{ text }}</p>
    <slot v-else>
      <div v-for="n in lines ?? 2" :key="n" class="line" aria-hidden="true"></div>
      <span class="out-of-sight">lines to write on</span>
    </slot>
  </section>
</template>

<style scoped>
section {
  break-inside: avoid;
}
h3 {
  font-size: 1rem;
}
.line {
  border-bottom: 1px solid var(--line-on-paper);
  height: 2.1rem;
}
@media print {
  .line {
    height: 1.6rem;
  }
}
</style>
