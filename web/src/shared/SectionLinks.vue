<script setup lang="ts" generic="Section extends string">
import { useRoute } from 'vue-router'

/** The sections of a page, each with a place in the address, so that Back, a reload and a link lead to it. */
defineProps<{ sections: readonly { section: Section; name: string }[]; current: Section; label: string }>()
const route = useRoute()
/** The first one is the page itself. */
const to = (section: Section, at: number) => ({
  path: route.path,
  query: { ...route.query, section: at === 0 ? undefined : section },
})
</script>

<template>
  <nav class="sections not-on-paper" :aria-label="label">
    <RouterLink
      v-for="(s, i) in sections"
      :key="s.section"
      :to="to(s.section, i)"
      :aria-current="s.section === current ? 'page' : undefined"
      >{{ s.name }}</RouterLink
    >
  </nav>
</template>

<style scoped>
.sections {
  display: flex;
  gap: 0 var(--space-2);
  overflow-x: auto;
  border-bottom: var(--rule);
}
a {
  display: inline-grid;
  align-items: center;
  min-height: 44px;
  padding: 0 var(--space-4);
  color: var(--muted);
  font-weight: 600;
  text-decoration: none;
  white-space: nowrap;
  box-shadow: inset 0 -3px 0 transparent;
}
a:hover {
  color: var(--ink);
}
a[aria-current='page'] {
  color: var(--ink);
  box-shadow: inset 0 -3px 0 var(--marigold);
}
</style>
