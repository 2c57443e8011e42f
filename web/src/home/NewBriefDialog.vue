<script lang="ts">
export type Way = 'pattern' | 'paste' | 'ready'
</script>

<script setup lang="ts">
import Button from 'primevue/button'
import Dialog from 'primevue/dialog'
import { computed, ref, watch } from 'vue'
import { useRouter } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import type { GradeBand, Pattern, Refusal, UnitSystem } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import { useLoad } from '@/shared/useLoad'
import { useDraft } from '@/shared/useDraft'
import { useSchool } from '@/school/useSchool'
import PasteChallenge from './PasteChallenge.vue'
import PatternMark from './PatternMark.vue'
import ReadyBriefs from './ReadyBriefs.vue'
import { singly } from '@/shared/singly'

/** How a brief is begun: from a pattern, a pasted challenge or a brief that is ready. */
const open = defineModel<boolean>({ required: true })
const way = defineModel<Way>('way', { default: 'pattern' })
const router = useRouter()
const { data, state, refusal, load } = useLoad(() => ask(api.GET('/api/choices')))
const grades = ref<GradeBand>('from3To5')
const units = ref<UnitSystem>('metric')
const { school } = useSchool()
watch(school, (s) => s && (units.value = s.units), { immediate: true })
const pattern = ref<Pattern>('tallest')
const ready = useLoad(() => ask(api.GET('/api/briefs/ready')))
watch(open, (now) => now && void Promise.all([load(), ready.load()]), { immediate: true })
const ways = computed((): readonly (readonly [Way, string])[] => [
  ['pattern', 'From a pattern'],
  ['paste', 'Paste a challenge'],
  ...(ready.data.value?.length ? [['ready', 'Copy a ready-made brief'] as const] : []),
])
/** What was pasted stays until a brief was begun with it. */
const { draft: text } = useDraft(() => '', 'challenge')
const refused = ref<Refusal>()
const beginning = ref(false)

async function begin() {
  beginning.value = true
  const answer = await ask(
    api.POST('/api/briefs/begun', { body: { pattern: pattern.value, grades: grades.value, units: units.value } }),
  )
  beginning.value = false
  refused.value = refusalOf(answer)
  if (answer.ok) await router.push(`/briefs/${answer.data.id}`)
}
</script>

<template>
  <Dialog v-model:visible="open" modal header="Begin a brief" :style="{ width: '58rem' }" dismissable-mask>
    <LoadNote :state="state" :refusal="refusal" what="the patterns" @again="load" />
    <template v-if="data">
      <p v-if="way !== 'ready'" class="for">
        It is for
        <select v-model="grades" class="inline" aria-label="Grades">
          <option v-for="g in data.grades" :key="g.value" :value="g.value">{{ g.name }}</option>
        </select>
        who measure in
        <select v-model="units" class="inline" aria-label="Units">
          <option value="metric">centimeters and grams</option>
          <option value="customary">inches and ounces</option></select
        >.
      </p>
      <p class="ways" role="group" aria-label="How to begin">
        <Button
          v-for="[id, name] in ways"
          :key="id"
          :label="name"
          :variant="way === id ? undefined : 'outlined'"
          :aria-pressed="way === id"
          @click="way = id"
        />
      </p>
      <PasteChallenge v-if="way === 'paste'" v-model:text="text" :grades="grades" :units="units" />
      <ReadyBriefs v-else-if="way === 'ready'" :briefs="ready.data.value ?? []" />
      <form v-else @submit.prevent="singly(begin)">
        <fieldset>
          <legend>Pattern</legend>
          <label v-for="p in data.patterns" :key="p.pattern" :class="{ chosen: pattern === p.pattern }">
            <input v-model="pattern" type="radio" name="pattern" :value="p.pattern" />
            <PatternMark :pattern="p.pattern" />
            <span>
              <b>{{ p.name }}</b>
              <span class="small muted">{{ p.says }}</span>
            </span>
          </label>
        </fieldset>
        <RefusalNote :refusal="refused" />
        <p class="small muted">A pattern brings measures, rules, points, minutes and cautions. The idea is yours.</p>
        <Button type="submit" label="Begin" :loading="beginning" />
      </form>
    </template>
  </Dialog>
</template>

<style scoped>
.for {
  margin-bottom: var(--space-4);
}
.ways {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-3);
}
form {
  margin-top: var(--space-5);
  display: grid;
  gap: var(--space-4);
  justify-items: start;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(16rem, 1fr));
  gap: var(--space-3);
  width: 100%;
}
legend {
  font: 700 var(--size-text) var(--title);
  padding: 0 0 var(--space-3);
}
label {
  display: grid;
  grid-template-columns: auto 34px 1fr;
  gap: var(--space-3);
  align-items: center;
  border: 1.5px solid var(--line);
  padding: var(--space-3) var(--space-4);
  cursor: pointer;
}
label:hover {
  border-color: var(--ink);
}
.chosen {
  border-color: var(--lagoon);
  background: var(--lagoon-wash);
}
label > span {
  display: grid;
}
input {
  accent-color: var(--lagoon);
  width: 1.05rem;
  height: 1.05rem;
}
</style>
