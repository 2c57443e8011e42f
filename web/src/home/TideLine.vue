<script setup lang="ts">
import { computed } from 'vue'
import type { BriefOnShelf, Season } from '../api/names'

/** The school year as a tide line; a season on it shows only what belongs there. */
const props = defineProps<{ briefs: readonly BriefOnShelf[] }>()
const season = defineModel<Season>()
const seasons = ['autumn', 'winter', 'spring', 'summer'] as const
const count = computed(() =>
  Object.fromEntries(seasons.map((s) => [s, props.briefs.filter((b) => b.season === s).length])),
)
</script>

<template>
  <div class="tide" role="group" aria-label="Season">
    <svg viewBox="0 0 400 16" preserveAspectRatio="none" aria-hidden="true">
      <path
        d="M0 8q12.5-10 25 0t25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0 25 0"
        fill="none"
        stroke="var(--lagoon)"
        stroke-width="2"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <div class="stops">
      <button
        v-for="s in seasons"
        :key="s"
        type="button"
        :aria-pressed="season === s"
        @click="season = season === s ? undefined : s"
      >
        {{ s }} <span class="figures">{{ count[s] }}</span>
      </button>
    </div>
  </div>
</template>

<style scoped>
.tide {
  padding: 1.25rem 0 1.5rem;
}
svg {
  display: block;
  width: 100%;
  height: 14px;
}
.stops {
  display: grid;
  grid-template-columns: repeat(4, 1fr);
}
button {
  justify-self: center;
  font: 500 0.95rem var(--text);
  color: var(--ink);
  background: transparent;
  border: 0;
  border-top: 3px solid transparent;
  padding: 0.35rem 0.75rem;
  cursor: pointer;
  text-transform: capitalize;
}
button:hover {
  border-top-color: var(--line);
}
button[aria-pressed='true'] {
  border-top-color: var(--marigold);
  font-weight: 750;
}
span {
  color: var(--muted);
  font-weight: 400;
}
</style>
