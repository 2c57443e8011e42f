<script setup lang="ts">
import { useDebounceFn } from '@vueuse/core'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '@/api/client'
import type { BriefOnShelf, Pattern, Season } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'
import LoadNote from '@/shared/LoadNote.vue'
import { useLoad } from '@/shared/useLoad'
import PatternMark from './PatternMark.vue'
import { done } from '@/shared/useDone'

/** The shelf of briefs: searched, filtered, copied, put away. */
const props = defineProps<{ season?: Season }>()
const emit = defineEmits<{
  loaded: [briefs: readonly BriefOnShelf[]]
  plan: [brief: { brief: string; title: string }]
}>()
const router = useRouter()
const search = ref('')
const archived = ref(false)
const grade = ref('')
const pattern = ref<Pattern | ''>('')
const minutes = ref(0)
const choices = useLoad(() => ask(api.GET('/api/choices')))
void choices.load()
const briefs = useLoad(() =>
  ask(api.GET('/api/briefs', { params: { query: { search: search.value, archived: archived.value } } })),
)
async function load() {
  await briefs.load()
  if (briefs.data.value && !search.value && !archived.value) emit('loaded', briefs.data.value)
}
void load()
watch(search, useDebounceFn(load, 150))
watch(archived, load)
defineExpose({ load })

const shelf = computed(() =>
  (briefs.data.value ?? []).filter(
    (b) =>
      (!props.season || b.season === props.season) &&
      (!grade.value || b.grades.some((g) => g === grade.value)) &&
      (!pattern.value || b.pattern === pattern.value) &&
      (!minutes.value || (b.minutes > 0 && b.minutes <= minutes.value)),
  ),
)
const filtered = computed(
  () => !!(search.value || props.season || grade.value || pattern.value || minutes.value || archived.value),
)
const gradeName = (g: string) => choices.data.value?.grades.find((x) => x.value === g)?.name ?? ''
const says = (b: BriefOnShelf) =>
  [b.season === 'any' ? '' : b.season, b.theme, b.minutes > 0 ? `${b.minutes} minutes` : ''].filter(Boolean).join(' · ')

async function copy(b: BriefOnShelf) {
  const answer = await ask(api.POST('/api/briefs/{id}/copy', { params: { path: { id: b.id } } }))
  if (answer.ok) await router.push(`/briefs/${answer.data.id}`)
}
async function putAway(b: BriefOnShelf) {
  await done(api.PUT('/api/briefs/{id}/archived', { params: { path: { id: b.id } }, body: { away: !archived.value } }))
  await load()
}
const asking = ref<string>()
const asked = computed(() => shelf.value.find((b) => b.id === asking.value))
async function remove() {
  if (!asking.value) return
  await done(api.DELETE('/api/briefs/{id}', { params: { path: { id: asking.value } } }))
  await load()
}
</script>

<template>
  <section aria-labelledby="shelf">
    <h2 id="shelf">{{ archived ? 'Put away' : 'Shelf of briefs' }}</h2>
    <p class="filters">
      <input v-model="search" type="search" class="inline search" aria-label="Search the shelf" placeholder="Search" />
      <select v-model="grade" class="inline" aria-label="Grades">
        <option value="">any grade</option>
        <option
          v-for="g in (choices.data.value?.grades ?? []).filter((x) => x.value !== 'unsaid')"
          :key="g.value"
          :value="g.value"
        >
          {{ g.name }}
        </option>
      </select>
      <select v-model="pattern" class="inline" aria-label="Pattern">
        <option value="">any pattern</option>
        <option v-for="p in choices.data.value?.patterns ?? []" :key="p.pattern" :value="p.pattern">
          {{ p.name }}
        </option>
      </select>
      <select v-model="minutes" class="inline" aria-label="Minutes">
        <option :value="0">any length</option>
        <option v-for="m in [45, 60, 90]" :key="m" :value="m">up to {{ m }} minutes</option>
      </select>
      <button type="button" class="act" :aria-pressed="archived" @click="archived = !archived">
        {{ archived ? 'Back to the shelf' : 'What is put away' }}
      </button>
    </p>
    <LoadNote :state="briefs.state.value" :refusal="briefs.refusal.value" what="the shelf" @again="load" />
    <p v-if="briefs.state.value === 'ready' && shelf.length === 0" class="empty">
      {{
        filtered
          ? 'Nothing here fits. Choose less, or search for another word.'
          : 'The shelf is empty. A brief says what is to be built, how it is tested and how it is scored.'
      }}
    </p>
    <ul class="slips">
      <li v-for="b in shelf" :key="b.id" class="slip">
        <h3>
          <PatternMark :pattern="b.pattern" />
          <RouterLink :to="`/briefs/${b.id}`">{{ b.title || 'Untitled brief' }}</RouterLink>
        </h3>
        <p class="muted small">{{ says(b) }}</p>
        <p class="goal">{{ b.goal }}</p>
        <p v-if="b.grades.length > 0" class="small">{{ b.grades.map(gradeName).join(', ') }}</p>
        <p class="ways">
          <RouterLink
            class="small"
            :to="`/briefs/${b.id}/teams`"
            :aria-label="`Make teams for ${b.title || 'this brief'}`"
            >Make teams</RouterLink
          >
          <button
            v-if="!archived"
            type="button"
            class="act"
            :aria-label="`Plan ${b.title || 'this brief'}`"
            @click="emit('plan', { brief: b.id, title: b.title || 'this brief' })"
          >
            Plan
          </button>
          <button type="button" class="act" :aria-label="`Copy ${b.title || 'this brief'}`" @click="copy(b)">
            Copy
          </button>
          <button
            type="button"
            class="act"
            :aria-label="`${archived ? 'Take out again' : 'Put away'}: ${b.title || 'this brief'}`"
            @click="putAway(b)"
          >
            {{ archived ? 'Take out again' : 'Put away' }}
          </button>
          <button
            v-if="archived"
            type="button"
            class="act"
            :aria-label="`Take away for good: ${b.title || 'this brief'}`"
            @click="asking = b.id"
          >
            Take away for good
          </button>
        </p>
      </li>
    </ul>
    <AskRemoval
      v-if="asked"
      v-model="asking"
      :what="asked.title || 'this brief'"
      goes="The brief with its earlier versions. Rallies that were made from it stay as they are."
      @yes="remove"
    />
  </section>
</template>

<style scoped>
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 0.4rem 1.1rem;
  align-items: center;
  padding-top: 0.6rem;
}
.search {
  min-width: 9rem;
}
.slips {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(16rem, 1fr));
  gap: 1rem;
  margin-top: 0.75rem;
}
.slip {
  background: var(--sheet);
  border: 1.5px solid var(--ink);
  padding: 0.9rem 1rem 0.8rem;
  display: grid;
  gap: 0.3rem;
  align-content: start;
  clip-path: polygon(0 0, 100% 0, 100% calc(100% - 16px), calc(100% - 16px) 100%, 0 100%);
  background-image: linear-gradient(
    135deg,
    transparent calc(100% - 12.5px),
    var(--ink) calc(100% - 12.5px),
    var(--ink) calc(100% - 11px),
    transparent 0
  );
}
.slip h3 {
  overflow-wrap: anywhere;
  font-size: 1.1rem;
  display: flex;
  gap: 0.5rem;
  align-items: flex-start;
}
.slip h3 svg {
  flex: none;
  margin-top: -0.3rem;
}
.goal {
  overflow: hidden;
  display: -webkit-box;
  -webkit-line-clamp: 3;
  -webkit-box-orient: vertical;
  overflow-wrap: anywhere;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: 0.3rem 1rem;
  align-items: baseline;
}
.empty {
  padding: 1.5rem 0;
  max-width: 30rem;
}
</style>
