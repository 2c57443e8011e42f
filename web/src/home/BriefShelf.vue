<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import type { BriefOnShelf } from '@/api/names'
import { seasons } from '@/fields/words'
import { capital } from '@/shared/capital'
import AskRemoval from '@/shared/AskRemoval.vue'
import { shortDay } from '@/shared/days'
import LoadNote from '@/shared/LoadNote.vue'
import RowMenu, { type RowAction } from '@/shared/RowMenu.vue'
import WhatIs from '@/shared/WhatIs.vue'
import { done } from '@/shared/useDone'
import { useLoad } from '@/shared/useLoad'
import { offerUndo } from '@/shared/useUndo'
import FoundElsewhere from './FoundElsewhere.vue'
import PatternMark from './PatternMark.vue'

/** The briefs: searched, filtered, planned, duplicated, archived. */
const emit = defineEmits<{
  /** With all briefs, or without any where they could not be had. */
  answered: [briefs?: readonly BriefOnShelf[]]
  plan: [brief: { brief: string; title: string }]
  changed: []
}>()
const router = useRouter()
const search = ref('')
const archived = ref(false)
/** What the list is narrowed to, by the value of each choice. */
const chosen = ref({ season: 'any', grade: 'any', pattern: 'any', minutes: 'any' })
const choices = useLoad(() => ask(api.GET('/api/choices')))
void choices.load()
const briefs = useLoad(() =>
  ask(api.GET('/api/briefs', { params: { query: { search: search.value, archived: archived.value } } })),
)
async function load() {
  await briefs.load()
  if (!search.value && !archived.value) emit('answered', briefs.data.value)
}
void load()
/** What is searched for, once it is typed; and what a search found and restored. */
const sought = ref('')
const restored = ref('')
watch(
  search,
  useDebounceFn(() => {
    sought.value = search.value.trim()
    restored.value = ''
    return load()
  }, 150),
)
async function changedElsewhere() {
  await load()
  emit('changed')
}
watch(archived, load)
defineExpose({ load })

const fits = (wanted: string, has: (value: string) => boolean) => wanted === 'any' || has(wanted)
const shelf = computed(() =>
  (briefs.data.value ?? []).filter(
    (b) =>
      fits(chosen.value.season, (season) => b.season === season) &&
      fits(chosen.value.grade, (grade) => b.grades.some((g) => g === grade)) &&
      fits(chosen.value.pattern, (pattern) => b.pattern === pattern) &&
      fits(chosen.value.minutes, (most) => b.minutes > 0 && b.minutes <= Number(most)),
  ),
)
const filtered = computed(
  () => Object.values(chosen.value).some((c) => c !== 'any') || !!(search.value || archived.value),
)
const gradeName = (g: string) => choices.data.value?.grades.find((x) => x.value === g)?.name ?? ''
const minutes = (b: BriefOnShelf) => (b.minutes > 0 ? `${b.minutes} minutes` : '')
const describe = (b: BriefOnShelf) => [b.theme, minutes(b)].filter(Boolean).join(' · ')

async function copy(b: BriefOnShelf) {
  const answer = await done(api.POST('/api/briefs/{id}/copy', { params: { path: { id: b.id } } }))
  if (answer.ok) await router.push(`/briefs/${answer.data.id}`)
}
async function archive(b: BriefOnShelf, away: boolean) {
  const answer = await done(api.PUT('/api/briefs/{id}/archived', { params: { path: { id: b.id } }, body: { away } }))
  if (answer.ok && away) offerUndo(`Archived: ${titleOf(b)}.`, () => archive(b, false))
  await load()
}
const titleOf = (b: BriefOnShelf) => b.title || 'Untitled brief'
const seasonNames = new Map(seasons.map(([value, label]) => [value, capital(label)]))
const filters = computed(() => [
  {
    by: 'season' as const,
    options: seasons.map(([value, label]) => ({ value, label: capital(label) })),
  },
  {
    by: 'grade' as const,
    options: [
      { value: 'any', label: 'Any grade' },
      ...(choices.data.value?.grades ?? [])
        .filter((g) => g.value !== 'unsaid')
        .map((g) => ({ value: g.value, label: g.name })),
    ],
  },
  {
    by: 'pattern' as const,
    options: [
      { value: 'any', label: 'Any pattern' },
      ...(choices.data.value?.patterns ?? []).map((p) => ({ value: p.pattern, label: p.name })),
    ],
  },
  {
    by: 'minutes' as const,
    options: [
      { value: 'any', label: 'Any length' },
      ...['45', '60', '90'].map((value) => ({ value, label: `Up to ${value} minutes` })),
    ],
  },
])
function menuOf(b: BriefOnShelf): RowAction[] {
  const always: RowAction[] = [
    { label: 'Kit', to: `/briefs/${b.id}/kit` },
    { label: 'Print', to: `/briefs/${b.id}/print` },
    { label: 'Duplicate', act: () => void copy(b) },
  ]
  return archived.value
    ? [
        ...always,
        { label: 'Restore', act: () => void archive(b, false) },
        { label: 'Delete…', act: () => (removing.value = b.id), danger: true },
      ]
    : [
        { label: 'Plan', act: () => emit('plan', { brief: b.id, title: titleOf(b) }) },
        ...always,
        { label: 'Archive', act: () => void archive(b, true) },
      ]
}
const removing = ref<string>()
const removed = computed(() => shelf.value.find((b) => b.id === removing.value))
async function remove() {
  if (!removing.value) return
  await done(api.DELETE('/api/briefs/{id}', { params: { path: { id: removing.value } } }))
  await load()
}
</script>

<template>
  <section aria-labelledby="shelf">
    <div class="top">
      <div class="called">
        <h2 id="shelf">{{ archived ? 'Archived briefs' : 'Briefs' }}</h2>
        <WhatIs word="brief" />
      </div>
      <div class="filters">
        <InputText
          v-model="search"
          type="search"
          size="small"
          aria-label="Search briefs and rallies"
          placeholder="Search"
        />
        <Select
          v-for="f in filters"
          :key="f.by"
          v-model="chosen[f.by]"
          size="small"
          :options="f.options"
          option-value="value"
          option-label="label"
          :aria-label="`Filter by ${f.by}`"
        />
        <button type="button" class="act" @click="archived = !archived">
          {{ archived ? 'Back to briefs' : 'Archived' }}
        </button>
      </div>
      <div class="ways"><slot /></div>
    </div>
    <LoadNote :state="briefs.state.value" :refusal="briefs.refusal.value" what="the briefs" @again="load" />
    <p v-if="restored" role="status">{{ restored }}</p>
    <p v-if="briefs.state.value === 'ready' && shelf.length === 0" class="empty">
      {{
        filtered
          ? 'No matches. Clear a filter, or search for another word.'
          : 'No briefs yet. A brief says what is built, how it is tested and how it is scored.'
      }}
    </p>
    <ul class="slips">
      <li v-for="b in shelf" :key="b.id" class="slip">
        <p class="season" :class="b.season">
          <span>{{ seasonNames.get(b.season) }}</span>
          <PatternMark :pattern="b.pattern" />
        </p>
        <div class="inside">
          <h3>
            <RouterLink :to="`/briefs/${b.id}`">{{ titleOf(b) }}</RouterLink>
          </h3>
          <p class="muted small">{{ describe(b) }}</p>
          <p class="goal">{{ b.goal }}</p>
          <p v-if="b.grades.length > 0" class="muted small">{{ b.grades.map(gradeName).join(', ') }}</p>
          <p v-if="b.lastRun" class="muted small">
            Last run
            <RouterLink :to="`/rallies/${b.lastRun.rally}/debrief`"
              >{{ shortDay(b.lastRun.date) }}, {{ b.lastRun.name }}</RouterLink
            >
          </p>
        </div>
        <p class="ways">
          <RouterLink class="make" :to="`/briefs/${b.id}/teams`" :aria-label="`Make teams: ${titleOf(b)}`"
            >Make teams</RouterLink
          >
          <RowMenu :of="titleOf(b)" :actions="menuOf(b)" />
        </p>
      </li>
    </ul>
    <FoundElsewhere
      v-if="sought"
      v-model:restored="restored"
      :search="sought"
      :archived="archived"
      @changed="changedElsewhere"
    />
    <AskRemoval
      v-if="removed"
      v-model="removing"
      :what="titleOf(removed)"
      goes="The brief with its earlier versions. Rallies that were made from it stay as they are."
      @yes="remove"
    />
  </section>
</template>

<style scoped>
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-4) var(--space-5);
}
.filters {
  display: flex;
  flex: 1 1 40rem;
  flex-wrap: wrap;
  gap: var(--space-3);
  align-items: center;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-4);
}
.slips {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(17rem, 1fr));
  gap: var(--space-5);
  padding-top: var(--space-5);
}
.slip {
  display: grid;
  grid-template-rows: auto 1fr auto;
  background: var(--sheet);
  border: var(--rule);
}
/* The season is said in words; its color only makes it quicker to find. */
.season {
  display: flex;
  align-items: center;
  justify-content: space-between;
  padding: var(--space-2) var(--space-5);
  font-size: var(--size-small);
  font-weight: 700;
  background: var(--paper-deep);
  border-top: 6px solid var(--edge);
}
.season svg {
  height: 28px;
}
.season.autumn {
  border-color: var(--marigold);
}
.season.winter {
  border-color: var(--lagoon);
}
.season.spring {
  border-color: var(--plum);
}
.season.summer {
  border-color: var(--brick);
}
.inside {
  display: grid;
  gap: var(--space-2);
  align-content: start;
  padding: var(--space-4) var(--space-5) 0;
}
.inside h3 {
  overflow-wrap: anywhere;
  font-size: var(--size-lead);
}
.inside h3 a {
  color: var(--ink);
  text-decoration: none;
}
.inside h3 a:hover {
  text-decoration: underline;
}
.goal {
  overflow: hidden;
  display: -webkit-box;
  -webkit-line-clamp: 3;
  -webkit-box-orient: vertical;
  overflow-wrap: anywhere;
}
.slip .ways {
  justify-content: space-between;
  padding: var(--space-2) var(--space-3) var(--space-2) var(--space-5);
}
.make {
  display: inline-grid;
  align-items: center;
  min-height: 44px;
  font-weight: 650;
  text-decoration: none;
}
.make:hover {
  text-decoration: underline;
}
.empty {
  padding: var(--space-6) 0;
  max-width: 30rem;
}
</style>
