<script setup lang="ts">
import { computed } from 'vue'
import { useRoute } from 'vue-router'

/** Which round is looked at; where scoring goes on, also the next one. */
const props = defineProps<{ rounds: number; round: number; mayBegin?: boolean }>()
const route = useRoute()
const count = computed(() => Math.max(props.rounds, props.round))
const to = (n: number) => {
  const others = Object.fromEntries(Object.entries(route.query).filter(([name]) => name !== 'round'))
  return { path: route.path, query: count.value > 1 || n > 1 ? { ...others, round: n } : others }
}
</script>

<template>
  <nav v-if="count > 1 || mayBegin" class="rounds" aria-label="Round">
    <RouterLink v-for="n in count" :key="n" :to="to(n)" :aria-current-value="n === round ? 'page' : 'false'"
      >Round {{ n }}</RouterLink
    >
    <RouterLink v-if="mayBegin" :to="to(count + 1)" aria-current-value="false">Next round</RouterLink>
  </nav>
</template>

<style scoped>
.rounds {
  display: flex;
  flex-wrap: wrap;
  border: 1.5px solid var(--lagoon);
  border-radius: 3px;
}
a {
  display: inline-grid;
  place-items: center;
  min-height: 40px;
  padding: 0 var(--space-4);
  font-weight: 650;
  text-decoration: none;
}
a:hover {
  background: var(--lagoon-wash);
}
a[aria-current='page'] {
  color: var(--sheet);
  background: var(--lagoon);
}
@media (forced-colors: active) {
  a[aria-current='page'] {
    outline: 3px solid Highlight;
    outline-offset: -3px;
  }
}
</style>
