<script setup lang="ts">
import type { Brief, StudentSheet } from '@/api/names'
import { seasons } from '@/fields/words'

/** The student sheet as it is read: on paper, in a rally, or in a tier. */
defineProps<{ brief: Brief; sheet: StudentSheet; tier?: string; changed?: ReadonlySet<string>; onPaper?: boolean }>()
const seasonName = new Map(seasons)
const blocks = (sheet: StudentSheet) =>
  [
    ['Your design must', sheet.criteria],
    ['Bonus points', sheet.bonuses],
    ['You may use, and how', [...sheet.materials, ...sheet.constraints]],
    ['What things cost', sheet.prices],
    ['How it is tested', sheet.test],
    ['The same for everyone', sheet.conditions],
    ['How it is scored', sheet.scoring],
    ['Targets', sheet.targets],
    ['Awards', sheet.awards],
    ['At home', sheet.atHome],
    ['Time', sheet.time],
    ['Words', sheet.words],
    ['Safety', sheet.safety],
  ] as const
</script>

<template>
  <article class="printed" :class="{ framed: !onPaper }" aria-label="Student sheet">
    <p class="small muted kicker">
      {{ [tier, brief.season === 'any' ? '' : seasonName.get(brief.season), brief.theme].filter(Boolean).join(' · ') }}
    </p>
    <h2>{{ brief.title || 'Untitled brief' }}</h2>
    <p class="text">{{ brief.story }}</p>
    <p v-if="brief.question" class="text question">{{ brief.question }}</p>
    <section v-if="brief.goal" class="goal">
      <h3>Your goal</h3>
      <p class="text">{{ brief.goal }}</p>
    </section>
    <div class="blocks">
      <template v-for="[title, lines] in blocks(sheet)" :key="title">
        <section v-if="lines.length > 0" :class="{ list: title !== 'Safety' }">
          <h3>{{ title }}</h3>
          <ul>
            <li v-for="(line, i) in lines" :key="i" class="text" :class="{ changed: changed?.has(line) }">
              {{ line }}
            </li>
          </ul>
        </section>
      </template>
    </div>
  </article>
</template>

<style scoped>
.kicker::first-letter {
  text-transform: uppercase;
}
.printed {
  background: var(--sheet);
  min-width: 0;
  overflow-wrap: anywhere;
}
.framed {
  border: 1.5px solid var(--ink);
  padding: var(--space-6) var(--space-7) var(--space-7);
}
h2 {
  font-size: 1.9em;
  letter-spacing: -0.02em;
  padding: var(--space-1) 0 var(--space-3);
}
.text {
  white-space: pre-wrap;
}
.question {
  font-weight: 650;
  margin-top: 0.3em;
}
section {
  margin-top: 0.8em;
  padding-top: 0.55em;
  border-top: 2px dashed var(--line);
}
/* A list goes on where there is room; its title stays with its first line, and no line is cut. */
li,
.goal {
  break-inside: avoid;
}
h3 {
  font-size: 1.05em;
  color: var(--lagoon-deep);
  margin-bottom: 0.2em;
  break-after: avoid;
}
.blocks section {
  margin: 0 0 0.9em;
}
.blocks {
  margin-top: 0.9em;
  columns: 2 17rem;
  column-gap: var(--space-7);
}
.goal .text {
  font-weight: 650;
}
li {
  padding-left: 1em;
  position: relative;
}
li::before {
  content: '';
  position: absolute;
  left: 0;
  top: 0.48em;
  width: 0.5em;
  height: 0.5em;
  background: var(--lagoon);
  clip-path: polygon(0 0, 100% 0, 70% 50%, 100% 100%, 0 100%);
  print-color-adjust: exact;
}
.changed {
  background: var(--marigold-wash);
}
</style>
