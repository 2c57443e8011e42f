<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import StationHead from '@/shared/StationHead.vue'
import GuideText from './GuideText.vue'
import { pages, search } from './pages'

/** The guide, inside the product: the same pages as in docs/guide, also without a network. */
const props = defineProps<{ page?: string }>()
const router = useRouter()
const words = ref('')
const found = computed(() => search(words.value))
const page = computed(() => pages.find((p) => p.id === props.page) ?? pages[0]!)
</script>

<template>
  <main id="main" class="desk">
    <StationHead
      title="Guide"
      next="Your first rally takes fifteen minutes. After that, each page says what you can do at one station."
    >
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
        <h2>{{ found.length === 0 ? 'No matches' : 'Found' }}</h2>
        <p v-for="f in found" :key="f.page.id">
          <RouterLink :to="`/guide/${f.page.id}`" @click="words = ''">{{ f.page.title }}</RouterLink>: {{ f.line }}
        </p>
      </section>
      <GuideText v-else :page="page" @open="(id) => router.push(`/guide/${id}`)" />
    </div>
  </main>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 13rem minmax(0, 1fr);
  gap: var(--space-7);
  padding-top: var(--space-5);
}
nav {
  display: grid;
  gap: var(--space-2);
  align-content: start;
}
nav a {
  min-height: 28px;
}
nav a[aria-current] {
  font-weight: 750;
}
@media (max-width: 800px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
    gap: var(--space-5);
  }
}
</style>
