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
  margin-top: 1.4rem;
}
article :deep(:is(p, ul, ol)) {
  margin-top: 0.7rem;
}
article :deep(ol) {
  list-style: decimal;
  padding-left: 1.5rem;
}
article :deep(ul) {
  list-style: square;
  padding-left: 1.5rem;
}
article :deep(li) {
  margin-top: 0.35rem;
}
article :deep(img) {
  max-width: 100%;
  border: 1.5px solid var(--ink);
}
</style>
