<script setup lang="ts">
import { computed } from 'vue'
import PaperSheet from './PaperSheet.vue'
import { usePrinting } from './paper'

/** The cards of a brief, to cut out before they are dealt: conditions, problems, machines. */
const now = usePrinting()
const cards = computed(() => now.on.papers?.cards ?? [])
</script>

<template>
  <p v-if="cards.length === 0" class="muted">This brief deals no cards.</p>
  <PaperSheet v-else title="Cards to deal">
    <ul class="cut">
      <li v-for="(c, i) in cards" :key="i">
        <p class="deal">{{ c.deal }}</p>
        <h3>{{ c.name }}</h3>
        <p>{{ c.text }}</p>
        <p v-for="does in c.does" :key="does">{{ does }}</p>
      </li>
    </ul>
  </PaperSheet>
</template>

<style scoped>
.deal {
  text-transform: lowercase;
}
h3 {
  font-size: 1.3em;
}
</style>
