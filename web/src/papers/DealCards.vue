<script setup lang="ts">
import { computed } from 'vue'
import PaperSheet from './PaperSheet.vue'
import { usePrinting } from './paper'

/** The cards of a brief, to cut out before they are dealt: conditions, problems, machines. */
const now = usePrinting()
const cards = computed(() =>
  now.on.brief.deals.flatMap((d) =>
    d.off
      ? []
      : d.cards.flatMap((c) =>
          Array.from({ length: c.count ?? 1 }, (_, n) => ({ ...c, key: `${c.id} ${n}`, deal: d.name })),
        ),
  ),
)
</script>

<template>
  <p v-if="cards.length === 0" class="muted">This brief deals no cards.</p>
  <PaperSheet v-else title="Cards to deal">
    <ul class="cut">
      <li v-for="c in cards" :key="c.key">
        <p class="deal">{{ c.deal }}</p>
        <h3>{{ c.name }}</h3>
        <p>{{ c.text }}</p>
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
