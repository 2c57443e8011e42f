<script setup lang="ts">
import Button from 'primevue/button'
import type { Refusal } from '@/api/names'
import type { LoadState } from './useLoad'

/** What is said while something loads, or where it cannot be had. Nothing where all is well. */
defineProps<{ state: LoadState; refusal?: Refusal; what: string }>()
defineEmits<{ again: [] }>()
</script>

<template>
  <div v-if="state === 'loading'" class="note" role="status">
    <span class="thread" aria-hidden="true"></span>
    <p>Fetching {{ what }}…</p>
  </div>
  <div v-else-if="state === 'offline'" class="note" role="alert">
    <h2>Plucky Rally does not answer.</h2>
    <p>Nothing is lost. Check that it is running on the teacher's computer, then try again.</p>
    <Button label="Try again" @click="$emit('again')" />
  </div>
  <div v-else-if="state === 'refused'" class="note" role="alert">
    <h2>{{ refusal?.title }}</h2>
    <p>{{ refusal?.detail }}</p>
    <ul v-if="(refusal?.problems.length ?? 0) > 1">
      <li v-for="p in refusal?.problems" :key="p.at + p.what">{{ p.what }} {{ p.remedy }}</li>
    </ul>
    <RouterLink to="/">Go to Home</RouterLink>
  </div>
</template>

<style scoped>
.note {
  display: grid;
  justify-items: start;
  gap: var(--space-4);
  padding: var(--space-7) 0;
  max-width: 40rem;
}
.thread {
  width: 12rem;
  border-top: 3px dashed var(--lagoon);
  animation: sew 1.2s linear infinite;
}
@keyframes sew {
  from {
    clip-path: inset(0 100% 0 0);
  }
  to {
    clip-path: inset(0 0 0 0);
  }
}
</style>
