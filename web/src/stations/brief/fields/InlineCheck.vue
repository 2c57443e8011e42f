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
  gap: 0.35rem;
  cursor: pointer;
}
input {
  width: 1.05rem;
  height: 1.05rem;
  accent-color: var(--lagoon);
}
</style>
