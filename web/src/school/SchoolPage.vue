<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Refusal, School } from '@/api/names'
import ConflictNote from '@/shared/ConflictNote.vue'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'
import { useMeanwhile } from '@/shared/useMeanwhile'
import { useSchool } from './useSchool'

/** What is the school's own, set once: its year, its terms, its paper, its units, its weeks. */
const { again } = useSchool()
const kept = useLoad(() => ask(api.GET('/api/school')))
void kept.load()
const typed = ref<School>()
const copy = () => (typed.value = JSON.parse(JSON.stringify(kept.data.value)) as School)
watch(kept.data, () => typed.value ?? copy())
const { meanwhile, cameSecond, letGo } = useMeanwhile(kept.load)
const refusal = ref<Refusal>()
const said = ref('')
const problem = (at: string) => refusal.value?.problems.find((p) => p.at === at)
const months = Array.from({ length: 12 }, (_, i) =>
  new Date(Date.UTC(2026, i, 1)).toLocaleDateString('en-GB', { month: 'long', timeZone: 'UTC' }),
)
const days = computed(() => Array.from({ length: 31 }, (_, i) => i + 1))

async function keep() {
  if (!typed.value || !kept.data.value) return
  const answer = await ask(api.PUT('/api/school', { body: { was: kept.data.value, now: typed.value } }))
  said.value = ''
  if (await cameSecond(answer, keep)) return
  refusal.value = refusalOf(answer, 'What you typed is still here. Try again.')
  if (!answer.ok) return
  said.value = 'Saved. New briefs, the year line and papers follow it.'
  await Promise.all([kept.load(), again()])
}
function takeTheirs() {
  letGo()
  copy()
}
const addTerm = () => typed.value?.terms.push({ name: '', month: typed.value.beginsMonth, day: typed.value.beginsDay })
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead title="School settings" next="The school year, terms, paper size and units for every new brief." />
    <LoadNote
      v-if="!typed"
      :state="kept.state.value"
      :refusal="kept.refusal.value"
      what="the school settings"
      @again="kept.load"
    />
    <form v-else novalidate @submit.prevent="keep">
      <p>
        The school year begins on
        <select v-model.number="typed.beginsDay" class="inline" aria-label="Day on which the year begins">
          <option v-for="d in days" :key="d" :value="d">{{ d }}</option>
        </select>
        <select v-model.number="typed.beginsMonth" class="inline" aria-label="Month in which the year begins">
          <option v-for="(m, i) in months" :key="m" :value="i + 1">{{ m }}</option></select
        >, and summer is in
        <select v-model="typed.south" class="inline" aria-label="Summer is in">
          <option :value="false">June to August</option>
          <option :value="true">December to February</option></select
        >.
      </p>
      <p v-if="problem('/beginsDay')" class="wrong" role="alert">
        {{ problem('/beginsDay')!.what }} {{ problem('/beginsDay')!.remedy }}
      </p>
      <p>
        A week begins on
        <select v-model="typed.firstDay" class="inline" aria-label="First day of the week">
          <option value="monday">Monday</option>
          <option value="sunday">Sunday</option>
          <option value="saturday">Saturday</option></select
        >. New briefs measure in
        <select v-model="typed.units" class="inline" aria-label="Units">
          <option value="metric">centimeters and grams</option>
          <option value="customary">inches and ounces</option></select
        >. It prints on
        <select v-model="typed.paper" class="inline" aria-label="Paper">
          <option value="a4">A4</option>
          <option value="letter">US Letter</option></select
        >.
      </p>
      <fieldset>
        <legend>Terms</legend>
        <p v-if="typed.terms.length === 0" class="muted">No terms yet. The year line shows the seasons alone.</p>
        <p v-for="(t, i) in typed.terms" :key="i">
          <input
            v-model="t.name"
            class="inline"
            :aria-label="`Term ${i + 1}`"
            placeholder="its name"
            :aria-invalid="problem(`/terms/${i}/name`) !== undefined"
          />
          from
          <select v-model.number="t.day" class="inline" :aria-label="`Term ${i + 1}, day`">
            <option v-for="d in days" :key="d" :value="d">{{ d }}</option>
          </select>
          <select v-model.number="t.month" class="inline" :aria-label="`Term ${i + 1}, month`">
            <option v-for="(m, k) in months" :key="m" :value="k + 1">{{ m }}</option>
          </select>
          <button type="button" class="act" :aria-label="`Remove: term ${i + 1}`" @click="typed.terms.splice(i, 1)">
            Remove
          </button>
          <span v-for="at in ['name', 'day']" :key="at">
            <span v-if="problem(`/terms/${i}/${at}`)" class="wrong small" role="alert"
              >{{ problem(`/terms/${i}/${at}`)!.what }} {{ problem(`/terms/${i}/${at}`)!.remedy }}</span
            >
          </span>
        </p>
        <button type="button" class="act" @click="addTerm">Add a term</button>
      </fieldset>
      <p v-if="refusal && refusal.problems.length === 0" class="wrong" role="alert">
        {{ refusal.title }} {{ refusal.detail }}
      </p>
      <ConflictNote :of="meanwhile" @theirs="takeTheirs" />
      <Button type="submit" label="Save" />
      <p v-if="said" role="status">{{ said }}</p>
    </form>
  </main>
</template>

<style scoped>
.act {
  margin-left: 0.75rem;
}
fieldset > .act {
  margin-left: 0;
}
form {
  display: grid;
  gap: 1rem;
  justify-items: start;
  padding-top: 1rem;
  line-height: 2;
}
fieldset {
  border: 0;
  padding: 0;
  margin: 0;
}
legend {
  font: 700 var(--size-text) var(--title);
}
</style>
