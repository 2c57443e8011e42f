<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { computed, useTemplateRef } from 'vue'
import type { Plot } from '@/api/names'
import { lettersOnWall } from '@/shared/plots/look'
import PlotPicture from '@/shared/plots/PlotPicture.vue'
import { rowsOf, rowsWithin } from '@/shared/plots/rowsOf'
import TurningPages from '@/shared/TurningPages.vue'

/** A picture as large as its place on the wall; one with more rows than fit comes in pages. */
const props = defineProps<{ plot: Plot }>()
const room = useTemplateRef('room')
const { width, height: whole } = useElementSize(room)
const letters = computed(() => lettersOnWall(width.value))
/** Less what says how many pages there are, and the key of the fillings. */
const height = computed(() => Math.max(0, whole.value - letters.value * (props.plot.series.length > 0 ? 2.5 : 1)))
const pieces = computed(() =>
  height.value > 0
    ? rowsOf(props.plot, rowsWithin(props.plot, { width: width.value, letters: letters.value, height: height.value }))
    : [],
)
</script>

<template>
  <div ref="room" class="room">
    <TurningPages>
      <PlotPicture v-for="(p, i) in pieces" :key="i" :plot="p" wall :height="height" />
    </TurningPages>
  </div>
</template>

<style scoped>
.room {
  display: grid;
  grid-template: minmax(0, 1fr) / minmax(0, 1fr);
  min-height: 0;
}
</style>
