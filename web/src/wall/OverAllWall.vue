<script setup lang="ts">
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import type { RallyOnWall } from '@/api/names'
import ListOnWall from '@/shared/ListOnWall.vue'
import LoadNote from '@/shared/LoadNote.vue'
import TurningPages from '@/shared/TurningPages.vue'
import StillToCome from './StillToCome.vue'
import { useOnWall } from './useOnWall'

/** The list over several rallies, revealed from the last place to the first; read from eight meters. */
const props = defineProps<{ rally: RallyOnWall; round: number; tick: number }>()
const all = useOnWall(props, ({ path, query }) =>
  ask(api.GET('/api/rallies/{id}/wall/over-all', { params: { path, query } })),
)
const rows = computed(() => all.data.value?.rows ?? [])
const placed = computed(() => rows.value.filter((r) => r.place != null).length)
const hidden = computed(() => (all.data.value?.places ?? 0) - placed.value)
</script>

<template>
  <main id="main" class="wall">
    <LoadNote
      v-if="!all.data.value"
      :state="all.state.value"
      :refusal="all.refusal.value"
      what="the list"
      @again="all.load"
    />
    <template v-else>
      <header>
        <h1>{{ rally.title }}</h1>
        <p>{{ all.data.value.title }}. {{ all.data.value.winsText }}</p>
      </header>
      <p v-if="hidden > 0" class="hidden"><StillToCome :places="hidden" /></p>
      <TurningPages :newest="placed"><ListOnWall :rows="rows" /></TurningPages>
    </template>
  </main>
</template>

<style scoped>
.wall {
  height: 100vh;
  display: flex;
  flex-direction: column;
  gap: 1vh;
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: 0.2em 1em;
  border-bottom: 3px solid var(--line);
  padding-bottom: 1vh;
}
h1 {
  font-size: 1.5em;
}
header p,
.hidden {
  color: var(--muted);
}
</style>
