<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import { api, ask } from '@/api/client'
import type { PlotShown, RallyOnWall } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import { lettersOnWall } from '@/shared/plots/draw'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import { rowsOf, rowsWithin } from '@/shared/plots/rowsOf'
import TurningPages from '@/shared/TurningPages.vue'
import { useOnWall } from './useOnWall'

/** A picture of the class's numbers, read from eight meters. */
const props = defineProps<{ rally: RallyOnWall; round: number; tick: number; shown: PlotShown | null | undefined }>()
const picture = useOnWall(props, (params) => ask(api.GET('/api/rallies/{id}/wall/plot', { params })))
const room = useTemplateRef('room')
const { width, height: whole } = useElementSize(room)
const letters = computed(() => lettersOnWall(width.value))
/** Less what says how many pages there are, and the key of the fillings. */
const height = computed(() =>
  Math.max(0, whole.value - letters.value * (picture.data.value?.plot?.series.length ? 2.5 : 1)),
)
const pieces = computed(() => {
  const plot = picture.data.value?.plot
  if (!plot || height.value === 0) return []
  return rowsOf(plot, rowsWithin(plot, { width: width.value, letters: letters.value, height: height.value }))
})
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
        <div ref="room" class="room">
          <TurningPages>
            <PlotPicture v-for="(p, i) in pieces" :key="i" :plot="p" wall :height="height" />
          </TurningPages>
        </div>
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
  padding: 3vh 4vw;
  font-size: clamp(32px, 2.6vw, 56px);
  line-height: 1.2;
}
h1 {
  font-size: 1.4em;
}
.room {
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  min-height: 0;
}
</style>
