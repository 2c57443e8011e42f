<script setup lang="ts">
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import type { RallyOnWall } from '@/api/names'
import ListOnWall from '@/shared/ListOnWall.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { useOnWall } from './useOnWall'

/** The list over several rallies, revealed from the last place to the first; read from eight metres. */
const props = defineProps<{ rally: RallyOnWall; round: number; tick: number }>()
const all = useOnWall(props, ({ path, query }) =>
  ask(api.GET('/api/rallies/{id}/wall/over-all', { params: { path, query } })),
)
/** What was revealed last stands on top; more than a wall holds moves out below. */
const most = 12
const rows = computed(() => all.data.value?.rows.slice(0, most) ?? [])
const hidden = computed(() => (all.data.value?.places ?? 0) - (all.data.value?.rows.length ?? 0))
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
      <p v-if="hidden > 0" class="hidden">{{ hidden }} not revealed yet</p>
      <ListOnWall :rows="rows" />
    </template>
  </main>
</template>

<style scoped>
.wall {
  padding: 2rem 3rem;
}
header {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: baseline;
  gap: 0.5rem 2rem;
  border-bottom: 3px dashed var(--line);
  padding-bottom: 0.75rem;
}
h1 {
  font-size: 2.8rem;
}
header p,
.hidden {
  font-size: 1.9rem;
  color: var(--muted);
}
</style>
