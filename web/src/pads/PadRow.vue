<script setup lang="ts">
/** A line of a pad: what it is about, how it stands, and what can be touched. */
defineProps<{
  name: string
  detail?: string
  /** Whether what can be touched has a line of its own: levels in words leave the name no room beside them. */
  stacked?: boolean
}>()
</script>

<template>
  <li :class="{ stacked }">
    <p>
      {{ name }}<span v-if="detail" class="small muted detail">{{ detail }}</span>
    </p>
    <div role="group" :aria-label="name"><slot /></div>
  </li>
</template>

<style scoped>
li {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  align-items: center;
  gap: var(--space-3) var(--space-5);
  padding: var(--space-3) 0;
  border-bottom: var(--rule);
  overflow-wrap: anywhere;
}
.detail {
  display: block;
}
.stacked {
  grid-template-columns: minmax(0, 1fr);
}
div {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
}
div :deep(button) {
  min-height: var(--touch);
  min-width: var(--touch);
}
@media (max-width: 600px) {
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
