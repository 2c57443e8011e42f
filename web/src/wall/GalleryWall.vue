<script setup lang="ts">
import { computed } from 'vue'
import { api, ask } from '@/api/client'
import type { GalleryShown, RallyOnWall } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import { teamMarks } from '@/shared/teamMarks'
import TurningPages from '@/shared/TurningPages.vue'
import { useOnWall } from './useOnWall'

/** All that teams made, side by side, read from eight meters. Without names the server sends none. */
const props = defineProps<{ rally: RallyOnWall; round: number; tick: number; shown: GalleryShown | null | undefined }>()
const gallery = useOnWall(props, (params) => ask(api.GET('/api/rallies/{id}/wall/gallery', { params })))
const marks = computed(() => teamMarks(props.rally.teams))
const cards = computed(() => gallery.data.value?.cards ?? [])
/** More cards than these side by side have no room for a name of usual length. */
const most = 6
const columns = computed(() => Math.min(3, cards.value.length))
const pages = computed(() =>
  Array.from({ length: Math.ceil(cards.value.length / most) }, (_, page) =>
    cards.value.map((card, at) => ({ card, at })).slice(page * most, (page + 1) * most),
  ),
)
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
      <TurningPages>
        <ul v-for="page in pages" :key="page[0]?.at" class="cards" :style="{ '--columns': columns }">
          <li v-for="{ card: c, at } in page" :key="at">
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
            <p>{{ [...c.labels, ...c.tags].join(', ') }}</p>
          </li>
        </ul>
      </TurningPages>
      <ul class="says">
        <li v-for="s in gallery.data.value.says.slice(0, 2)" :key="s">{{ s }}</li>
      </ul>
    </template>
  </main>
</template>

<style scoped>
.wall {
  display: grid;
  grid-template: minmax(0, 1fr) auto / minmax(0, 1fr);
  gap: 2vh;
  height: 100vh;
}
.cards {
  display: grid;
  grid-template-columns: repeat(var(--columns), minmax(0, 1fr));
  grid-auto-rows: minmax(0, 1fr);
  gap: 2vh 2vw;
  height: 100%;
  break-inside: avoid;
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
}
.head {
  display: flex;
  justify-content: space-between;
  gap: 0.5em;
}
.head b {
  white-space: nowrap;
}
.says {
  border-top: 3px solid var(--line);
  padding-top: 1vh;
}
</style>
