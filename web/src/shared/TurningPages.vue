<script setup lang="ts">
import { useEventListener, useIntervalFn, useMutationObserver, useResizeObserver } from '@vueuse/core'
import { computed, nextTick, ref, useTemplateRef, watch } from 'vue'
import { singleKeys } from './singleKeys'

/**
 * What stands on a wall, in as many pages as it needs: nothing is cut, and nobody scrolls. The browser breaks the
 * contents into columns as high as the box; a page is as many of them as stand beside each other in it, and the next
 * one comes by itself. The key P holds the page on this screen. What is marked `data-newest` is turned to whenever
 * `newest` changes.
 */
const { columns = 1, newest = undefined } = defineProps<{ columns?: number; newest?: unknown }>()
/** How long a page hangs, in milliseconds. */
const hangs = 10_000
const box = useTemplateRef('box')
const flow = useTemplateRef('flow')
const pages = ref(1)
const at = ref(0)
const held = ref(false)
/** How far the next page lies, in px. */
const step = ref(0)
const shift = computed(() => ({ transform: `translateX(${-at.value * step.value}px)` }))

function measure() {
  if (!box.value || !flow.value) return
  const gap = parseFloat(getComputedStyle(flow.value).columnGap) || 0
  step.value = box.value.clientWidth + gap
  // A pixel less, for widths that are no whole number of them.
  pages.value = step.value > gap ? Math.max(1, Math.ceil((flow.value.scrollWidth + gap - 1) / step.value)) : 1
  if (at.value >= pages.value) at.value = 0
}
const { pause, resume } = useIntervalFn(() => {
  if (!held.value) at.value = (at.value + 1) % pages.value
}, hangs)

watch(
  () => newest,
  async () => {
    await nextTick()
    measure()
    const place = flow.value?.querySelector<HTMLElement>('[data-newest]')
    if (!place || !flow.value || step.value === 0) return
    const from = place.getBoundingClientRect().left - flow.value.getBoundingClientRect().left
    at.value = Math.max(0, Math.min(pages.value - 1, Math.floor(from / step.value)))
    pause()
    resume()
  },
)
useResizeObserver([box, flow], measure)
useMutationObserver(flow, measure, { childList: true, characterData: true, subtree: true })
useEventListener(document, 'keydown', (event: KeyboardEvent) => {
  if (!singleKeys.value || event.code !== 'KeyP' || event.altKey || event.ctrlKey || event.metaKey) return
  held.value = !held.value
})
</script>

<template>
  <div class="pages">
    <div ref="box" class="box">
      <div ref="flow" class="flow" :style="[{ columnCount: columns }, shift]"><slot /></div>
    </div>
    <p v-if="pages > 1" class="count" :class="{ held }" aria-hidden="true">
      <span v-for="n in pages" :key="n" :class="{ here: n === at + 1 }"></span>
    </p>
  </div>
</template>

<style scoped>
.pages {
  display: grid;
  overflow: hidden;
  grid-template-rows: minmax(0, 1fr) auto;
  min-height: 0;
  min-width: 0;
}
.box {
  overflow: hidden;
  min-height: 0;
}
.flow {
  height: 100%;
  column-gap: 3vw;
  column-fill: auto;
}
.flow :deep(li),
.flow :deep(figure),
.flow :deep(p),
.flow :deep(tr) {
  break-inside: avoid;
}
.count {
  display: flex;
  gap: var(--space-3);
  padding-top: var(--space-3);
}
.count span {
  height: 6px;
  width: 28px;
  background: var(--line);
}
.count .here {
  background: var(--marigold);
}
.count.held .here {
  background: none;
  border: 2px solid var(--marigold);
}
</style>
