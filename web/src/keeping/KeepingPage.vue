<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { CopyKept, Kept, Refusal } from '@/api/names'
import { dayOf, timeOfDay } from '@/shared/days'
import LoadNote from '@/shared/LoadNote.vue'
import { sizeOf } from '@/shared/numbers'
import StationHead from '@/shared/StationHead.vue'
import TopBar from '@/shared/TopBar.vue'
import { useLoad } from '@/shared/useLoad'
import RemovedList from './RemovedList.vue'

/** What is kept: the copies that are made by themselves, everything in one file, and what was taken away. */
const kept = useLoad(() => ask(api.GET('/api/kept')))
void kept.load()
const refusal = ref<Refusal>()
const busy = ref(false)
const folder = ref<string>()
const wrongFolder = computed(() => refusal.value?.problems.find((p) => p.at === '/path'))
const second = computed(() => kept.data.value?.second)

async function make() {
  busy.value = true
  refusal.value = refusalOf(await ask(api.POST('/api/kept/copies')))
  busy.value = false
  await kept.load()
}
async function setSecond(path: string) {
  busy.value = true
  const answer = await ask(api.PUT('/api/kept/second', { body: { path } }))
  busy.value = false
  refusal.value = refusalOf(answer)
  if (answer.ok) folder.value = undefined
  await kept.load()
}
const reasons: Record<CopyKept['reason'], string> = {
  day: 'first start of the day',
  rallyEnded: 'a lesson was over',
  beforeUpdate: 'before an update',
  byHand: 'by hand',
}
const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`
const holds = (c: CopyKept) =>
  [count(c.rallies, 'rally', 'rallies'), count(c.briefs, 'brief', 'briefs'), count(c.photos, 'photo', 'photos')].join(
    ', ',
  )
const next = (k: Kept) =>
  k.copies[0]
    ? `The newest copy is of ${dayOf(k.copies[0].madeAt)}, ${timeOfDay(k.copies[0].madeAt)}.`
    : 'There is no copy yet. Make one now.'
</script>

<template>
  <TopBar />
  <main id="main" class="desk">
    <StationHead title="Kept safe" :next="kept.data.value ? next(kept.data.value) : ''">
      <Button label="Make a copy now" :disabled="busy" @click="make" />
    </StationHead>
    <p v-if="refusal && !wrongFolder" class="wrong" role="alert">{{ refusal.title }} {{ refusal.detail }}</p>
    <LoadNote
      v-if="!kept.data.value"
      :state="kept.state.value"
      :refusal="kept.refusal.value"
      what="what is kept"
      @again="kept.load"
    />
    <template v-else>
      <p v-if="kept.data.value.trouble" class="heed" role="alert">
        <b>The last copy could not be made.</b> {{ kept.data.value.trouble }} Make room or mend it, then make a copy.
      </p>
      <section aria-labelledby="copies">
        <h2 id="copies">Copies</h2>
        <p class="muted">
          Made by themselves at the first start of a day, after a lesson and before an update, each checked after it was
          written. {{ kept.data.value.rule }} Together {{ sizeOf(kept.data.value.bytes) }}.
        </p>
        <div class="scroll">
          <table v-if="kept.data.value.copies.length > 0">
            <thead>
              <tr>
                <th scope="col">When</th>
                <th scope="col">Why</th>
                <th scope="col">What is in it</th>
                <th scope="col" class="number">Size</th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="c in kept.data.value.copies" :key="c.name">
                <th scope="row" class="figures">{{ dayOf(c.madeAt) }}, {{ timeOfDay(c.madeAt) }}</th>
                <td>{{ reasons[c.reason] }}</td>
                <td>{{ holds(c) }}</td>
                <td class="number figures">{{ sizeOf(c.bytes) }}</td>
              </tr>
            </tbody>
          </table>
        </div>
        <p v-if="kept.data.value.copies[0]" class="small muted">
          To go back to the newest, end Plucky Rally, then
          <code>./rally restore '{{ kept.data.value.folder }}/{{ kept.data.value.copies[0].name }}.db'</code>; the
          others are beside it. What stands now is set aside, not thrown away.
        </p>
      </section>
      <section aria-labelledby="second">
        <h2 id="second">On a stick or a share too</h2>
        <p v-if="second?.path && folder === undefined">
          All copies go to <code>{{ second.path }}</code> as well.
          <b v-if="second.trouble" class="wrong">{{ second.trouble }}</b>
        </p>
        <p v-else-if="folder === undefined" class="muted">
          A copy on the same disk is lost with the disk. Name a folder on a stick, another disk or a share.
        </p>
        <form v-if="folder !== undefined" novalidate @submit.prevent="setSecond(folder)">
          <label for="folder">The whole path of the folder</label>
          <input
            id="folder"
            v-model="folder"
            class="touch-field"
            spellcheck="false"
            placeholder="/media/stick"
            :aria-invalid="!!wrongFolder"
          />
          <p v-if="wrongFolder" class="wrong small" role="alert">{{ wrongFolder.what }} {{ wrongFolder.remedy }}</p>
          <p class="touch-row">
            <Button type="submit" label="Copy there too" :disabled="busy" />
            <Button type="button" label="Leave it" variant="outlined" @click="folder = undefined" />
          </p>
        </form>
        <p v-else class="touch-row">
          <Button
            :label="second?.path ? 'Another folder' : 'Name a folder'"
            variant="outlined"
            @click="folder = second?.path ?? ''"
          />
          <Button v-if="second?.path" label="No second folder" variant="outlined" @click="setSecond('')" />
        </p>
      </section>
      <section aria-labelledby="one">
        <h2 id="one">Everything in one file</h2>
        <p class="muted">
          Briefs with their history, rallies with every entry, photos, classes and the cupboard, in open formats.
          Another computer takes it in with <code>./rally restore FILE</code>. No password and no code is in it; names
          of pupils are, so keep it as carefully as a class list.
        </p>
        <p><a class="save" href="/api/kept/file" download>Save everything</a></p>
      </section>
      <RemovedList />
    </template>
  </main>
</template>

<style scoped>
section {
  display: grid;
  justify-items: start;
  gap: 0.5rem;
  padding: 1rem 0;
}
.scroll {
  width: 100%;
}
table {
  width: 100%;
  margin: 0.5rem 0;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 0.4rem 1rem 0.4rem 0;
  border-bottom: var(--stitch);
}
thead th {
  font-family: var(--title);
  font-weight: 700;
}
.number {
  text-align: right;
  padding-right: 0;
}
form {
  display: grid;
  gap: 0.5rem;
  max-width: 32rem;
}
.save {
  display: inline-grid;
  place-items: center;
  min-height: var(--touch);
  padding: 0 1.25rem;
  border: 1.5px solid var(--lagoon);
  color: var(--lagoon-deep);
  font-weight: 600;
}
code {
  overflow-wrap: anywhere;
}
</style>
