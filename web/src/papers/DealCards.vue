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
.cut {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  border-top: 1px dashed var(--ink);
  border-left: 1px dashed var(--ink);
}
li {
  break-inside: avoid;
  border-right: 1px dashed var(--ink);
  border-bottom: 1px dashed var(--ink);
  padding: 1em;
  min-height: 45mm;
}
.deal {
  text-transform: lowercase;
}
h3 {
  font-size: 1.3em;
}
</style>
