<script setup lang="ts">
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import type { GalleryShown, RallyOnWall } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'
import { useOnWall } from './useOnWall'

/** All that teams made, side by side, read from eight metres. Without names the server sends none. */
const props = defineProps<{ rally: RallyOnWall; round: number; tick: number; shown: GalleryShown | null | undefined }>()
const gallery = useOnWall(props, (params) => ask(api.GET('/api/rallies/{id}/wall/gallery', { params })))
const marks = computed(() => teamMarks(props.rally.teams))
const cards = computed(() => gallery.data.value?.cards ?? [])
const columns = computed(() => Math.max(1, Math.ceil(Math.sqrt(cards.value.length * 1.6))))
</script>

<template>
  <main id="main" class="wall">
    <h1 class="out-of-sight">The gallery</h1>
    <LoadNote
      v-if="!gallery.data.value"
      :state="gallery.state.value"
      :refusal="gallery.refusal.value"
      what="the gallery"
      @again="gallery.load"
    />
    <template v-else>
      <ul class="cards" :style="{ gridTemplateColumns: `repeat(${columns}, minmax(0, 1fr))` }">
        <li v-for="(c, at) in cards" :key="at">
          <img
            v-if="c.photo"
            :src="`/api/rallies/${rally.id}/wall/photos/${c.photo}?round=${round}`"
            :alt="c.name ? `Photo of ${c.name}` : `Photo, number ${at + 1}`"
          />
          <p v-else class="none">
            <TeamPennant v-if="c.team" :mark="marks.get(c.team)!" :width="120" />
            <template v-else>no photo</template>
          </p>
          <p class="head">
            <span>{{ c.name }}</span> <b class="figures">{{ c.value || 'to come' }}</b>
          </p>
          <p class="seen">{{ [...c.labels, ...c.tags].join(', ') }}</p>
        </li>
      </ul>
      <ul class="says">
        <li v-for="s in gallery.data.value.says.slice(0, 2)" :key="s">{{ s }}</li>
      </ul>
    </template>
  </main>
</template>

<style scoped>
.wall {
  display: grid;
  grid-template-rows: minmax(0, 1fr) auto;
  gap: 1rem;
  padding: 1.5rem 2.5rem;
  height: 100vh;
}
.cards {
  display: grid;
  grid-auto-rows: minmax(0, 1fr);
  gap: 1rem 1.5rem;
  min-height: 0;
}
.cards li {
  display: flex;
  flex-direction: column;
  min-height: 0;
  border-top: 4px solid var(--ink);
}
img,
.none {
  flex: 1 1 0;
  min-height: 0;
  width: 100%;
}
img {
  object-fit: cover;
}
.none {
  display: grid;
  place-items: center;
  color: var(--muted);
  font-size: 1.5rem;
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 1rem;
  font-size: 2rem;
  line-height: 1.2;
}
.seen {
  font-size: 1.5rem;
  line-height: 1.2;
}
.says {
  font-size: 2rem;
  border-top: 3px dashed var(--line);
  padding-top: 0.5rem;
}
</style>
