<script setup lang="ts">
import { computed, ref, watchEffect } from 'vue'
import Button from 'primevue/button'
import { api, ask } from '@/api/client'
import type { Brief, EditionSheet } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import TopBar from '@/shared/TopBar.vue'
import { useLoad } from '@/shared/useLoad'
import PrintedSheet from './sheet/PrintedSheet.vue'
import WorkSheet from './sheet/WorkSheet.vue'
import InlineCheck from '@/fields/InlineCheck.vue'
import InlineChoice from '@/fields/InlineChoice.vue'

/** The pupils' sheet and a worksheet, as they go to the printer. */
const props = defineProps<{ brief: string }>()
const tier = ref('')
const paper = ref<'A4' | 'letter'>('A4')
const ink = ref<'colour' | 'black'>('colour')
const lines = ref<'wide' | 'narrow'>('wide')
const work = ref(true)

const brief = useLoad(() => ask(api.GET('/api/briefs/{id}', { params: { path: { id: props.brief } } })))
const edition = ref<EditionSheet>()
void brief.load()
async function fit(whole: Brief, chosen: string) {
  const answer = await ask(api.POST('/api/drafts/edition', { body: { brief: whole, tier: chosen } }))
  if (answer.ok) edition.value = answer.data
}
watchEffect(() => {
  if (brief.data.value) void fit(brief.data.value, tier.value)
})
const tiers = computed(() => [
  ['', 'the brief itself'] as const,
  ...(brief.data.value?.tiers ?? []).map((t) => [t.id, t.name || t.id] as const),
])
/** The size of the paper is part of the printed page and cannot be set by a class. */
const page = computed(() => `@page { size: ${paper.value}; margin: 13mm 14mm; }`)
/** Long texts are set smaller, so that the sheet keeps to one page where that is still easy to read. */
const length = computed(() => {
  if (!edition.value) return 0
  const lines = Object.values(edition.value.sheet).flat()
  return edition.value.brief.story.length + lines.reduce((sum, line) => sum + line.length + 40, 0)
})
const fits = computed(() => (length.value > 3300 ? 'small' : length.value > 2400 ? 'middle' : 'large'))
const chosen = ref<'usual' | 'print'>()
const letters = computed({
  get: () => chosen.value ?? (edition.value?.largePrint ? 'print' : 'usual'),
  set: (value) => (chosen.value = value),
})
const size = computed(() => (letters.value === 'print' ? 'print' : fits.value))
const print = () => window.print()
</script>

<template>
  <TopBar />
  <component :is="'style'">{{ page }}</component>
  <main id="main" class="page">
    <LoadNote :state="brief.state.value" :refusal="brief.refusal.value" what="the brief" @again="brief.load" />
    <template v-if="edition">
      <StationHead class="not-on-paper" title="Print" next="Choose the paper and the lines, then print.">
        <RouterLink class="small" :to="`/briefs/${props.brief}`">Back to the brief</RouterLink>
        <Button label="Print" @click="print" />
      </StationHead>
      <p class="choices not-on-paper">
        The sheet of <InlineChoice v-model="tier" label="Tier" :options="tiers" /> on
        <InlineChoice
          v-model="paper"
          label="Paper"
          :options="[
            ['A4', 'A4'],
            ['letter', 'US Letter'],
          ]"
        />, in
        <InlineChoice
          v-model="ink"
          label="Ink"
          :options="[
            ['colour', 'colour'],
            ['black', 'black and white'],
          ]"
        />, in
        <InlineChoice
          v-model="letters"
          label="Letters"
          :options="[
            ['usual', 'letters that fit'],
            ['print', 'large print'],
          ]"
        />; <InlineCheck v-model="work" label="a worksheet behind it" /> with
        <InlineChoice
          v-model="lines"
          label="Lines"
          :options="[
            ['wide', 'wide lines'],
            ['narrow', 'narrow lines'],
          ]"
        />.
      </p>
      <div :class="[ink, size, paper]" class="paper">
        <PrintedSheet :brief="edition.brief" :sheet="edition.sheet" :tier="edition.tier" />
        <WorkSheet v-if="work" :brief="edition.brief" :narrow="lines === 'narrow'" />
      </div>
    </template>
  </main>
</template>

<style scoped>
.page {
  max-width: 60rem;
  margin: 0 auto;
  padding: 1rem 1.5rem 4rem;
}
.choices {
  padding: 0.75rem 0;
}
.paper {
  display: grid;
  gap: 1.5rem;
}
.black {
  --lagoon: var(--on-light-paper);
  --lagoon-deep: var(--on-light-paper);
  --brick: var(--on-light-paper);
  --muted: var(--on-light-paper);
  --line: var(--line-on-paper);
  --ink: var(--on-light-paper);
  color: var(--on-light-paper);
}
.print {
  font-size: 16pt;
  line-height: 1.45;
}
@media print {
  .page {
    padding: 0;
    max-width: none;
  }
  .paper {
    display: block;
  }
  .large {
    font-size: 12pt;
    line-height: 1.4;
  }
  .middle {
    font-size: 10.8pt;
    line-height: 1.34;
  }
  .small {
    font-size: 10pt;
    line-height: 1.3;
  }
}
</style>
