<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, useTemplateRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import type { BriefOnShelf, Season } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import TopBar from '@/shared/TopBar.vue'
import { useLoad } from '@/shared/useLoad'
import BriefShelf from './BriefShelf.vue'
import FirstStart from './FirstStart.vue'
import ImportFiles from './ImportFiles.vue'
import NextRally from './NextRally.vue'
import NewBriefDialog from './NewBriefDialog.vue'
import PlanDialog, { type Planning } from './PlanDialog.vue'
import PlanList from './PlanList.vue'
import RallyList from './RallyList.vue'
import YearLine from './YearLine.vue'

const rallies = useLoad(() => ask(api.GET('/api/rallies')))
const year = useLoad(() => ask(api.GET('/api/year')))
const briefs = ref<readonly BriefOnShelf[]>()
const season = ref<Season>()
const beginning = ref(false)
const planning = ref<Planning>()
const shelf = useTemplateRef('shelf')
const kept = useLoad(() => ask(api.GET('/api/kept')))
void kept.load()
/** A copy that cannot be made is said here, before it is needed. */
const trouble = computed(() => {
  const k = kept.data.value
  if (k?.trouble) return `The last copy could not be made. ${k.trouble}`
  return k?.second.trouble ? `Nothing could be copied to ${k.second.path}. ${k.second.trouble}` : ''
})
void rallies.load()
void year.load()
const load = () => void Promise.all([shelf.value?.load(), rallies.load(), year.load()])

/** Shown at once, so that nothing moves away under a finger that is about to touch it. */
const there = computed(() => year.state.value !== 'loading' && rallies.state.value !== 'loading')

/** Nothing is here yet: neither a brief nor a rally. */
const empty = computed(() => briefs.value?.length === 0 && rallies.data.value?.length === 0)
/** Whoever comes back from the demo has left it. */
const router = useRouter()
if (useRoute().query.left === 'demo') void ask(api.DELETE('/api/demo')).then(() => router.replace('/'))

const next = computed(() => {
  if (briefs.value?.length === 0) return 'Write your first brief, or bring one in from a file.'
  const open = rallies.data.value?.find((r) => r.entries > 0)
  return open ? `Go on with ${open.name}, or choose a brief for the next class.` : 'Choose a brief, then make teams.'
})
</script>

<template>
  <TopBar />
  <main id="main" class="home">
    <StationHead title="What is on the line" :next="next">
      <RouterLink class="small" to="/classes">Classes</RouterLink>
      <RouterLink class="small" to="/cupboard">Cupboard</RouterLink>
      <RouterLink class="small" to="/days">Fair days</RouterLink>
      <RouterLink class="small" to="/school">The school</RouterLink>
      <RouterLink class="small" to="/kept">Kept safe</RouterLink>
      <RouterLink class="small" to="/health">How it is</RouterLink>
      <RouterLink class="small" to="/about">About</RouterLink>
      <ImportFiles @taken="load" />
      <Button label="Write a brief" @click="beginning = true" />
    </StationHead>
    <p v-if="trouble" class="heed" role="status">
      <b>{{ trouble }}</b> <RouterLink to="/kept">See what is kept</RouterLink>
    </p>
    <NewBriefDialog v-model="beginning" />
    <PlanDialog v-model="planning" :plans="year.data.value?.plans ?? []" :load="year.load" />
    <div v-show="there">
      <FirstStart v-if="empty" @write="beginning = true" />
      <YearLine v-model="season" :briefs="briefs ?? []" :year="year.data.value" />
      <PlanList
        :plans="year.data.value?.plans ?? []"
        @change="(p) => (planning = { brief: p.plan.brief, title: p.title, there: p })"
        @changed="year.load"
      />
      <NextRally v-if="year.data.value?.next" :next="year.data.value.next" />
      <div class="two">
        <BriefShelf ref="shelf" :season="season" @loaded="(all) => (briefs = all)" @plan="(b) => (planning = b)" />
        <section aria-labelledby="rallies">
          <h2 id="rallies">Rallies</h2>
          <LoadNote :state="rallies.state.value" :refusal="rallies.refusal.value" what="the rallies" @again="load" />
          <RallyList v-if="rallies.data.value" :rallies="rallies.data.value" @changed="load" />
        </section>
      </div>
    </div>
  </main>
</template>

<style scoped>
.home {
  max-width: 84rem;
  margin: 0 auto;
  padding: 1rem 1.5rem 4rem;
}
.two {
  display: grid;
  grid-template-columns: minmax(0, 5fr) minmax(0, 2fr);
  gap: 2.5rem;
}
@media (max-width: 800px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
