<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask } from '../api/client'
import type { Refusal, Season } from '../api/names'
import LoadNote from '../shared/LoadNote.vue'
import StationHead from '../shared/StationHead.vue'
import TopBar from '../shared/TopBar.vue'
import { useLoad } from '../shared/useLoad'
import { blankBrief } from '../stations/brief/blankBrief'
import ImportFile from './ImportFile.vue'
import RallyList from './RallyList.vue'
import TideLine from './TideLine.vue'

const router = useRouter()
const briefs = useLoad(() => ask(api.GET('/api/briefs')))
const rallies = useLoad(() => ask(api.GET('/api/rallies')))
const season = ref<Season>()
const refusal = ref<Refusal>()
const load = () => void Promise.all([briefs.load(), rallies.load()])
load()

const shelf = computed(() => (briefs.data.value ?? []).filter((b) => !season.value || b.season === season.value))
const next = computed(() => {
  if (briefs.data.value?.length === 0) return 'Write your first brief, or bring one in from a file.'
  const open = rallies.data.value?.find((r) => r.entries > 0)
  return open ? `Go on with ${open.name}, or choose a brief for the next class.` : 'Choose a brief, then make teams.'
})

async function write() {
  const answer = await ask(api.POST('/api/briefs', { body: blankBrief() }))
  if (answer.ok) await router.push(`/briefs/${answer.data.id}`)
  else
    refusal.value = answer.offline
      ? { title: 'Plucky Rally does not answer.', detail: 'Try again.', problems: [] }
      : answer.refusal
}
</script>

<template>
  <TopBar />
  <main id="main" class="home">
    <StationHead title="What is on the line" :next="next">
      <ImportFile @taken="load" />
      <Button label="Write a brief" @click="write" />
    </StationHead>
    <p v-if="refusal" role="alert" class="wrong">{{ refusal.title }} {{ refusal.detail }}</p>
    <TideLine v-model="season" :briefs="briefs.data.value ?? []" />
    <div class="two">
      <section aria-labelledby="shelf">
        <h2 id="shelf">Shelf of briefs</h2>
        <LoadNote :state="briefs.state.value" :refusal="briefs.refusal.value" what="the shelf" @again="load" />
        <p v-if="briefs.state.value === 'ready' && shelf.length === 0" class="empty">
          {{
            season
              ? 'Nothing on the shelf for this season yet.'
              : 'The shelf is empty. A brief says what is to be built, how it is tested and how it is scored.'
          }}
        </p>
        <ul class="slips">
          <li v-for="b in shelf" :key="b.id" class="slip">
            <h3>
              <RouterLink :to="`/briefs/${b.id}`">{{ b.title || 'Untitled brief' }}</RouterLink>
            </h3>
            <p class="muted small">
              {{ [b.season === 'any' ? 'any season' : b.season, b.theme].filter(Boolean).join(' · ') }}
            </p>
            <p class="goal">{{ b.goal }}</p>
            <RouterLink
              class="small"
              :to="`/briefs/${b.id}/teams`"
              :aria-label="`Make teams for ${b.title || 'this brief'}`"
              >Make teams</RouterLink
            >
          </li>
        </ul>
      </section>
      <section aria-labelledby="rallies">
        <h2 id="rallies">Rallies</h2>
        <LoadNote :state="rallies.state.value" :refusal="rallies.refusal.value" what="the rallies" @again="load" />
        <RallyList v-if="rallies.data.value" :rallies="rallies.data.value" />
      </section>
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
  grid-template-columns: minmax(0, 3fr) minmax(0, 2fr);
  gap: 2.5rem;
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
}
.goal {
  overflow: hidden;
  display: -webkit-box;
  -webkit-line-clamp: 3;
  -webkit-box-orient: vertical;
  overflow-wrap: anywhere;
}
.empty {
  padding: 1.5rem 0;
  max-width: 30rem;
}
.wrong {
  color: var(--brick);
  padding-top: 0.5rem;
}
@media (max-width: 800px) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
