<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { CopyKept, Kept } from '@/api/names'
import { dayOf, timeOfDay } from '@/shared/days'
import LoadNote from '@/shared/LoadNote.vue'
import { countOf, sizeOf } from '@/shared/numbers'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'
import RemovedList from './RemovedList.vue'
import RestoreCopy from './RestoreCopy.vue'
import { useRefusal } from '@/fields/useRefusal'

/** Backups, which are made automatically, everything in one file, and what was deleted. */
const kept = useLoad(() => ask(api.GET('/api/kept')))
void kept.load()
const refusal = useRefusal(() => ({ path: folder.value }))
const busy = ref(false)
const folder = ref<string>()
/** The backup that is about to be restored. */
const restoring = ref<CopyKept>()
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
  rallyEnded: 'end of a lesson',
  beforeUpdate: 'before an update',
  byHand: 'made by you',
  beforeRestore: 'before a restore',
}
/** What became of a backup that was restored: it is gone from the page when the server starts again. */
const restored = computed(() => {
  const last = kept.data.value?.restored
  const copy = kept.data.value?.copies.find((c) => c.name === last?.name)
  const when = copy ? ` of ${dayOf(copy.madeAt)}, ${timeOfDay(copy.madeAt)}` : ''
  if (!last) return undefined
  return last.trouble
    ? { wrong: true, says: `The backup${when} could not be restored. ${last.trouble}` }
    : { wrong: false, says: `The backup${when} was restored. What was there before is the newest backup.` }
})
const holds = (c: CopyKept) =>
  [
    countOf(c.rallies, 'rally', 'rallies'),
    countOf(c.briefs, 'brief', 'briefs'),
    countOf(c.photos, 'photo', 'photos'),
  ].join(', ')
const next = (k: Kept) =>
  k.copies[0]
    ? `Last backup: ${dayOf(k.copies[0].madeAt)}, ${timeOfDay(k.copies[0].madeAt)}.`
    : 'There is no backup yet. Make one now.'
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead title="Backups" :next="kept.data.value ? next(kept.data.value) : ''">
      <Button label="Back up now" :disabled="busy" @click="make" />
    </StationHead>
    <p v-if="refusal && !wrongFolder" class="wrong" role="alert">{{ refusal.title }} {{ refusal.detail }}</p>
    <LoadNote
      v-if="!kept.data.value"
      :state="kept.state.value"
      :refusal="kept.refusal.value"
      what="the backups"
      @again="kept.load"
    />
    <template v-else>
      <p v-if="restored" :class="restored.wrong ? 'heed' : 'muted'" role="status">{{ restored.says }}</p>
      <p v-if="kept.data.value.trouble" class="heed" role="alert">
        <b>The last backup could not be made.</b> {{ kept.data.value.trouble }} Fix this, then back up again.
      </p>
      <section aria-labelledby="copies">
        <h2 id="copies">On this computer</h2>
        <p class="muted">
          Made automatically at the first start of each day, after each lesson (half an hour after the last result,
          where nobody ends it) and before each update, and checked as soon as they are written.
          {{ kept.data.value.rule }} Total size: {{ sizeOf(kept.data.value.bytes) }}.
        </p>
        <div class="scroll">
          <table v-if="kept.data.value.copies.length > 0" class="rows">
            <thead>
              <tr>
                <th scope="col">Date</th>
                <th scope="col">Reason</th>
                <th scope="col">Contents</th>
                <th scope="col" class="number">Size</th>
                <th scope="col"><span class="out-of-sight">Restore</span></th>
              </tr>
            </thead>
            <tbody>
              <tr v-for="c in kept.data.value.copies" :key="c.name">
                <th scope="row" class="figures">{{ dayOf(c.madeAt) }}, {{ timeOfDay(c.madeAt) }}</th>
                <td>{{ reasons[c.reason] }}</td>
                <td>{{ holds(c) }}</td>
                <td class="number figures">{{ sizeOf(c.bytes) }}</td>
                <td class="number">
                  <button
                    type="button"
                    class="act"
                    :aria-label="`Restore the backup of ${dayOf(c.madeAt)}, ${timeOfDay(c.madeAt)}`"
                    @click="restoring = c"
                  >
                    Restore…
                  </button>
                </td>
              </tr>
            </tbody>
          </table>
        </div>
        <p v-if="kept.data.value.copies[0]" class="small muted">
          If Plucky Rally does not start any more, restore one with
          <code>./rally restore '{{ kept.data.value.folder }}/{{ kept.data.value.copies[0].name }}.db'</code>; the
          others are in the same folder.
        </p>
        <RestoreCopy v-model="restoring" @restored="kept.load" />
      </section>
      <section aria-labelledby="second">
        <h2 id="second">A second place for backups</h2>
        <p v-if="second?.path && folder === undefined">
          Every backup is also copied to <code>{{ second.path }}</code>.
          <b v-if="second.trouble" class="wrong">{{ second.trouble }}</b>
        </p>
        <p v-else-if="folder === undefined" class="muted">
          If this disk fails, backups on it are lost too. Choose a folder on a USB drive, another disk or a network
          share.
        </p>
        <form v-if="folder !== undefined" novalidate @submit.prevent="setSecond(folder)">
          <label for="folder">Full path of the folder</label>
          <input
            id="folder"
            v-model="folder"
            class="touch-field"
            spellcheck="false"
            placeholder="/media/usb"
            :aria-invalid="!!wrongFolder"
          />
          <p v-if="wrongFolder" class="wrong small" role="alert">{{ wrongFolder.what }} {{ wrongFolder.remedy }}</p>
          <p class="touch-row">
            <Button type="submit" label="Save" :disabled="busy" />
            <Button type="button" label="Cancel" variant="outlined" @click="folder = undefined" />
          </p>
        </form>
        <p v-else class="touch-row">
          <Button
            :label="second?.path ? 'Change folder' : 'Choose a folder'"
            variant="outlined"
            @click="folder = second?.path ?? ''"
          />
          <Button v-if="second?.path" label="Stop copying there" variant="outlined" @click="setSecond('')" />
        </p>
      </section>
      <section aria-labelledby="one">
        <h2 id="one">Everything in one file</h2>
        <p class="muted">
          Briefs with their history, rallies with every entry, photos, classes and the cupboard, in open formats. To
          load it on another computer, run <code>./rally restore FILE</code> there. It holds no passwords and no codes,
          but it does hold students’ names, so keep it as carefully as a class list.
        </p>
        <p><Button as="a" href="/api/kept/file" download label="Download everything" variant="outlined" /></p>
      </section>
      <RemovedList />
    </template>
  </main>
</template>

<style scoped>
section {
  display: grid;
  justify-items: start;
  gap: var(--space-3);
  padding: var(--space-5) 0;
}
.scroll {
  width: 100%;
}
table {
  width: 100%;
  margin: var(--space-3) 0;
}
form {
  display: grid;
  gap: var(--space-3);
  max-width: 32rem;
}
code {
  overflow-wrap: anywhere;
}
</style>
