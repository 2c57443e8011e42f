<script setup lang="ts">
import Button from 'primevue/button'
import { computed, defineAsyncComponent, ref, useTemplateRef } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import type { BriefOnShelf } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import { useLater } from '@/shared/useLater'
import { useLoad } from '@/shared/useLoad'
import { useOnce } from '@/shared/useOnce'
import FirstStart from './FirstStart.vue'
import ImportFiles from './ImportFiles.vue'
import type { Way } from './NewBriefDialog.vue'
import type { Planning } from './PlanDialog.vue'
import RallyLists from './RallyLists.vue'
import YearLine from './YearLine.vue'

/**
 * The rallies are seen first: what goes on today stands there. The shelf comes after them, dialogs when they are
 * opened.
 */
const BriefShelf = defineAsyncComponent(() => import('./BriefShelf.vue'))
const NewBriefDialog = defineAsyncComponent(() => import('./NewBriefDialog.vue'))
const PlanDialog = defineAsyncComponent(() => import('./PlanDialog.vue'))

const rallies = useLoad(() => ask(api.GET('/api/rallies')))
const year = useLoad(() => ask(api.GET('/api/year')))
const briefs = ref<readonly BriefOnShelf[]>()
const shelfAnswered = ref(false)
const beginning = ref(false)
const way = ref<Way>('pattern')
function begin(by: Way) {
  way.value = by
  beginning.value = true
}
const planning = ref<Planning>()
const begun = useOnce(() => beginning.value)
const planned = useOnce(() => planning.value)
const shelf = useTemplateRef<{ load: () => Promise<void> }>('shelf')
function takeShelf(all?: readonly BriefOnShelf[]) {
  briefs.value = all
  shelfAnswered.value = true
}
const kept = useLoad(() => ask(api.GET('/api/kept')))
void kept.load()
/** A backup that cannot be made is said here, before it is needed. */
const trouble = computed(() => {
  const k = kept.data.value
  if (k?.trouble) return `The last backup could not be made. ${k.trouble}`
  return k?.second.trouble ? `Nothing could be copied to ${k.second.path}. ${k.second.trouble}` : ''
})
void rallies.load()
void year.load()
const loadRallies = () => void Promise.all([rallies.load(), year.load()])
const load = () => void Promise.all([shelf.value?.load(), rallies.load(), year.load()])

const answered = computed(() => year.state.value !== 'loading' && rallies.state.value !== 'loading')
/** What stands below the rallies is drawn after them. */
const listed = useLater(() => answered.value)
/**
 * Shown at once, so that nothing moves away under a finger that is about to touch it: where there are no rallies, the
 * briefs decide whether it is said first where to begin.
 */
const ready = computed(() => answered.value && (rallies.data.value?.length !== 0 || shelfAnswered.value))

/** Nothing is here yet: neither a brief nor a rally. */
const empty = computed(() => briefs.value?.length === 0 && rallies.data.value?.length === 0)
/** Whoever comes back from the demo has left it. */
const router = useRouter()
if (useRoute().query.left === 'demo') void ask(api.DELETE('/api/demo')).then(() => router.replace('/'))
</script>

<template>
  <main id="main" class="desk stack">
    <h1 class="out-of-sight">Home</h1>
    <p v-if="trouble" class="heed" role="status">
      <b>{{ trouble }}</b> <RouterLink to="/backups">Open Backups</RouterLink>
    </p>
    <NewBriefDialog v-if="begun" v-model="beginning" v-model:way="way" />
    <PlanDialog v-if="planned" v-model="planning" :plans="year.data.value?.plans ?? []" :load="year.load" />
    <div v-if="!ready" class="shape" aria-hidden="true"><span></span><span></span><span></span></div>
    <div v-show="ready" class="stack sections">
      <FirstStart v-if="empty" @begin="begin" />
      <LoadNote :state="rallies.state.value" :refusal="rallies.refusal.value" what="the rallies" @again="load" />
      <RallyLists
        v-if="rallies.data.value && year.data.value && !empty"
        :rallies="rallies.data.value"
        :year="year.data.value"
        @changed="load"
        @plan="(p) => (planning = { brief: p.plan.brief, title: p.title, stop: p })"
      />
      <BriefShelf v-if="listed" ref="shelf" @answered="takeShelf" @plan="(b) => (planning = b)" @changed="loadRallies">
        <ImportFiles @taken="load" />
        <Button label="New brief" @click="beginning = true" />
      </BriefShelf>
      <YearLine v-if="listed" :briefs="briefs ?? []" :year="year.data.value" />
    </div>
  </main>
</template>

<style scoped>
.sections {
  gap: var(--space-7);
}
/* While it loads, the page has its shape already. */
.shape {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: var(--space-7) var(--space-7);
}
.shape span {
  height: 16rem;
  background: var(--paper-deep);
}
.shape span:first-child {
  grid-column: 1 / -1;
  height: 13rem;
}
</style>
