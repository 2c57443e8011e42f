<script setup lang="ts">
import { computed } from 'vue'
import PaperSheet from './PaperSheet.vue'
import { usePrinting } from './paper'

/** How the rig is built, what it is made of, and what is the same for everyone, to have beside it. */
const now = usePrinting()
const rig = computed(() => now.on.papers?.rig)
</script>

<template>
  <PaperSheet v-if="rig" title="The rig">
    <section>
      <h3>What it is made of</h3>
      <ul>
        <li v-for="m in rig.madeOf" :key="m"><i class="box" aria-hidden="true"></i> {{ m }}</li>
        <li v-if="rig.madeOf.length === 0" class="muted">The brief lists no material for a rig.</li>
      </ul>
    </section>
    <section>
      <h3>How it is built</h3>
      <ol>
        <li v-for="s in rig.steps" :key="s">{{ s }}</li>
      </ol>
      <p v-if="rig.steps.length === 0" class="muted">
        No steps have been written yet. Write them in the brief, under Teacher.
      </p>
    </section>
    <section>
      <h3>The same for everyone</h3>
      <ul>
        <li v-for="c in rig.same" :key="c"><i class="box" aria-hidden="true"></i> {{ c }}</li>
      </ul>
    </section>
    <section v-if="now.on.sheet.safety.length > 0">
      <h3>Safety</h3>
      <ul>
        <li v-for="s in now.on.sheet.safety" :key="s">{{ s }}</li>
      </ul>
    </section>
  </PaperSheet>
</template>

<style scoped>
ol {
  list-style: decimal;
  padding-left: 1.4em;
}
.box {
  display: inline-block;
  width: 0.75em;
  height: 0.75em;
  border: 1.2px solid var(--ink);
}
</style>
