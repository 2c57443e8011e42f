<script setup lang="ts">
import { api, ask } from '@/api/client'
import type { PlotShown, RallyOnWall } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import { useOnWall } from './useOnWall'

/** A picture of the class's numbers, read from eight metres. */
const props = defineProps<{ rally: RallyOnWall; round: number; tick: number; shown: PlotShown | null | undefined }>()
const picture = useOnWall(props, (params) => ask(api.GET('/api/rallies/{id}/wall/plot', { params })))
</script>

<template>
  <main id="main" class="wall">
    <LoadNote
      v-if="!picture.data.value"
      :state="picture.state.value"
      :refusal="picture.refusal.value"
      what="the picture"
      @again="picture.load"
    />
    <template v-else>
      <h1>{{ picture.data.value.plot?.title ?? rally.title }}</h1>
      <template v-if="picture.data.value.plot">
        <PlotPicture :plot="picture.data.value.plot" wall />
        <ul class="says">
          <li v-for="s in picture.data.value.plot.says.slice(0, 2)" :key="s">{{ s }}</li>
        </ul>
      </template>
      <p v-else class="says">Nothing has been read yet that could be drawn.</p>
    </template>
  </main>
</template>

<style scoped>
.wall {
  display: grid;
  grid-template-rows: auto 1fr auto;
  gap: 1rem;
  padding: 2rem 3rem;
}
h1 {
  font-size: 2.8rem;
}
.says {
  font-size: 2rem;
}
</style>
