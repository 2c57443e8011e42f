<script setup lang="ts">
import { computed, useId } from 'vue'
import type { TeamMark } from './teamMarks'

/** A team's pennant, told apart by pattern, outline and short code. Decoration beside the team's name. */
const props = defineProps<{ mark: TeamMark; width?: number }>()
const id = useId()
const shapes: Record<TeamMark['pattern'], string> = {
  stripes: 'M0 2h12',
  dots: 'M3 3h.01M9 9h.01',
  zigzag: 'M0 9l3-6 3 6 3-6 3 6',
  checks: 'M0 0h6v6h-6zM6 6h6v6h-6z',
  waves: 'M0 4q3-4 6 0t6 0M0 10q3-4 6 0t6 0',
  scallops: 'M0 0a6 6 0 0 0 12 0M-6 6a6 6 0 0 0 12 0M6 6a6 6 0 0 0 12 0',
  crosses: 'M6 2v8M2 6h8',
  ladder: 'M3 0v12M9 0v12M3 3h6M3 9h6',
}
const outlines: Record<TeamMark['outline'], string> = {
  swallowtail: 'M3 3h59l-9 14 9 14H3z',
  point: 'M3 3h38l21 14-21 14H3z',
  straight: 'M3 3h57v28H3z',
  round: 'M3 3h44a14 14 0 0 1 0 28H3z',
  notch: 'M3 3h57v9h-9v10h9v9H3z',
}
const filled = computed(() => props.mark.pattern === 'checks')
const width = computed(() => props.width ?? 64)
</script>

<template>
  <svg class="pennant" viewBox="0 0 64 34" :width="width" :height="(width * 34) / 64" aria-hidden="true">
    <defs>
      <pattern :id="id" width="12" height="12" patternUnits="userSpaceOnUse">
        <rect width="12" height="12" :fill="mark.colour" />
        <path
          :d="shapes[mark.pattern]"
          :fill="filled ? 'var(--on-dark)' : 'none'"
          :fill-opacity="filled ? 0.75 : 0"
          stroke="var(--on-dark)"
          :stroke-width="filled ? 0 : mark.pattern === 'dots' ? 5 : mark.pattern === 'stripes' ? 5 : 2.2"
          stroke-linecap="round"
        />
      </pattern>
    </defs>
    <path d="M2 1v32" stroke="currentColor" stroke-width="3" />
    <path :d="outlines[mark.outline]" :fill="`url(#${id})`" stroke="currentColor" stroke-width="1.5" />
    <rect x="7" y="8" width="26" height="18" rx="2" fill="var(--on-dark)" stroke="currentColor" stroke-width="1" />
    <text x="20" y="21.8">{{ mark.sign }}</text>
  </svg>
</template>

<style scoped>
.pennant {
  flex: none;
}
text {
  font: 750 13px var(--text);
  text-anchor: middle;
  fill: var(--on-light);
}
</style>
