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
  gap: 0.5rem 2rem;
  padding-bottom: 0.75rem;
}
.title {
  display: flex;
  align-items: center;
}
.next {
  color: var(--muted);
  margin-top: 0.25rem;
}
.side {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.75rem;
}
</style>
