<script setup lang="ts">
import { api, ask } from '@/api/client'
import type { PlotShown, RallyOnWall } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import { useOnWall } from './useOnWall'
import WallPlot from './WallPlot.vue'

/** A picture of the class's numbers, read from eight meters. */
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
        <WallPlot :plot="picture.data.value.plot" />
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
  height: 100vh;
  grid-template-rows: auto minmax(0, 1fr) auto;
  gap: 1vh;
}
h1 {
  font-size: 1.4em;
}
</style>
