<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask } from '../api/client'
import type { PassKind, Refusal } from '../api/names'
import LoadNote from '../shared/LoadNote.vue'
import StationHead from '../shared/StationHead.vue'
import { useLoad } from '../shared/useLoad'
import PassList from './PassList.vue'
import { useWho } from './useWho'
import WhoLine from './WhoLine.vue'

/** Lets the classroom's devices into this rally, and out again. */
const id = String(useRoute().params.rally)
const { who } = useWho()
const passes = useLoad(() => ask(api.GET('/api/rallies/{id}/passes', { params: { path: { id } } })))
void passes.load()
const refusal = ref<Refusal>()
const of = (kind: PassKind) => computed(() => passes.data.value?.filter((p) => p.kind === kind) ?? [])
const judges = of('judge')
const walls = of('wall')

async function make(kind: PassKind) {
  const answer = await ask(api.POST('/api/rallies/{id}/passes', { params: { path: { id } }, body: { kind } }))
  refusal.value = answer.ok || answer.offline ? undefined : answer.refusal
  await passes.load()
}
async function end(pass: string) {
  await ask(api.DELETE('/api/rallies/{id}/passes/{pass}', { params: { path: { id, pass } } }))
  await passes.load()
}
</script>

<template>
  <main id="main" class="desk">
    <StationHead title="Judges and walls" next="A code lets a device into this rally and nowhere else." />
    <p v-if="who && !who.lan" class="note heed">
      Only this computer is served now. To let devices of the classroom in, start it with
      <code>./rally start --lan</code>.
    </p>
    <p v-if="refusal" class="wrong" role="alert">{{ refusal.title }} {{ refusal.detail }}</p>
    <LoadNote
      v-if="!passes.data.value"
      :state="passes.state.value"
      :refusal="passes.refusal.value"
      what="the codes"
      @again="passes.load"
    />
    <template v-else>
      <section aria-labelledby="judges">
        <h2 id="judges">Judges</h2>
        <p class="muted">
          A judge points the camera at the picture, or opens the address and types the code. Several may use one code;
          each gives a name.
        </p>
        <PassList :passes="judges" @end="end" />
        <Button
          label="Make a code for judges"
          :variant="judges.length > 0 ? 'outlined' : undefined"
          @click="make('judge')"
        />
      </section>
      <section aria-labelledby="walls">
        <h2 id="walls">Walls</h2>
        <p class="muted">A wall shows what you choose under Run, and can change nothing.</p>
        <PassList :passes="walls" @end="end" />
        <Button
          label="Make a link for a wall"
          :variant="walls.length > 0 ? 'outlined' : undefined"
          @click="make('wall')"
        />
      </section>
    </template>
    <WhoLine />
  </main>
</template>

<style scoped>
.note {
  margin-top: 0.75rem;
}
section :deep(button) {
  min-height: var(--touch);
  margin-top: 0.5rem;
}
</style>
