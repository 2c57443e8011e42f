<script setup lang="ts">
import type { RallyKit } from '@/api/names'

/** How the rig is built, what it is made of, and what is the same for everyone, to have beside it. */
defineProps<{ title: string; kit: RallyKit }>()
const lines = (text: string) => text.split('\n').filter((l) => l.trim())
</script>

<template>
  <article>
    <h2>The rig: {{ title }}</h2>
    <h3>What it is made of</h3>
    <ul>
      <li v-for="m in kit.rig" :key="m">☐ {{ m }}</li>
      <li v-if="kit.rig.length === 0" class="muted">The brief names nothing for the rig.</li>
    </ul>
    <h3>How it is built</h3>
    <ol>
      <li v-for="s in lines(kit.rigSteps)" :key="s">{{ s }}</li>
    </ol>
    <p v-if="!kit.rigSteps" class="muted">The brief says no steps. They are written in the brief, for the teacher.</p>
    <h3>The same for everyone</h3>
    <ul>
      <li v-for="c in kit.conditions" :key="c.id">
        ☐ {{ c.text }}<template v-if="c.fixedAt">: {{ c.fixedAt }}</template>
      </li>
    </ul>
  </article>
</template>

<style scoped>
article {
  background: var(--sheet);
  padding: 1rem 1.5rem;
}
h3 {
  margin-top: 1rem;
}
ol {
  list-style: decimal;
  padding-left: 1.4rem;
}
</style>
