<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, GradeBand } from '@/api/names'
import GrowText from '@/fields/GrowText.vue'
import InlineChoice from '@/fields/InlineChoice.vue'
import InlineText from '@/fields/InlineText.vue'
import ItemLines from '@/fields/ItemLines.vue'
import type { Pairs } from '@/fields/pairs'
import { seasons } from '@/fields/words'
import { useWriting } from '@/fields/writing'
import RuleLines from './RuleLines.vue'
import SheetDeals from './SheetDeals.vue'
import SheetMaterials from './SheetMaterials.vue'
import SheetSafety from './SheetSafety.vue'
import SheetScoring from './SheetScoring.vue'
import SheetTest from './SheetTest.vue'
import SheetTime from './SheetTime.vue'
import WhatIs from '@/shared/WhatIs.vue'

/** The student sheet, edited where it stands. What judges and teachers need stands small between its lines. */
defineProps<{ brief: Brief; scoring: readonly string[] }>()
const { choices } = useWriting()
const grades = computed((): Pairs<GradeBand> => (choices.value?.grades ?? []).map((g) => [g.value, g.name] as const))
</script>

<template>
  <article class="sheet" aria-label="Student sheet">
    <p class="season small">
      <InlineChoice v-model="brief.grades" label="Grades" at="/grades" :options="grades" />
      <InlineChoice v-model="brief.season" label="Season" :options="seasons" />
      <InlineText v-model="brief.theme" class="theme" label="Theme" at="/theme" placeholder="theme" />
    </p>
    <h2 class="title">
      <GrowText v-model="brief.title" label="Title" at="/title" placeholder="What is it called?" />
    </h2>
    <div class="story">
      <GrowText v-model="brief.story" label="Story" at="/story" placeholder="The story that gives the reason" />
      <GrowText
        v-model="brief.question"
        class="question"
        label="Opening question"
        at="/question"
        placeholder="The question that opens the lesson"
      />
    </div>
    <section>
      <h3>Your goal</h3>
      <GrowText v-model="brief.goal" label="Goal" at="/goal" placeholder="The goal in one sentence" />
    </section>
    <section>
      <div class="called">
        <h3>Your design must</h3>
        <WhatIs word="criterion" />
      </div>
      <RuleLines :brief="brief" sort="criterion" />
    </section>
    <section>
      <h3>Bonus points</h3>
      <RuleLines :brief="brief" sort="bonus" />
    </section>
    <section>
      <div class="called">
        <h3>You may use, and how</h3>
        <WhatIs word="constraint" />
      </div>
      <SheetMaterials :brief="brief" />
      <RuleLines :brief="brief" sort="constraint" />
      <SheetDeals :brief="brief" />
    </section>
    <SheetTest :brief="brief" />
    <section>
      <h3>How it is scored</h3>
      <SheetScoring :brief="brief" :scoring="scoring" />
    </section>
    <section>
      <h3>Time</h3>
      <SheetTime :brief="brief" />
    </section>
    <section>
      <h3>Words</h3>
      <ItemLines
        v-slot="{ item, i }"
        :items="brief.words"
        one="word"
        at="/words"
        :fresh="() => ({ word: '', meaning: '' })"
      >
        <InlineText v-model="item.word" label="Word" :at="`/words/${i}/word`" placeholder="a word" />:
        <InlineText
          v-model="item.meaning"
          label="What it means"
          :at="`/words/${i}/meaning`"
          placeholder="what it means here"
        />
      </ItemLines>
    </section>
    <section>
      <h3>Safety</h3>
      <SheetSafety :brief="brief" />
    </section>
  </article>
</template>

<style scoped>
.sheet {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: var(--space-5) var(--space-6) var(--space-7);
  min-width: 0;
}
.season {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-4);
  color: var(--muted);
}
.theme {
  flex: 1;
  min-width: 6rem;
}
.theme :deep(input) {
  width: 100%;
}
.title {
  font-size: var(--size-title);
  letter-spacing: -0.02em;
  padding: var(--space-2) 0 var(--space-3);
  overflow-wrap: anywhere;
}
.story {
  font-size: var(--size-text);
}
.question {
  font-weight: 650;
  margin-top: var(--space-3);
}
.sheet :deep(section) {
  margin-top: var(--space-5);
  padding-top: var(--space-4);
  border-top: var(--rule);
}
.sheet :deep(section h3) {
  margin-bottom: var(--space-2);
  color: var(--lagoon-deep);
}
</style>
