<script setup lang="ts">
import { computed } from 'vue'
import type { PaperChoices } from './paper'

/** What goes to the printer, as it will look: the size of its pages, its ink and its letters. */
const props = defineProps<{
  name: string
  choices: Pick<PaperChoices, 'paper' | 'ink' | 'letters'>
  large?: boolean
}>()
/** The size of the paper is part of the printed page and cannot be set by a class. */
const page = computed(() => `@page { size: ${props.choices.paper}; margin: 13mm 14mm 18mm; }`)
</script>

<template>
  <section class="on-paper" :aria-label="name" :class="[choices.ink, choices.paper, large ? choices.letters : 'usual']">
    <component :is="'style'">{{ page }}</component>
    <slot />
  </section>
</template>

<style scoped>
.on-paper {
  width: 210mm;
  max-width: 100%;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-6);
  font-size: 12pt;
  line-height: 1.4;
}
/* A name of sixty letters without a break goes on in a second line. */
.on-paper :deep(:is(h1, h2, h3, p, caption)) {
  overflow-wrap: anywhere;
}
.letter {
  width: 216mm;
}
.print {
  font-size: 16pt;
}
.black {
  --lagoon: var(--on-light-paper);
  --lagoon-deep: var(--on-light-paper);
  --brick: var(--on-light-paper);
  --marigold: var(--on-light-paper);
  --marigold-text: var(--on-light-paper);
  --plum: var(--on-light-paper);
  --muted: var(--on-light-paper);
  --line: var(--line-on-paper);
  --ink: var(--on-light-paper);
  --lagoon-wash: var(--sheet);
  --marigold-wash: var(--sheet);
  --plum-wash: var(--sheet);
  --team-1: var(--on-light-paper);
  --team-2: var(--on-light-paper);
  --team-3: var(--on-light-paper);
  --team-4: var(--on-light-paper);
  --team-5: var(--on-light-paper);
  color: var(--on-light-paper);
}
@media print {
  .on-paper {
    display: block;
    width: auto;
  }
}
</style>

<style>
/* A sheet begins on a page of its own. */
.on-paper .sheet {
  background: var(--sheet);
  color: var(--ink);
  padding: 13mm 14mm;
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 0.8em;
  align-content: start;
  overflow-wrap: anywhere;
  min-height: 265mm;
}
@media print {
  .on-paper .sheet {
    display: block;
    padding: 0;
    width: auto;
    max-width: none;
    min-height: 0;
    break-after: page;
  }
  .on-paper .sheet:last-child {
    break-after: auto;
  }
  .on-paper .sheet > * + * {
    margin-top: 0.8em;
  }
}
/* Cards to cut out, two beside each other. */
.on-paper .cut {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  border-top: 1px dashed var(--ink);
  border-left: 1px dashed var(--ink);
}
.on-paper .cut > li {
  break-inside: avoid;
  border-right: 1px dashed var(--ink);
  border-bottom: 1px dashed var(--ink);
  padding: 0.8em 1em;
  min-height: 40mm;
}
/* Tables on paper: ruled, headed again on every page, no row cut in two. */
.on-paper table {
  width: 100%;
  border-collapse: collapse;
  overflow-wrap: break-word;
}
.on-paper thead {
  display: table-header-group;
}
.on-paper tr {
  break-inside: avoid;
}
.on-paper .ruled :is(th, td) {
  border: 1px solid var(--ink);
  padding: 0.2em 0.5em;
  text-align: left;
  vertical-align: baseline;
  font-weight: 400;
}
.on-paper .ruled thead th {
  font-weight: 700;
}
.on-paper .small {
  font-size: 1em;
}
.on-paper h3 {
  font-size: 1.1em;
  break-after: avoid;
}
.on-paper p {
  orphans: 3;
  widows: 3;
}
</style>
