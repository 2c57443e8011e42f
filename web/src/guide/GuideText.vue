<script setup lang="ts">
import { computed } from 'vue'
import { type GuidePage, shown } from './pages'

/** A page of the guide as it is read. Links to other pages are handed on, so that they open where this one is. */
const props = defineProps<{ page: GuidePage }>()
const emit = defineEmits<{ open: [id: string] }>()
const text = computed(() => shown(props.page))

function follow(event: MouseEvent) {
  const to = (event.target as HTMLElement).closest('a')?.getAttribute('href')
  if (!to?.startsWith('/guide/')) return
  event.preventDefault()
  emit('open', to.slice('/guide/'.length))
}
</script>

<template>
  <!-- eslint-disable-next-line vue/no-v-html -- the pages come along with the product -->
  <article :key="page.id" @click="follow" v-html="text"></article>
</template>

<style scoped>
article {
  max-width: 44rem;
  overflow-wrap: anywhere;
}
article :deep(h1) {
  font-size: var(--size-number);
}
article :deep(h2) {
  margin-top: var(--space-6);
}
article :deep(:is(p, ul, ol)) {
  margin-top: var(--space-4);
}
article :deep(ol) {
  list-style: decimal;
  padding-left: var(--space-6);
}
article :deep(ul) {
  list-style: square;
  padding-left: var(--space-6);
}
article :deep(li) {
  margin-top: var(--space-2);
}
article :deep(img) {
  max-width: 100%;
  border: 1.5px solid var(--ink);
}
</style>
