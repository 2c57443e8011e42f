<script setup lang="ts">
import Button from 'primevue/button'
import Select from 'primevue/select'
import { computed, onMounted, onUnmounted, useTemplateRef, watch } from 'vue'
import { useRoute } from 'vue-router'
import GuideText from '@/guide/GuideText.vue'
import { pages } from '@/guide/pages'
import { useGuideBeside } from '@/shared/useGuideBeside'
import { guideFor } from './guideFor'

/** The guide beside the work: it stays open from page to page, so that one can do what it says. */
const { page } = useGuideBeside()
const route = useRoute()
const read = computed(() => pages.find((p) => p.id === page.value) ?? pages[0]!)
/** The page that is about where one is, if another is open. */
const about = computed(() => pages.find((p) => p.id === guideFor(route) && p.id !== read.value.id))
const text = useTemplateRef('text')
watch(read, () => text.value?.scrollTo(0, 0))

const beside = document.documentElement.classList
onMounted(() => beside.add('with-guide'))
onUnmounted(() => beside.remove('with-guide'))
</script>

<template>
  <aside class="beside not-on-paper" aria-label="Guide">
    <div class="head">
      <Select
        :model-value="read.id"
        :options="[...pages]"
        option-label="title"
        option-value="id"
        aria-label="Page of the guide"
        size="small"
        fluid
        @update:model-value="(id: string) => (page = id)"
      />
      <Button label="Close" aria-label="Close the guide" size="small" variant="outlined" @click="page = ''" />
    </div>
    <p v-if="about" class="small">
      About this page:
      <button type="button" class="act" @click="page = about.id">{{ about.title }}</button>
    </p>
    <p class="small"><RouterLink :to="`/guide/${read.id}`">All pages and search</RouterLink></p>
    <div ref="text" class="text" tabindex="0" aria-label="The page of the guide" role="region">
      <GuideText :page="read" @open="(id) => (page = id)" />
    </div>
  </aside>
</template>

<style scoped>
.beside {
  position: fixed;
  z-index: 6;
  inset: 0 0 0 auto;
  width: var(--guide);
  display: grid;
  grid-template-rows: auto auto auto minmax(0, 1fr);
  gap: var(--space-3);
  padding: var(--space-4) var(--space-5) 0;
  background: var(--sheet);
  border-left: var(--rule);
}
.head {
  display: flex;
  gap: var(--space-3);
  align-items: center;
}
.text {
  overflow-y: auto;
  grid-row: 4;
  padding-bottom: var(--space-7);
}
</style>
