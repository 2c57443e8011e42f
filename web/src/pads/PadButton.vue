<script setup lang="ts">
/**
 * A button of a pad. It looks as PrimeVue's do and is made in a fraction of the time: a sheet has some forty, and all
 * of them are made anew with each team.
 */
defineProps<{
  label?: string
  variant?: 'outlined' | 'text'
  severity?: 'secondary' | 'danger'
  size?: 'small'
}>()
</script>

<template>
  <button type="button" class="pad-button" :class="[variant, severity, size]">
    <slot>{{ label }}</slot>
  </button>
</template>

<style scoped>
.pad-button {
  --fill: var(--lagoon);
  --fill-deep: var(--lagoon-deep);
  --words: var(--lagoon-deep);
  --edged: var(--lagoon);
  --wash: var(--lagoon-wash);
  display: inline-flex;
  align-items: center;
  justify-content: center;
  gap: var(--space-3);
  overflow: hidden;
  padding: var(--space-3) var(--space-5);
  border: 1px solid var(--fill);
  border-radius: 3px;
  font: 650 var(--size-text) var(--text);
  color: var(--sheet);
  background: var(--fill);
  cursor: pointer;
  user-select: none;
}
.secondary {
  --fill: var(--muted);
  --fill-deep: var(--ink);
  --words: var(--ink);
  --edged: var(--edge);
  --wash: var(--paper-deep);
}
.danger {
  --fill: var(--brick);
  --fill-deep: var(--brick-deep);
  --words: var(--brick);
  --edged: var(--brick);
  --wash: var(--brick-wash);
}
.small {
  font-size: var(--size-small);
  padding: var(--space-2) var(--space-4);
}
.pad-button:hover:enabled {
  border-color: var(--fill-deep);
  background: var(--fill-deep);
}
.outlined,
.outlined:hover:enabled {
  border-color: var(--edged);
  color: var(--words);
  background: transparent;
}
.text,
.text:hover:enabled {
  border-color: transparent;
  color: var(--words);
  background: transparent;
}
.outlined:hover:enabled,
.text:hover:enabled {
  background: var(--wash);
}
.pad-button:disabled {
  opacity: 0.6;
  cursor: default;
}
</style>
