<script setup lang="ts">
/** What is next, large: when, what, whose, what to do, and the ways on; beside it what there is of its route. */
defineProps<{ when: string; title: string; summary: string }>()
defineSlots<{ default(): unknown; says?(): unknown; beside?(): unknown }>()
</script>

<template>
  <section class="next" aria-labelledby="next">
    <div class="what">
      <p class="when">{{ when }}</p>
      <h2 id="next">{{ title }}</h2>
      <p class="muted figures">{{ summary }}</p>
      <p v-if="$slots.says"><slot name="says" /></p>
      <p class="ways"><slot /></p>
    </div>
    <div v-if="$slots.beside" class="beside"><slot name="beside" /></div>
  </section>
</template>

<style scoped>
.next {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: var(--space-5) var(--space-7);
  padding: var(--space-6) var(--space-6) var(--space-6) var(--space-6);
  background: var(--sheet);
  border: var(--rule);
  border-left: 8px solid var(--lagoon);
}
.what {
  display: grid;
  gap: var(--space-2);
  flex: 1 1 20rem;
  overflow-wrap: anywhere;
}
.when {
  font-weight: 700;
  color: var(--marigold-text);
}
h2 {
  font-size: var(--size-title);
  letter-spacing: -0.02em;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-4);
  padding-top: var(--space-4);
}
.beside {
  flex: 0 1 34rem;
}
@media (max-width: 600px) {
  .next {
    padding: var(--space-5) var(--space-4);
  }
  .beside {
    flex-basis: 100%;
  }
}
</style>
