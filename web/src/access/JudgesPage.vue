<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { useRoute } from 'vue-router'
import { api, ask, refusalOf } from '@/api/client'
import type { PassKind, Refusal } from '@/api/names'
import LoadNote from '@/shared/LoadNote.vue'
import { useRally } from '@/shared/openRally'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'
import HowToConnect from './HowToConnect.vue'
import PassList from './PassList.vue'
import WhoLine from './WhoLine.vue'
import { done } from '@/shared/useDone'
import { tierName } from '@/shared/tierName'

/** Lets the classroom's devices into this rally, and out again. */
const id = String(useRoute().params.rally)
const passes = useLoad(() => ask(api.GET('/api/rallies/{id}/passes', { params: { path: { id } } })))
void passes.load()
/** The network may change under an open page; pictures and addresses follow. */
useIntervalFn(() => void passes.load(), 10_000)
const refusal = ref<Refusal>()
const of = (kind: PassKind) => computed(() => passes.data.value?.passes.filter((p) => p.kind === kind) ?? [])
const judges = of('judge')
const walls = of('wall')
const teams = of('team')

/** Other rallies of the same day: a code for judges may open them too. */
const shelf = useLoad(() => ask(api.GET('/api/rallies')))
void shelf.load()
const day = computed(() => shelf.data.value?.find((r) => r.id === id)?.date)
const { rally } = useRally()
/** The lesson's other tiers are opened by every code. */
const beside = computed(() => rally.value?.beside ?? [])
const sameDay = computed(() =>
  (shelf.data.value ?? []).filter(
    (r) => r.id !== id && !r.archived && day.value && r.date === day.value && !beside.value.some((b) => b.id === r.id),
  ),
)
const also = ref<string[]>([])

async function make(kind: PassKind) {
  const body = { kind, also: kind === 'judge' ? also.value : [] }
  const answer = await ask(api.POST('/api/rallies/{id}/passes', { params: { path: { id } }, body }))
  refusal.value = refusalOf(answer)
  await passes.load()
}
async function end(pass: string) {
  await done(api.DELETE('/api/rallies/{id}/passes/{pass}', { params: { path: { id, pass } } }))
  await passes.load()
}
async function chooseAgain(device: string) {
  await done(api.DELETE('/api/rallies/{id}/team-devices/{device}', { params: { path: { id, device } } }))
  await passes.load()
}
async function letStrike(strikeOthers: boolean) {
  await done(api.PUT('/api/rallies/{id}/judges', { params: { path: { id } }, body: { strikeOthers } }))
  await passes.load()
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead
      title="Judges, teams and walls"
      next="A code lets a device into the rallies that it is for, and nowhere else."
    />
    <p v-if="beside.length > 0">
      A code for judges or walls opens all tiers of this lesson:
      {{ [rally, ...beside].map((r) => tierName(r?.tier)).join(', ') }}. Each tier has its own code for teams.
    </p>
    <HowToConnect :addresses="passes.data.value?.addresses ?? []" />
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
          A judge points the camera at the code, or opens the address and types the code. Several may use one code; each
          gives a name.
        </p>
        <PassList :passes="judges" @end="end" />
        <fieldset v-if="sameDay.length > 0" class="also">
          <legend class="small muted">A new code also opens</legend>
          <label v-for="r in sameDay" :key="r.id"
            ><input v-model="also" type="checkbox" :value="r.id" /> {{ r.name }}</label
          >
        </fieldset>
        <Button
          label="Make a code for judges"
          :variant="judges.length > 0 ? 'outlined' : undefined"
          @click="make('judge')"
        />
        <p class="may">
          <label>
            <input
              type="checkbox"
              :checked="passes.data.value.strikeOthers"
              @change="letStrike(($event.target as HTMLInputElement).checked)"
            />
            Judges may cross out what others recorded
          </label>
          <span class="small muted">If not, each judge can cross out only their own entries.</span>
        </p>
      </section>
      <section aria-labelledby="teams">
        <h2 id="teams">Teams</h2>
        <p class="muted">
          A team’s own device answers the debrief questions, says what it learned, and votes. It sees its own words
          only. One code does for all teams; each says which one it is.
        </p>
        <PassList :passes="teams" @end="end" />
        <ul v-if="passes.data.value.teamDevices.length > 0" aria-label="Devices that speak for a team">
          <li v-for="v in passes.data.value.teamDevices" :key="v.device">
            One device speaks for {{ v.team }}.
            <button type="button" class="act" :aria-label="`Reset team: ${v.team}`" @click="chooseAgain(v.device)">
              Reset team
            </button>
          </li>
        </ul>
        <Button
          label="Make a code for teams"
          :variant="teams.length > 0 ? 'outlined' : undefined"
          @click="make('team')"
        />
      </section>
      <section aria-labelledby="walls">
        <h2 id="walls">Walls</h2>
        <p class="muted">A wall shows what you choose under Run. It cannot change anything.</p>
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
section :deep(button) {
  min-height: var(--touch);
  margin-top: var(--space-3);
}
.also {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  border: 0;
  margin: 0;
  padding: var(--space-3) 0 0;
}
.may {
  display: flex;
  flex-wrap: wrap;
  gap: var(--space-2) var(--space-5);
  padding-top: var(--space-4);
}
.may label {
  display: inline-flex;
  align-items: center;
  gap: var(--space-3);
}
</style>
