<script setup lang="ts">
/** The student sheet with its margin beside it, or below it where there is no room. */
defineProps<{ wide?: boolean }>()
defineSlots<{ sheet(): unknown; margin(): unknown }>()
</script>

<template>
  <div class="two" :class="{ wide }">
    <slot name="sheet" />
    <aside class="margin" aria-label="Margin of the sheet"><slot name="margin" /></aside>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: minmax(0, 11fr) minmax(0, 9fr);
  gap: var(--space-7);
  padding-top: var(--space-5);
  align-items: start;
}
.two.wide {
  grid-template-columns: minmax(0, 2fr) minmax(0, 5fr);
}
/* What stands fast above the sheet says in --bar how high it is. */
.margin {
  position: sticky;
  top: var(--bar, 0rem);
  max-height: calc(100vh - var(--bar, 0rem));
  overflow-y: auto;
  padding: var(--space-2) var(--space-2) var(--space-7);
}
@media (max-width: 900px) {
  .two,
  .two.wide {
    grid-template-columns: minmax(0, 1fr);
  }
  .margin {
    position: static;
    max-height: none;
  }
}
</style>
