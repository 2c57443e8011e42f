<script setup lang="ts">
import { api, ask } from '@/api/client'
import LoadNote from '@/shared/LoadNote.vue'
import TeamPennant from '@/shared/TeamPennant.vue'
import { useLoad } from '@/shared/useLoad'
import { usePhotos } from '@/shared/usePhotos'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** What the teams made, side by side, in order of the first figure. */
const { rally } = useRallyPrinting()
const gallery = useLoad(() =>
  ask(api.GET('/api/rallies/{id}/gallery', { params: { path: { id: rally.id }, query: { round: rally.round } } })),
)
void gallery.load()
const album = usePhotos(rally.id)
const photo = (team: string) => album.all.value.findLast((f) => f.team === team)
</script>

<template>
  <LoadNote
    v-if="!gallery.data.value"
    :state="gallery.state.value"
    :refusal="gallery.refusal.value"
    what="the gallery"
    @again="gallery.load"
  />
  <PaperSheet v-else title="The gallery">
    <ul class="cards">
      <li v-for="c in gallery.data.value.cards" :key="c.team">
        <img
          v-if="photo(c.team)"
          :src="`/api/rallies/${rally.id}/photos/${photo(c.team)!.id}`"
          :alt="`Photo of ${c.name}`"
          :width="photo(c.team)!.width"
          :height="photo(c.team)!.height"
        />
        <h3><TeamPennant :mark="rally.marks.get(c.team)!" :width="48" /> {{ c.name }} {{ c.value }}</h3>
        <p v-if="c.others.length > 0">{{ c.others.join(', ') }}</p>
        <p v-if="c.labels.length > 0">{{ c.labels.join(', ') }}</p>
        <p v-if="c.tags.length > 0">
          <b>{{ c.tags.map((t) => t.word).join(', ') }}</b>
        </p>
      </li>
    </ul>
  </PaperSheet>
</template>

<style scoped>
.cards {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 1em 1.5em;
}
li {
  break-inside: avoid;
  border-top: 2px solid var(--ink);
  padding-top: 0.4em;
}
img {
  width: 100%;
  height: 55mm;
  object-fit: cover;
}
h3 {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.2em 0.5em;
}
</style>
