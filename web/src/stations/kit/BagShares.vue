<script setup lang="ts">
import type { BagsToDraw } from './bags'

/** What goes into a bag, and how fair bags are to each other. */
defineProps<{ draw: BagsToDraw; categories: readonly string[] }>()
</script>

<template>
  <p v-for="c in categories" :key="c">
    From
    <input v-model.number="draw.share(c).least" type="number" min="0" class="inline" :aria-label="`Least of ${c}`" /> to
    <input v-model.number="draw.share(c).most" type="number" min="0" class="inline" :aria-label="`Most of ${c}`" /> of
    {{ c }}
  </p>
  <p>
    <label><input v-model="draw.same" type="checkbox" /> the same for all</label>; worth at most
    <input v-model.number="draw.spread" type="number" min="0" class="inline" aria-label="Spread" /> more or less;
    shuffle number <input v-model.number="draw.seed" type="number" class="inline" aria-label="Shuffle number" />
  </p>
</template>

<style scoped>
p {
  line-height: 1.9;
}
input[type='number'] {
  width: 3.2rem;
  field-sizing: fixed;
}
</style>
