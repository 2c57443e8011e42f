<script setup lang="ts">
import { ref } from 'vue'
import { asPng, asSvg, save } from '@/shared/plots/savePlot'

/** The picture as a file: drawn sharp at any size, or as points. */
const props = defineProps<{ title: string; drawn: () => SVGSVGElement | null }>()
const failed = ref(false)
const name = (ending: string) => `${props.title.toLowerCase().replace(/[^a-z0-9]+/g, '-')}.${ending}`
async function take(as: 'svg' | 'png') {
  const svg = props.drawn()
  if (!svg) return
  failed.value = false
  try {
    save(as === 'svg' ? new Blob([asSvg(svg)], { type: 'image/svg+xml' }) : await asPng(svg), name(as))
  } catch {
    failed.value = true
  }
}
</script>

<template>
  <p class="small">
    Download as
    <button type="button" class="act" @click="take('svg')">SVG</button>
    or
    <button type="button" class="act" @click="take('png')">PNG</button>
    <span v-if="failed" class="wrong" role="alert">The picture could not be made. Try SVG.</span>
  </p>
</template>
