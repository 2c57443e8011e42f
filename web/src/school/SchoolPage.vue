<script setup lang="ts">
import Button from 'primevue/button'
import InputText from 'primevue/inputtext'
import Select from 'primevue/select'
import { ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { School } from '@/api/names'
import FieldNote from '@/fields/FieldNote.vue'
import ConflictNote from '@/shared/ConflictNote.vue'
import LoadNote from '@/shared/LoadNote.vue'
import StationHead from '@/shared/StationHead.vue'
import NotSavedNote from '@/shared/NotSavedNote.vue'
import { useEdited } from '@/shared/useEdited'
import { useLoad } from '@/shared/useLoad'
import { useMeanwhile } from '@/shared/useMeanwhile'
import MonthDay from './MonthDay.vue'
import { useSchool } from './useSchool'
import { copyOf } from '@/shared/copyOf'
import { useRefusal } from '@/fields/useRefusal'

/** What is the school's own, set once: its year, its terms, its paper, its units, its weeks. */
const { again } = useSchool()
const kept = useLoad(() => ask(api.GET('/api/school')))
void kept.load()
const { typed, was, changed, saved, discard } = useEdited(() => kept.data.value, 'school')
const { meanwhile, cameSecond, letGo } = useMeanwhile(kept.load)
const refusal = useRefusal(() => typed.value)
const said = ref('')
const problem = (at: string) => refusal.value?.problems.find((p) => p.at === at)
/** What a list offers, as PrimeVue takes it. */
const list = (all: Record<string, unknown>) => ({
  options: Object.entries(all).map(([name, value]) => ({ name, value })),
  optionLabel: 'name',
  optionValue: 'value',
})
const weekDays = { Monday: 'monday', Sunday: 'sunday', Saturday: 'saturday' }
const summers = { 'June to August': false, 'December to February': true }
const units = { 'centimeters and grams': 'metric', 'inches and ounces': 'customary' }
const papers = { A4: 'a4', 'US Letter': 'letter' }

async function keep(over: School | undefined) {
  if (!typed.value || !over) return
  const now = copyOf(typed.value)
  const answer = await ask(api.PUT('/api/school', { body: { was: over, now } }))
  said.value = ''
  if (await cameSecond(answer, () => keep(kept.data.value))) return
  refusal.value = refusalOf(answer, 'What you typed is still here. Try again.')
  if (!answer.ok) return
  said.value = 'Saved. New briefs, the year line and papers use these settings.'
  kept.data.value = now
  saved(now)
  await Promise.all([kept.load(), again()])
}
function takeTheirs() {
  letGo()
  discard()
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
    <form v-else novalidate @submit.prevent="keep(was)">
      <section aria-labelledby="year">
        <h2 id="year">School year</h2>
        <div class="fields">
          <div class="field">
            <span class="label">Begins on</span>
            <MonthDay v-model:month="typed.beginsMonth" v-model:day="typed.beginsDay" label="The school year begins" />
            <FieldNote role="alert" :problem="problem('/beginsDay')" />
          </div>
          <div class="field">
            <span class="label">A week begins on</span>
            <Select v-model="typed.firstDay" aria-label="A week begins on" v-bind="list(weekDays)" />
          </div>
          <div class="field">
            <span class="label">Summer is in</span>
            <Select v-model="typed.south" aria-label="Summer is in" v-bind="list(summers)" />
          </div>
        </div>
      </section>
      <section aria-labelledby="terms">
        <h2 id="terms">Terms</h2>
        <p v-if="typed.terms.length === 0" class="muted">No terms yet. The year line shows the seasons alone.</p>
        <ul v-else class="terms">
          <li v-for="(t, i) in typed.terms" :key="i">
            <InputText
              v-model="t.name"
              :aria-label="`Term ${i + 1}`"
              placeholder="Name"
              :invalid="problem(`/terms/${i}/name`) !== undefined"
            />
            <span>from</span>
            <MonthDay v-model:month="t.month" v-model:day="t.day" :label="`Term ${i + 1}`" />
            <Button
              label="Remove"
              variant="text"
              severity="secondary"
              :aria-label="`Remove: term ${i + 1}`"
              @click="typed.terms.splice(i, 1)"
            />
            <FieldNote role="alert" :problem="problem(`/terms/${i}/name`) ?? problem(`/terms/${i}/day`)" />
          </li>
        </ul>
        <Button label="Add a term" variant="outlined" @click="addTerm" />
      </section>
      <section aria-labelledby="new">
        <h2 id="new">New briefs</h2>
        <div class="fields">
          <div class="field">
            <span class="label">Units</span>
            <Select v-model="typed.units" aria-label="Units" v-bind="list(units)" />
          </div>
          <div class="field">
            <span class="label">Paper</span>
            <Select v-model="typed.paper" aria-label="Paper" v-bind="list(papers)" />
          </div>
        </div>
      </section>
      <p v-if="refusal && refusal.problems.length === 0" class="wrong" role="alert">
        {{ refusal.title }} {{ refusal.detail }}
      </p>
      <ConflictNote :of="meanwhile" @theirs="takeTheirs" />
      <div class="save">
        <Button type="submit" label="Save" />
        <p v-if="said && !changed" role="status">{{ said }}</p>
      </div>
      <NotSavedNote :changed="changed" @discard="discard" />
    </form>
  </main>
</template>

<style scoped>
form {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-7);
}
section {
  display: grid;
  gap: var(--space-4);
  justify-items: start;
}
.fields {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-5) var(--space-7);
}
.terms {
  display: grid;
  gap: var(--space-3);
}
.terms li,
.save {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: var(--space-3) var(--space-4);
}
</style>
