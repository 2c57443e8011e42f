<script setup lang="ts">
import { useElementSize } from '@vueuse/core'
import { useTemplateRef, watchEffect } from 'vue'
import type { Plot } from '@/api/names'
import { draw } from './draw'
import { fillOf } from './fills'
import { lettersOnWall } from './look'

/** A plot, as wide as its place; its letters are larger on a wall, and 12 points and more on paper. */
const props = defineProps<{ plot: Plot; wall?: boolean; paper?: boolean; height?: number }>()
const frame = useTemplateRef('frame')
const { width } = useElementSize(frame)
watchEffect(() => {
  if (frame.value && width.value > 0)
    frame.value.replaceChildren(
      draw(props.plot, {
        width: width.value,
        letters: props.wall ? lettersOnWall(width.value) : props.paper ? 16 : 14,
        height: props.height,
      }),
    )
})
</script>

<template>
  <figure>
    <div
      ref="frame"
      class="frame"
      role="img"
      :aria-label="`${plot.sortName}: ${plot.title}. ${plot.says.join(' ')}`"
    ></div>
    <ul v-if="plot.series.length > 0" class="key">
      <li v-for="(s, i) in plot.series" :key="s">
        <svg width="22" height="14" aria-hidden="true">
          <rect width="22" height="14" :fill="fillOf(i)" stroke="currentColor" stroke-width="2" />
        </svg>
        {{ s }}
      </li>
    </ul>
  </figure>
</template>

<style scoped>
figure {
  margin: 0;
  color: var(--ink);
}
.frame {
  min-height: 6rem;
}
.frame :deep(svg) {
  display: block;
  max-width: none;
}
.key {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
}
.key li {
  display: flex;
  align-items: center;
  gap: var(--space-3);
}
</style>
