<script setup lang="ts">
import { computed } from 'vue'
import PaperSheet from './PaperSheet.vue'
import { useRallyPrinting } from './paper'

/** A note for home: what was done, what was found, when it goes on. It names nobody but the child that takes it. */
const { now, rally } = useRallyPrinting()
const notes = computed(() =>
  rally.papers.home
    .filter((n) => now.teams.some((t) => t.id === n.team))
    .flatMap((n) => (n.for.length > 0 ? n.for : ['']).map((child) => ({ ...n, child, key: `${n.team} ${child}` }))),
)
</script>

<template>
  <PaperSheet title="Notes home" plain>
    <section v-for="n in notes" :key="n.key" class="note">
      <h3>{{ now.on.brief.title }}</h3>
      <p>{{ [n.child ? `For ${n.child}` : '', now.on.about].filter(Boolean).join(', ') }}</p>
      <p><b>What we did.</b> {{ n.did.join(' ') }}</p>
      <p v-if="n.own">
        <b>Our team, {{ n.name }}.</b> {{ n.own }}.
      </p>
      <p v-if="n.found.length > 0"><b>What we found.</b> {{ n.found.join(' ') }}</p>
      <p class="next">
        Next time: <span>{{ now.choices.next }}</span>
      </p>
    </section>
  </PaperSheet>
</template>

<style scoped>
.note {
  break-inside: avoid;
  border-bottom: 1px dashed var(--ink);
  padding-block: 1em;
  display: grid;
  gap: 0.3em;
}
.next {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 0.5em;
}
.next span {
  border-bottom: 1px solid var(--ink);
}
</style>
