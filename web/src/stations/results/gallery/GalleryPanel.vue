<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { api, ask } from '@/api/client'
import type { Entry } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import { struckOut, written } from '@/shared/entries'
import { useRally } from '@/shared/openRally'
import { teamMarks } from '@/shared/teamMarks'
import { useLoad } from '@/shared/useLoad'
import type { Sent } from '@/shared/useOutbox'
import { usePhotos } from '@/shared/usePhotos'
import { useToWall } from '@/shared/useToWall'
import GalleryCard from './GalleryCard.vue'

/** All that teams made, side by side: put in order by a figure, and tagged with describe the design. */
const props = defineProps<{ record: (entry: Entry) => Promise<Sent> }>()
const { rally, round, tick } = useRally()
const id = rally.value?.id ?? ''
const figure = ref('')
const names = ref(true)
const gallery = useLoad(() =>
  ask(
    api.GET('/api/rallies/{id}/gallery', {
      params: { path: { id }, query: { round: round.value, figure: figure.value } },
    }),
  ),
)
watch([round, tick, figure], () => void gallery.load(), { immediate: true })
const album = usePhotos(id)
watch(tick, () => void album.load())
const photosOf = (team: string) => album.all.value.filter((p) => p.round === round.value && p.team === team)
const marks = computed(() => teamMarks(rally.value?.teams ?? []))
const tag = (team: string, word: string) => props.record(written(team, round.value, { kind: 'tagSeen', word }))
const untag = (team: string, entry: string) => props.record(struckOut(team, round.value, entry, 'undone'))
const wall = useToWall(
  () => id,
  () => round.value,
)
const hang = () => wall.show('the gallery', { shows: 'gallery', gallery: { figure: figure.value, names: names.value } })
</script>

<template>
  <section v-if="rally" class="gallery" aria-labelledby="gallery">
    <h2 id="gallery">Gallery</h2>
    <LoadNote
      v-if="!gallery.data.value"
      :state="gallery.state.value"
      :refusal="gallery.refusal.value"
      what="the gallery"
      @again="gallery.load"
    />
    <template v-else>
      <div class="ask">
        <label v-if="gallery.data.value.figures.length > 0" class="small">
          in order by
          <select
            :value="gallery.data.value.figure"
            class="inline"
            @change="figure = ($event.target as HTMLSelectElement).value"
          >
            <option v-for="f in gallery.data.value.figures" :key="f.id" :value="f.id">{{ f.name }}</option>
          </select>
        </label>
        <label class="small"><input v-model="names" type="checkbox" /> with the teams’ names</label>
        <Button type="button" label="Show the gallery on the wall" variant="outlined" @click="hang" />
        <p v-if="wall.shown.value" role="status" class="small muted">The wall shows {{ wall.shown.value }}.</p>
        <RefusalNote v-if="wall.refusal.value" :refusal="wall.refusal.value" />
      </div>
      <ul class="cards">
        <GalleryCard
          v-for="(card, at) in gallery.data.value.cards"
          :key="card.team"
          :card="card"
          :called="names ? card.name : `Number ${at + 1}`"
          :mark="names ? marks.get(card.team) : undefined"
          :rally="id"
          :photos="photosOf(card.team)"
          :words="gallery.data.value.tags.map((t) => t.word)"
          :tag="(word) => tag(card.team, word)"
          @untag="untag(card.team, $event)"
        />
      </ul>
      <template v-if="gallery.data.value.tags.length > 0">
        <h3>Tags, counted</h3>
        <ul>
          <li v-for="t in gallery.data.value.tags" :key="t.word">{{ t.says || t.word }}</li>
        </ul>
        <p class="small muted">
          Being seen together does not mean that one causes the other. Under Numbers, “Designs compared” draws each tag.
        </p>
      </template>
    </template>
  </section>
</template>

<style scoped>
.gallery {
  padding-top: var(--space-7);
}
.ask {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-2) var(--space-5);
  border-block: var(--rule);
  padding-block: var(--space-2);
  margin-block: var(--space-3) var(--space-4);
}
.cards {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(15rem, 1fr));
  gap: var(--space-5);
}
h3 {
  color: var(--lagoon-deep);
  padding-top: var(--space-5);
}
</style>
