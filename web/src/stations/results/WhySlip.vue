<script setup lang="ts">
import type { BriefChange, Photo, Standing } from '@/api/names'
import PhotoStrip from '@/shared/PhotoStrip.vue'
import WhatIs from '@/shared/WhatIs.vue'
import WhyLines from './WhyLines.vue'

/** Why a team has its points: a slip written out like a sum by hand. */
defineProps<{
  row: Standing
  changes: readonly BriefChange[]
  rally: string
  photos: readonly Photo[]
}>()
</script>

<template>
  <section class="slip" aria-labelledby="why">
    <div>
      <h2 id="why">Why: {{ row.name }}</h2>
      <WhatIs word="slip" />
    </div>
    <WhyLines :row="row" :changes="changes" />
    <p v-if="row.noted.length > 0" class="small"><b>Observations:</b> {{ row.noted.join('; ') }}</p>
    <PhotoStrip :photos="photos" :rally="rally" :of="() => row.name" />
  </section>
</template>

<style scoped>
.slip {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  border-bottom: 0;
  padding: var(--space-5) var(--space-5) var(--space-6);
  display: grid;
  gap: var(--space-3);
  position: sticky;
  top: 1rem;
  overflow-wrap: anywhere;
}
.slip::after {
  content: '';
  position: absolute;
  inset: auto -1.5px -9px;
  height: 10px;
  background:
    linear-gradient(135deg, var(--sheet) 50%, transparent 50%) 0 0 / 12px 10px,
    linear-gradient(225deg, var(--sheet) 50%, transparent 50%) 0 0 / 12px 10px;
}
</style>
