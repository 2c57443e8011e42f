<script setup lang="ts">
import type { Photo } from '@/api/names'
import { timeOfDay } from './days'

/** Photos in a row, each with who took it and when. */
defineProps<{ photos: readonly Photo[]; rally: string; of?: (photo: Photo) => string }>()
</script>

<template>
  <ul v-if="photos.length > 0" class="strip">
    <li v-for="p in photos" :key="p.id">
      <a :href="`/api/rallies/${rally}/photos/${p.id}`" target="_blank">
        <img
          :src="`/api/rallies/${rally}/photos/${p.id}`"
          :alt="`Photo${of ? ` of ${of(p)}` : ''}, round ${p.round}, by ${p.by}`"
          :width="p.width"
          :height="p.height"
          loading="lazy"
        />
      </a>
      <span class="small muted">{{ of ? `${of(p)}, ` : '' }}{{ timeOfDay(p.at) }}</span>
      <slot :photo="p" />
    </li>
  </ul>
</template>

<style scoped>
.strip {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-4);
  padding: var(--space-3) 0;
}
li {
  display: grid;
  justify-items: start;
}
img {
  width: auto;
  height: 9rem;
  border: 1.5px solid var(--ink);
}
</style>
