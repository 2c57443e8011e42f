<script setup lang="ts">
import type { RallyOnShelf } from '@/api/names'
import { rallySays } from './rallySays'

/** A rally and the ways on from it. In a long list only its name stands there, and the rest once it is opened. */
defineProps<{ rally: RallyOnShelf; short?: boolean }>()
defineEmits<{ takeAway: []; putAway: [] }>()
</script>

<template>
  <li>
    <h4>
      <RouterLink :to="`/rallies/${rally.id}/${rally.entries > 0 ? 'results' : 'kit'}`">{{ rally.name }}</RouterLink>
    </h4>
    <component :is="short ? 'details' : 'div'">
      <summary v-if="short" class="small muted" :aria-label="`More of ${rally.name}`">{{ rally.briefTitle }}</summary>
      <p v-else>{{ rally.briefTitle }}</p>
      <p class="muted small figures">{{ rallySays(rally) }}</p>
      <p class="small ways">
        <RouterLink :to="`/rallies/${rally.id}/score`" :aria-label="`Score ${rally.name}`">Score</RouterLink>
        <RouterLink :to="`/rallies/${rally.id}/results`" :aria-label="`Results of ${rally.name}`">Results</RouterLink>
        <a :href="`/api/rallies/${rally.id}/file`" download :aria-label="`File of ${rally.name}`">File</a>
        <button
          type="button"
          class="act"
          :aria-label="rally.putAway ? `Bring back: ${rally.name}` : `Put away: ${rally.name}`"
          @click="$emit('putAway')"
        >
          {{ rally.putAway ? 'Bring back' : 'Put away' }}
        </button>
        <button type="button" class="act" :aria-label="`Take away: ${rally.name}`" @click="$emit('takeAway')">
          Take away
        </button>
      </p>
    </component>
  </li>
</template>

<style scoped>
h4 {
  margin: 0;
  font: 700 1.05rem/1.3 var(--title);
}
li {
  padding: 0.5rem 0;
  border-bottom: var(--stitch);
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: baseline;
  gap: 0.2rem 0.9rem;
}
</style>
