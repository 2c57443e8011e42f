<script setup lang="ts">
import { computed } from 'vue'
import type { Brief, Season } from '../../api/names'
import GrowText from '../../shared/GrowText.vue'
import InlineNumber from './InlineNumber.vue'
import RuleLines from './RuleLines.vue'

/** The pupils' sheet, edited where it stands; fixed where a rally has frozen it. */
defineProps<{ brief: Brief; scoring: readonly string[]; fixed?: boolean }>()
const seasons: readonly (readonly [Season, string])[] = [
  ['any', 'any season'],
  ['autumn', 'autumn'],
  ['winter', 'winter'],
  ['spring', 'spring'],
  ['summer', 'summer'],
]
const seasonName = computed(() => new Map(seasons))
</script>

<template>
  <article class="sheet" aria-label="Pupils' sheet">
    <p class="season small">
      <template v-if="fixed"
        >{{ seasonName.get(brief.season) }}<template v-if="brief.theme"> · {{ brief.theme }}</template></template
      >
      <template v-else>
        <select v-model="brief.season" class="inline" aria-label="Season">
          <option v-for="[value, name] in seasons" :key="value" :value="value">{{ name }}</option>
        </select>
        <input v-model="brief.theme" class="inline theme" aria-label="Theme" placeholder="theme" data-at="/theme" />
      </template>
    </p>
    <h2 class="title">
      <GrowText v-model="brief.title" label="Title" at="/title" placeholder="What is it called?" :fixed="fixed" />
    </h2>
    <div class="story">
      <GrowText
        v-model="brief.story"
        label="Story"
        at="/story"
        placeholder="The story that gives the reason"
        :fixed="fixed"
      />
    </div>

    <section>
      <h3>Your goal</h3>
      <GrowText v-model="brief.goal" label="Goal" at="/goal" placeholder="The goal in one sentence" :fixed="fixed" />
    </section>
    <section>
      <h3>Your design must</h3>
      <RuleLines :brief="brief" sort="criterion" :fixed="fixed" />
    </section>
    <section>
      <h3>You may use, and how</h3>
      <RuleLines :brief="brief" sort="constraint" :fixed="fixed" />
    </section>
    <section>
      <h3>How it is tested</h3>
      <p>
        <InlineNumber v-if="!fixed" v-model="brief.trials.attempts" label="Attempts" at="/trials/attempts" />
        <template v-else>{{ brief.trials.attempts }}</template>
        {{ brief.trials.attempts === 1 ? 'attempt' : 'attempts' }} for each team.
      </p>
      <GrowText
        v-model="brief.trials.overWhen"
        label="When an attempt is over"
        at="/trials/overWhen"
        placeholder="An attempt is over when…"
        :fixed="fixed"
      />
      <ul class="measured">
        <li v-for="m in brief.measures" :key="m.id">
          <b>{{ m.name || 'Something unnamed' }}</b><template v-if="m.how">: {{ m.how }}</template>
          <span v-if="m.unit" class="muted small"> (in {{ m.unit }}, to the nearest {{ m.step }})</span>
        </li>
      </ul>
    </section>
    <section>
      <h3>How it is scored</h3>
      <p v-if="scoring.length === 0" class="muted">This is written from the method once the snags are mended.</p>
      <ul v-else class="scoring">
        <li v-for="s in scoring" :key="s">{{ s }}</li>
      </ul>
    </section>
  </article>
</template>

<style scoped>
.sheet {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: 1.5rem 2rem 2rem;
  min-width: 0;
}
.season {
  display: flex;
  gap: 0.75rem;
  color: var(--muted);
}
.theme {
  flex: 1;
  min-width: 0;
}
.title {
  font-size: 1.9rem;
  letter-spacing: -0.02em;
  padding: 0.25rem 0 0.5rem;
  overflow-wrap: anywhere;
}
.story {
  font-size: 1.06rem;
}
section {
  margin-top: 1.1rem;
  padding-top: 0.9rem;
  border-top: var(--stitch);
}
section h3 {
  margin-bottom: 0.35rem;
  color: var(--lagoon-deep);
}
.measured {
  margin-top: 0.35rem;
}
.scoring li + li {
  margin-top: 0.2rem;
}
@media print {
  .sheet {
    border: 0;
    padding: 0;
  }
}
</style>
