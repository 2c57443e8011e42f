<script setup lang="ts">
/** A yes or no in running text. */
defineProps<{ label: string; at?: string }>()
const value = defineModel<boolean>({ required: true })
</script>

<template>
  <label class="check"><input v-model="value" type="checkbox" :data-at="at" />{{ label }}</label>
</template>

<style scoped>
.check {
  display: inline-flex;
  align-items: center;
  vertical-align: middle;
  cursor: pointer;
}
/* The box is drawn smaller than the place that takes the finger. */
input {
  appearance: none;
  flex: none;
  width: 24px;
  height: 24px;
  margin: 0 var(--space-2) 0 0;
  display: inline-grid;
  place-content: center;
  cursor: pointer;
}
input::before {
  content: '';
  grid-area: 1 / 1;
  width: 16px;
  height: 16px;
  border: 1.5px solid var(--edge);
  background: var(--sheet);
}
input:checked::before {
  border-color: var(--lagoon);
  background: var(--lagoon);
}
input:checked::after {
  content: '';
  grid-area: 1 / 1;
  place-self: center;
  width: 9px;
  height: 5px;
  border: solid var(--on-dark);
  border-width: 0 0 2.2px 2.2px;
  transform: translateY(-1px) rotate(-45deg);
}
@media (forced-colors: active) {
  input {
    appearance: auto;
  }
}
</style>
