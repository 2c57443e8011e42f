<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import Button from 'primevue/button'
import { computed, ref, watch } from 'vue'
import { api, ask, refusalOf } from '@/api/client'
import type { Refusal } from '@/api/names'
import HowToConnect from '@/access/HowToConnect.vue'
import PassList from '@/access/PassList.vue'
import LoadNote from '@/shared/LoadNote.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import StationHead from '@/shared/StationHead.vue'
import { useLoad } from '@/shared/useLoad'
import { done } from '@/shared/useDone'
import { useDay } from './useDay'

/** The helpers' code of a day, for all its rallies: the picture for a camera, and what is typed. */
const props = defineProps<{ day: string }>()
const day = useDay(props.day)
const rallies = computed(() => day.data.value?.rallies.map((r) => r.rally) ?? [])
const first = computed(() => rallies.value[0])
const refusal = ref<Refusal>()
const passes = useLoad(() => ask(api.GET('/api/rallies/{id}/passes', { params: { path: { id: first.value! } } })))
/** The network may change under an open page; pictures and addresses follow. */
const load = () => first.value && void passes.load()
watch(first, load)
useIntervalFn(load, 10_000)
/** Of those of its first rally, the codes that open all others too. */
const ofDay = computed(
  () => passes.data.value?.passes.filter((p) => p.kind === 'helper' && p.also.length >= rallies.value.length - 1) ?? [],
)
async function make() {
  const answer = await ask(
    api.POST('/api/rallies/{id}/passes', {
      params: { path: { id: first.value! } },
      body: { kind: 'helper', also: rallies.value.slice(1) },
    }),
  )
  refusal.value = refusalOf(answer)
  await passes.load()
}
async function end(pass: string) {
  await done(api.DELETE('/api/rallies/{id}/passes/{pass}', { params: { path: { id: first.value!, pass } } }))
  await passes.load()
}
</script>

<template>
  <main id="main" class="desk stack">
    <StationHead
      title="Helpers’ code"
      :next="`${day.data.value?.name ?? 'The day'}: one code opens all its rallies, and leads to the helpers’ page.`"
    >
      <RouterLink class="small" :to="`/days/${props.day}`">Back to the day</RouterLink>
    </StationHead>
    <LoadNote
      v-if="!day.data.value"
      :state="day.state.value"
      :refusal="day.refusal.value"
      what="the day"
      @again="day.load"
    />
    <p v-else-if="!first" class="muted">No rallies in this fair day yet. Add them to its plan first.</p>
    <LoadNote
      v-else-if="!passes.data.value"
      :state="passes.state.value"
      :refusal="passes.refusal.value"
      what="the codes"
      @again="passes.load"
    />
    <template v-else>
      <HowToConnect :addresses="passes.data.value.addresses" />
      <p class="muted">
        A helper points the camera at the code, or opens the address and types the code. Several may use one code; each
        gives a name.
      </p>
      <PassList :passes="ofDay" @end="end" />
      <RefusalNote :refusal="refusal" />
      <Button
        class="touch"
        label="Make a code for the day"
        :variant="ofDay.length > 0 ? 'outlined' : undefined"
        @click="make"
      />
    </template>
  </main>
</template>

<style scoped>
.touch {
  justify-self: start;
  margin-top: var(--space-4);
}
</style>
