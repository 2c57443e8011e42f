<script setup lang="ts">
import WhatIs from './WhatIs.vue'

/** How every station opens: what this is, and one sentence that says what to do next. */
defineProps<{ title: string; next?: string; word?: string }>()
</script>

<template>
  <div class="head">
    <div>
      <div class="title">
        <h1>{{ title }}</h1>
        <WhatIs v-if="word" :word="word" />
      </div>
      <p v-if="next" class="next">{{ next }}</p>
    </div>
    <div class="side not-on-paper"><slot /></div>
  </div>
</template>

<style scoped>
.head {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: flex-end;
  gap: var(--space-3) var(--space-7);
  padding-bottom: var(--space-4);
}
.title {
  display: flex;
  align-items: center;
}
.next {
  color: var(--muted);
  margin-top: var(--space-2);
}
.side {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-4);
}
</style>
