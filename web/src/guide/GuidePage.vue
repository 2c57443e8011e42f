<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import StationHead from '@/shared/StationHead.vue'
import { pages, search, shown } from './pages'

/** The guide, inside the product: the same pages as in docs/guide, also without a network. */
const props = defineProps<{ page?: string }>()
const router = useRouter()
const words = ref('')
const found = computed(() => search(words.value))
const page = computed(() => pages.find((p) => p.id === props.page) ?? pages[0]!)
/** Links between pages stay in the product. */
function follow(event: MouseEvent) {
  const to = (event.target as HTMLElement).closest('a')?.getAttribute('href')
  if (!to?.startsWith('/')) return
  event.preventDefault()
  void router.push(to)
}
</script>

<template>
  <main id="main" class="desk">
    <StationHead title="Guide" next="A first rally takes fifteen minutes. Then there is a page for each station.">
      <input v-model="words" type="search" class="inline" aria-label="Search the guide" placeholder="Search" />
    </StationHead>
    <div class="two">
      <nav aria-label="Pages of the guide">
        <RouterLink
          v-for="p in pages"
          :key="p.id"
          :to="`/guide/${p.id}`"
          :aria-current="p.id === page.id ? 'page' : undefined"
          @click="words = ''"
          >{{ p.title }}</RouterLink
        >
      </nav>
      <section v-if="words.trim()" aria-live="polite">
        <h2>{{ found.length === 0 ? 'Nothing is written of that' : 'Found' }}</h2>
        <p v-for="f in found" :key="f.page.id">
          <RouterLink :to="`/guide/${f.page.id}`" @click="words = ''">{{ f.page.title }}</RouterLink>: {{ f.line }}
        </p>
      </section>
      <!-- eslint-disable-next-line vue/no-v-html -- the pages come along with the product -->
      <article v-else :key="page.id" @click="follow" v-html="shown(page)"></article>
    </div>
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 13rem minmax(0, 1fr);
  gap: 2.5rem;
  padding-top: 1rem;
}
nav {
  display: grid;
  gap: 0.35rem;
  align-content: start;
}
nav a {
  min-height: 28px;
}
nav a[aria-current] {
  font-weight: 750;
}
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
@media (max-width: 800px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
    gap: 1rem;
  }
}
</style>
