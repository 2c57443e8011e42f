<script setup lang="ts">
import Button from 'primevue/button'
import { computed, ref } from 'vue'
import { api, ask, refusalOf, type Answer } from '@/api/client'
import type { DoneTogether, Refusal } from '@/api/names'
import AskRemoval from '@/shared/AskRemoval.vue'
import RefusalNote from '@/shared/RefusalNote.vue'
import { countOf } from '@/shared/numbers'

/** What is done to all rallies of the day at once: their teams are told apart, their rounds closed. */
const props = defineProps<{ day: string; left: number }>()
const emit = defineEmits<{ changed: [] }>()
const path = { id: props.day }
const refusal = ref<Refusal>()
const came = ref<DoneTogether>()
const said = ref('')
const closing = ref<string>()
const leftSays = computed(() => {
  if (props.left === 0) return 'All teams have been tested.'
  return props.left === 1 ? '1 team has not been tested.' : `${props.left} teams have not been tested.`
})
const inRallies = (n: number) => countOf(n, 'rally', 'rallies')
/** Shows what came of something that was done to all rallies. */
function show(answer: Answer<DoneTogether>, says: (rallies: number) => string) {
  refusal.value = refusalOf(answer)
  if (!answer.ok) return
  came.value = answer.data
  said.value = says(answer.data.rallies)
  emit('changed')
}
const tellApart = async () =>
  show(await ask(api.POST('/api/days/{id}/apart', { params: { path } })), (rallies) =>
    rallies === 0
      ? 'All teams of the day have short codes and pennants of their own already.'
      : `Teams have new short codes and pennants in ${inRallies(rallies)}. Print their labels again.`,
  )
const close = async () =>
  show(await ask(api.POST('/api/days/{id}/close', { params: { path } })), (rallies) =>
    rallies === 0
      ? 'All rounds are closed already.'
      : `The round is closed in ${inRallies(rallies)}. Nothing more is recorded in it.`,
  )
</script>

<template>
  <section aria-labelledby="together">
    <h2 id="together">All classes at once</h2>
    <div class="touch-row">
      <Button type="button" label="Tell teams apart" variant="outlined" class="touch" @click="tellApart" />
      <Button
        type="button"
        label="Close all rounds"
        variant="outlined"
        severity="secondary"
        class="touch"
        @click="closing = day"
      />
    </div>
    <p class="small muted">
      “Tell teams apart” gives every team a short code and a pennant that no other team of the day has.
    </p>
    <p v-if="said" role="status">{{ said }}</p>
    <p v-for="p in came?.problems ?? []" :key="p.what" class="wrong" role="alert">{{ p.what }} {{ p.remedy }}</p>
    <RefusalNote :refusal="refusal" />
    <AskRemoval
      v-model="closing"
      verb="Close"
      what="all rounds of the day"
      :goes="`${leftSays} Nothing more can be recorded after that.`"
      back="You can reopen each round on its Score page."
      @yes="close"
    />
  </section>
</template>

<style scoped>
section {
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: var(--space-3);
  padding-top: var(--space-5);
}
</style>
